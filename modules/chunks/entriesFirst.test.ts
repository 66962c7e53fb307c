import { precomputeDependencies } from 'vue-bundle-renderer'
import { entriesFirst } from './entriesFirst'

const script = { resourceType: 'script', module: true, preload: true } as const
/** As the bundler makes it: the first file asks for the entry, for what the bundler itself put there. */
const manifest = (order: readonly string[]) => {
  const files = {
    entry: { ...script, file: 'entry.js', isEntry: true, imports: ['first'] },
    first: { ...script, file: 'first.js', imports: ['entry'], css: ['first.css'] },
    page: { ...script, file: 'page.js', imports: ['first'] },
    'first.css': { resourceType: 'style', file: 'first.css', preload: true } as const,
  }
  return Object.fromEntries(order.map((id) => [id, files[id as keyof typeof files]]))
}

test.each([
  [['entry', 'first', 'page', 'first.css']],
  [['first', 'first.css', 'page', 'entry']],
  [['page', 'entry', 'first', 'first.css']],
])('a page has its styles whatever its files are called: %j', (order) => {
  const made = manifest(order)
  entriesFirst(made)
  expect(Object.keys(made).sort()).toEqual([...order].sort())
  const { dependencies } = precomputeDependencies(made)
  expect(Object.keys(dependencies.entry!.styles)).toEqual(['first.css'])
  expect(Object.keys(dependencies.entry!.preload)).toContain('first')
})
