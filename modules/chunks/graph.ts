import type { parseSync } from 'vite'

type ModuleRecord = ReturnType<typeof parseSync>['module']
type Import = ModuleRecord['staticImports'][number]['entries'][number]
type Export = ModuleRecord['staticExports'][number]['entries'][number]
type Name = Import['importName'] | Export['exportName'] | Export['importName']

/** What a module takes from others and gives to others, by names. */
export interface Links {
  readonly imports: readonly { readonly from: string; readonly entries: readonly Import[] }[]
  /** None in `from`: made here. */
  readonly exports: readonly { readonly from: string | null; readonly entry: Export }[]
}

const nameOf = ({ kind, name }: Name) => (kind === 'Default' ? 'default' : name)
/** Everything that a module gives, as one thing. */
const isWhole = ({ kind }: Name) => kind === 'NamespaceObject' || kind === 'All'

/** Which modules come along with which, once names are followed through files that only hand them on. */
export class Graph {
  readonly #links: ReadonlyMap<string, Links>
  readonly #next = new Map<string, readonly string[]>()

  constructor(links: ReadonlyMap<string, Links>) {
    this.#links = links
  }

  /** Every module that comes along with these, themselves too. */
  closure(roots: readonly string[]): Set<string> {
    const seen = new Set(roots)
    for (const id of seen) for (const next of this.#brought(id)) seen.add(next)
    return seen
  }

  #exports(id: string): Links['exports'] {
    return this.#links.get(id)?.exports ?? []
  }

  #brought(id: string): readonly string[] {
    const known = this.#next.get(id)
    if (known) return known
    const brought = (this.#links.get(id)?.imports ?? []).flatMap(({ from, entries }) =>
      entries.length ? entries.flatMap(({ importName }) => this.#homes(from, importName)) : [from],
    )
    const next = [...new Set(brought)]
    this.#next.set(id, next)
    return next
  }

  /** The modules in which what `id` gives under a name is really made. */
  #homes(id: string, name: Name): readonly string[] {
    if (!isWhole(name)) return [this.#home(id, nameOf(name)) ?? id]
    const handed = this.#exports(id).flatMap(({ from, entry }) => (from ? [[from, entry.importName] as const] : []))
    return [id, ...handed.flatMap(([from, one]) => this.#homes(from, one))]
  }

  #home(id: string, name: Name['name'], asked = new Set<string>()): string | undefined {
    // Two that hand on all of each other.
    const question = `${id} ${name}`
    if (asked.has(question)) return undefined
    asked.add(question)
    const given = this.#exports(id).find(({ entry }) => nameOf(entry.exportName) === name)
    if (given) {
      const { from, entry } = given
      if (!from || isWhole(entry.importName)) return from ?? id
      return this.#home(from, nameOf(entry.importName), asked) ?? from
    }
    for (const { from, entry } of this.#exports(id)) {
      const home = from && entry.importName.kind === 'AllButDefault' && this.#home(from, name, asked)
      if (home) return home
    }
    return undefined
  }
}
