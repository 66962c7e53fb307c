import { parseSync } from 'vite'

/** A file that a package was bundled into, as the parts that it was made of. */
export interface Parts {
  /** What stands in the file's place: hands on what its parts make. */
  readonly whole: string
  /** The code of each part, under the id that `whole` and the other parts name it by. */
  readonly parts: ReadonlyMap<string, string>
}

/** What a bundler writes before the code of each source. */
const MARK = /^\/\/#region .+$/gm
const WORD = /[\w$]+/g

/** What a statement at a file's top makes. */
function madeBy(statement: ReturnType<typeof parseSync>['program']['body'][number]): readonly string[] {
  if (statement.type === 'FunctionDeclaration' || statement.type === 'ClassDeclaration')
    return statement.id ? [statement.id.name] : []
  if (statement.type !== 'VariableDeclaration') return []
  return statement.declarations.flatMap(({ id }) => (id.type === 'Identifier' ? [id.name] : []))
}

/**
 * Takes a bundled file apart where its bundler left marks, so that a page is sent those of its parts that it uses. A word that
 * only looks like another part's name brings that part along: at worst too much comes, never too little. No part may change
 * what another one made: the build refuses that.
 */
export function partsOf(id: string, code: string): Parts {
  const { program, module } = parseSync(id, code)
  const marks = [...code.matchAll(MARK)].map(({ index }) => index)
  const partAt = (at: number) => `${id}?part=${marks.filter((mark) => mark <= at).length}`
  const texts = new Map<string, string[]>()
  const homes = new Map<string, string>()
  for (const statement of program.body) {
    if (/^(?:Import|Export)/.test(statement.type)) continue
    const part = partAt(statement.start)
    texts.set(part, [...(texts.get(part) ?? []), code.slice(statement.start, statement.end)])
    for (const name of madeBy(statement)) homes.set(name, part)
  }
  const imports = new Map(
    module.staticImports.flatMap(({ moduleRequest, entries }) =>
      entries.map(({ importName, localName }) => [
        localName.value,
        importName.kind === 'NamespaceObject'
          ? `import * as ${localName.value} from '${moduleRequest.value}'`
          : `import { ${importName.kind === 'Default' ? 'default' : importName.name} as ${localName.value} } from '${moduleRequest.value}'`,
      ]),
    ),
  )
  const taken = (name: string, part: string) => {
    const home = homes.get(name)
    return home ? (home === part ? [] : [`import { ${name} } from '${home}'`]) : (imports.get(name) ?? [])
  }
  const parts = new Map(
    [...texts].map(([part, statements]) => {
      const text = statements.join('\n')
      const made = [...homes].flatMap(([name, home]) => (home === part ? [name] : []))
      const words = [...new Set(text.match(WORD))].flatMap((word) => taken(word, part))
      return [part, [...words, text, `export { ${made.join(', ')} }`].join('\n')] as const
    }),
  )
  const handed = program.body.flatMap((statement) => {
    if (statement.type === 'ExportAllDeclaration') return [code.slice(statement.start, statement.end)]
    if (statement.type === 'ExportDefaultDeclaration')
      throw new Error(`${id}: what is handed on by default has no name.`)
    if (statement.type !== 'ExportNamedDeclaration') return []
    if (statement.source) return [code.slice(statement.start, statement.end)]
    return statement.specifiers.map(({ start, end, local }) => {
      const name = code.slice(local.start, local.end)
      const home = homes.get(name)
      const as = `export { ${code.slice(start, end)} }`
      return home ? `${as} from '${home}'` : `${imports.get(name)}\n${as}`
    })
  })
  return { whole: handed.join('\n'), parts }
}
