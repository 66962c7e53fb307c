import { sourcesOf } from './sources'

/** Every custom property that a style asks for without saying what else to take is set somewhere, or the library's own. */
test('no style asks for a token that nobody sets', () => {
  const sources = sourcesOf('app')
  // An icon's drawing is set by the styles that a module makes.
  const set = new Set(
    [...sources, ...sourcesOf('modules')].flatMap(({ text }) =>
      [...text.matchAll(/(--[\w-]+)['"]?\s*:/g)].map(([, name]) => name),
    ),
  )
  const asked = sources.flatMap(({ path, text }) =>
    [...text.matchAll(/\(\s*(--[\w-]+)\s*\)/g)].map(([, name]) => ({ path, name: name! })),
  )
  expect(asked.length).toBeGreaterThan(100)
  expect(asked.filter(({ name }) => !set.has(name) && !name.startsWith('--ui-'))).toEqual([])
})
