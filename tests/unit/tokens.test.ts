import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

/** Every custom property that a style asks for without saying what else to take is set somewhere, or the library's own. */
const APP = join(__dirname, '../../app')
const sources = readdirSync(APP, { recursive: true, encoding: 'utf8' })
  .filter((path) => /\.(vue|css|ts)$/.test(path))
  .map((path) => ({ path, text: readFileSync(join(APP, path), 'utf8') }))

test('no style asks for a token that nobody sets', () => {
  const set = new Set(sources.flatMap(({ text }) => [...text.matchAll(/(--[\w-]+)['"]?\s*:/g)].map(([, name]) => name)))
  const asked = sources.flatMap(({ path, text }) =>
    [...text.matchAll(/\(\s*(--[\w-]+)\s*\)/g)].map(([, name]) => ({ path, name: name! })),
  )
  expect(asked.length).toBeGreaterThan(100)
  expect(asked.filter(({ name }) => !set.has(name) && !name.startsWith('--ui-'))).toEqual([])
})
