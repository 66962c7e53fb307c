import { rollup } from 'rollup'
import { filesOf } from './files'
import { merged, type Group } from './groups'

const big = (name: string) => `export const ${name} = () => console.log('${name}${'.'.repeat(60_000)}')`

/** Two pages that take one thing each, and one both, out of a file that hands all on; a part that is asked for later. */
const SOURCES: Readonly<Record<string, string>> = {
  '/app/entry.js': `import './kit.js'; export const pages = [() => import('/app/pages/index.vue'), () => import('/app/pages/lab.vue')]
    import('/virtual:pwa-register')`,
  '/app/kit.js': `console.log('kit')`,
  '/virtual:pwa-register': `export const registerSW = () => console.log('kept')`,
  '/app/parts.js': `export * from '/app/both.js'
    import { home as renamed } from '/app/home.js'
    export { renamed as home }
    export { default as lab } from '/app/lab.js'`,
  '/app/both.js': big('both'),
  '/app/home.js': big('home'),
  '/app/lab.js': `import '/app/kit.js'; ${big('made')}; export default made`,
  '/app/later.js': big('later'),
  '/app/pages/index.vue': `import { both, home } from '/app/parts.js'; export default [both, home, () => import('/app/later.js')]`,
  '/app/pages/lab.vue': `import { both, lab } from '/app/parts.js'; export default [both, lab]`,
}

/** The modules of each file that the bundler makes of `SOURCES`. */
async function built() {
  const bundle = await rollup({
    input: '/app/entry.js',
    plugins: [
      {
        name: 'sources',
        resolveId: (source) => (source === './kit.js' ? '/app/kit.js' : source),
        load: (id) => ({ code: SOURCES[id]!, moduleSideEffects: id === '/app/kit.js' }),
      },
    ],
  })
  let files: ReturnType<typeof filesOf> | undefined
  const { output } = await bundle.generate({
    onlyExplicitManualChunks: true,
    // As in nuxt.config.ts: what has no file of its own is put beside something else.
    experimentalMinChunkSize: 3000,
    manualChunks: (id, modules) => (files ??= filesOf(modules)).get(id),
  })
  return output.flatMap((file) => (file.type === 'chunk' ? [file] : []))
}

describe('the files of the pages', () => {
  test('what both pages need lies apart from what one needs, however it is handed on', async () => {
    const files = await built()
    const withModule = (id: string) => files.find(({ moduleIds }) => moduleIds.includes(id))!
    expect(withModule('/app/home.js').moduleIds).toContain('/app/pages/index.vue')
    expect(withModule('/app/home.js').moduleIds).not.toContain('/app/both.js')
    expect(withModule('/app/home.js').moduleIds).not.toContain('/app/lab.js')
    expect(withModule('/app/lab.js').moduleIds).toContain('/app/pages/lab.vue')
    expect(withModule('/app/both.js').moduleIds).toEqual(['/app/both.js'])
    expect(withModule('/app/kit.js').moduleIds).toContain('/app/entry.js')
    expect(withModule('/app/later.js').moduleIds).toEqual(['/app/later.js'])
    expect(withModule('/virtual:pwa-register').moduleIds).toEqual(['/virtual:pwa-register'])
  })
})

describe('putting groups together', () => {
  const group = (pages: bigint, bytes: number, id: string): Group => ({ pages, bytes, ids: [id] })
  const sets = (groups: readonly Group[]) => groups.map(({ ids }) => [...ids].sort().join(' ')).sort()

  test.each<[string, readonly Group[], readonly number[], readonly string[]]>([
    ['the same pages always', [group(1n, 9000, 'a'), group(1n, 9000, 'b')], [1], ['a b']],
    ['a little that few do not need', [group(3n, 9000, 'a'), group(1n, 400, 'b')], [1, 1], ['a b']],
    ['not much that others do not need', [group(3n, 9000, 'a'), group(1n, 600, 'b')], [1, 1], ['a', 'b']],
    ['more where it is opened often', [group(3n, 9000, 'a'), group(1n, 600, 'b')], [6, 1], ['a b']],
    ['never what no page needs together', [group(1n, 1, 'a'), group(2n, 1, 'b')], [1, 1], ['a', 'b']],
    ['none', [], [], []],
  ])('%s', (_, groups, weights, expected) => {
    expect(sets(merged(groups, weights))).toEqual(expected)
  })
})
