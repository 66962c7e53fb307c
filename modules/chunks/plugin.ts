import { parseSync, type Plugin, type Rolldown } from 'vite'
import { filesOf } from './files'
import type { Links } from './graph'

/** Vite's own, which it adds to what it has read: not among the module's own words. */
const ADDED = /^\0vite\//

/** What each word that a module names others by stands for. */
async function namedBy(context: Rolldown.PluginContext, { id, importedIds }: Rolldown.ModuleInfo, named: Set<string>) {
  const ids = importedIds.filter((one) => !ADDED.test(one))
  // In the order of the words; two words for one module count once, and then each is looked up: that takes eight seconds for all.
  const known = ids.length === named.size
  const sources = [...named].map(async (source, n) => {
    const to = known ? ids[n] : (await context.resolve(source, id))?.id
    return [source, to ?? source] as const
  })
  return new Map(await Promise.all(sources))
}

async function linksOf(context: Rolldown.PluginContext, info: Rolldown.ModuleInfo): Promise<Links> {
  const { module } = parseSync('module.js', info.code ?? '')
  // What was written for Node.js brings all that it names.
  if (!module.hasModuleSyntax) return { imports: info.importedIds.map((from) => ({ from, entries: [] })), exports: [] }
  const exports = module.staticExports.flatMap(({ entries }) => entries)
  const named = new Set(
    [...module.staticImports, ...exports]
      .flatMap(({ moduleRequest }) => moduleRequest ?? [])
      .toSorted((a, b) => a.start - b.start)
      .map(({ value }) => value),
  )
  const ids = await namedBy(context, info, named)
  return {
    imports: module.staticImports.map(({ moduleRequest, entries }) => ({
      from: ids.get(moduleRequest.value)!,
      entries,
    })),
    exports: exports.map((entry) => ({ from: entry.moduleRequest && ids.get(entry.moduleRequest.value)!, entry })),
  }
}

/** Lays modules into files as `filesOf` says. */
export function chunks(): Plugin {
  let files: ReadonlyMap<string, string> = new Map()
  return {
    name: 'chunks',
    async buildEnd(failed) {
      if (failed) return
      const infos = [...this.getModuleIds()].flatMap((id) => this.getModuleInfo(id) ?? [])
      const links = await Promise.all(infos.map(async (info) => [info.id, await linksOf(this, info)] as const))
      files = filesOf(infos, new Map(links))
    },
    outputOptions: (options) => ({
      ...options,
      codeSplitting: {
        // Else a file takes along whatever stands behind the files that hand things on.
        includeDependenciesRecursively: false,
        groups: [{ debugName: 'pages', name: (id) => files.get(id) ?? null }],
      },
    }),
  }
}
