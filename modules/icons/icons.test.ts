import { icons } from '@iconify-json/lucide'
import { sourcesOf } from '../../tests/unit/sources'

const ICONS = new Set([...Object.keys(icons.icons), ...Object.keys(icons.aliases ?? {})])

test('every icon that the application names is there, and named whole: its style is found by the name', () => {
  const named = sourcesOf('app').flatMap(({ path, text }) =>
    // Nuxt UI's own stand in one list, in main.css.
    [...text.matchAll(/i-lucide-(?:\{([\w,-]*)\}|([\w-]*))/g)].flatMap(([, list, name = '']) =>
      (list?.split(',') ?? [name]).map((name) => ({ path, name })),
    ),
  )
  expect(named.length).toBeGreaterThan(100)
  expect(named.filter(({ name }) => !ICONS.has(name))).toEqual([])
})
