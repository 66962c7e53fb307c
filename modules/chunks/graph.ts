interface Named {
  readonly name?: string
  readonly value?: string
}
interface Specifier {
  readonly type: string
  readonly imported?: Named
  readonly local?: Named
  readonly exported?: Named
}
/** A statement of a module that may bring something from another. */
interface Statement {
  readonly type: string
  readonly source?: { readonly value: string } | null
  readonly specifiers?: readonly Specifier[]
}

/** What the bundler knows of a module. */
interface ModuleInfo {
  readonly ast: object | null
  readonly code: string | null
  readonly exports: readonly string[] | null
  readonly importedIds: readonly string[]
  readonly isEntry: boolean
  readonly isIncluded: boolean | null
  readonly moduleSideEffects: unknown
}
export type GetModuleInfo = (id: string) => ModuleInfo | null

const nameOf = (node: Named | undefined) => node?.name ?? node?.value ?? ''

/** Which modules come along with which, once names are followed through files that only hand them on. */
export class Graph {
  readonly #info: GetModuleInfo
  readonly #next = new Map<string, readonly string[]>()
  readonly #naming = new Map<string, readonly (readonly [Statement, string])[]>()

  constructor(info: GetModuleInfo) {
    this.#info = info
  }

  /** Every module that comes along with these, themselves too. */
  closure(roots: readonly string[]): Set<string> {
    const seen = new Set(roots)
    for (const id of seen) for (const next of this.#brought(id)) seen.add(next)
    return seen
  }

  #body(id: string): readonly Statement[] {
    return (this.#info(id)?.ast as { readonly body?: readonly Statement[] } | null | undefined)?.body ?? []
  }

  /** The statements of a module that name others, each with the other's id. */
  #statements(id: string): readonly (readonly [Statement, string])[] {
    const known = this.#naming.get(id)
    if (known) return known
    const body = this.#body(id)
    const sources = [...new Set(body.flatMap(({ source }) => (source ? [source.value] : [])))]
    const naming = body.flatMap((statement): [Statement, string][] => {
      const to = statement.source && this.#info(id)?.importedIds[sources.indexOf(statement.source.value)]
      return to ? [[statement, to]] : []
    })
    this.#naming.set(id, naming)
    return naming
  }

  #brought(id: string): readonly string[] {
    const known = this.#next.get(id)
    if (known) return known
    const brought = this.#statements(id).flatMap(([{ specifiers = [] }, to]) => [
      ...(this.#info(to)?.moduleSideEffects ? [to] : []),
      ...specifiers.map(({ type, imported, local }) =>
        this.#home(to, type === 'ImportDefaultSpecifier' ? 'default' : nameOf(imported ?? local)),
      ),
    ])
    const next = [...new Set(brought)]
    this.#next.set(id, next)
    return next
  }

  /** The module in which a name that `id` gives is really made. */
  #home(id: string, name: string): string {
    const renamed = this.#body(id)
      .filter(({ type, source }) => type === 'ExportNamedDeclaration' && !source)
      .flatMap(({ specifiers = [] }) => specifiers)
      .find(({ exported }) => nameOf(exported) === name)
    const local = renamed ? nameOf(renamed.local) : name
    for (const [{ type, specifiers = [] }, to] of this.#statements(id)) {
      const imports = type === 'ImportDeclaration'
      const given = specifiers.find((one) => (imports ? nameOf(one.local) === local : nameOf(one.exported) === name))
      if (given) return this.#home(to, nameOf(imports ? given.imported : given.local) || 'default')
      if (type !== 'ExportAllDeclaration') continue
      const home = this.#home(to, name)
      if (home !== to || this.#info(to)?.exports?.includes(name)) return home
    }
    return id
  }
}
