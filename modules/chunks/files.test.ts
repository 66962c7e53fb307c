import { execFileSync } from 'node:child_process'
import { join } from 'node:path'
import { merged, type Group } from './groups'

/** The modules of each file that the bundler makes of the sample. Jest can't load the bundler itself. */
function built(): readonly (readonly string[])[] {
  const sample = ['--import', 'tsx', join(__dirname, 'sample.ts')]
  return JSON.parse(execFileSync(process.execPath, sample, { encoding: 'utf8' }))
}

describe('the files of the pages', () => {
  test('what both pages need lies apart from what one needs, however it is handed on', () => {
    const files = built()
    const withModule = (id: string) => files.find((ids) => ids.includes(id))
    expect(withModule('/app/home.js')).toContain('/app/pages/index.vue')
    expect(withModule('/app/home.js')).not.toContain('/app/both.js')
    expect(withModule('/app/home.js')).not.toContain('/app/lab.js')
    expect(withModule('/app/two.js')).toContain('/app/pages/index.vue')
    expect(withModule('/app/lab.js')).toContain('/app/pages/lab.vue')
    expect(withModule('/app/both.js')).toEqual(['/app/both.js', '/app/bundled.js?part=1'])
    expect(withModule('/app/kit.js')).toEqual(['/app/kit.js'])
    // With what the bundler itself adds.
    expect(withModule('/app/entry.js')).toEqual(['\0vite/preload-helper.js', '/app/entry.js'])
    expect(withModule('/app/later.js')).toEqual(['/app/later.js'])
    expect(withModule('/workbox-window/kept.js')).toEqual(['/workbox-window/kept.js'])
  })

  test('what a package was bundled into lies with the pages that use its parts; what nobody uses is nowhere', () => {
    const files = built()
    const withModule = (id: string) => files.find((ids) => ids.includes(id))
    expect(withModule('/app/bundled.js?part=2')).toContain('/app/pages/index.vue')
    expect(withModule('/app/bundled.js?part=3')).toContain('/app/pages/lab.vue')
    expect(files.flat()).not.toContain('/app/bundled.js')
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
