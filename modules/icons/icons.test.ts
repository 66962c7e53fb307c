import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { icons } from '@iconify-json/lucide'

const ICONS = new Set([...Object.keys(icons.icons), ...Object.keys(icons.aliases ?? {})])
const sources = readdirSync('app', { recursive: true, encoding: 'utf8' })
  .filter((path) => /\.(vue|ts|css)$/.test(path))
  .map((path) => [path, readFileSync(join('app', path), 'utf8')] as const)

test('every icon that the application names is there, and named whole: its style is found by the name', () => {
  const named = sources.flatMap(([path, text]) =>
    // Nuxt UI's own stand in one list, in main.css.
    [...text.matchAll(/i-lucide-(?:\{([\w,-]*)\}|([\w-]*))/g)].flatMap(([, list, name = '']) =>
      (list?.split(',') ?? [name]).map((name) => ({ path, name })),
    ),
  )
  expect(named.length).toBeGreaterThan(100)
  expect(named.filter(({ name }) => !ICONS.has(name))).toEqual([])
})
