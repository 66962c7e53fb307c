import { readFileSync } from 'node:fs'

const read = (path: string) => readFileSync(path, 'utf8')
const { engines, dependencies, devDependencies, overrides, ...others } = JSON.parse(read('package.json')) as {
  engines: { node: string }
  dependencies: Record<string, string>
  devDependencies: Record<string, string>
  overrides: Record<string, string>
  '//overrides': Record<string, string>
}

test('the least Node.js is the same wherever it is named', () => {
  const [, least] = /^>=(\d+\.\d+)$/.exec(engines.node)!
  expect(read('README.md')).toContain(`Node.js ${least} or newer`)
  expect(read('bin/start')).toContain(`needs Node.js ${least} or newer`)
})

test('every version is pinned, and every override says why', () => {
  for (const [name, version] of Object.entries({ ...dependencies, ...devDependencies, ...overrides }))
    expect([name, version]).toEqual([name, expect.stringMatching(/^\d+\.\d+\.\d+$/)])
  const reasons = Object.keys(others['//overrides']).join(', ')
  for (const name of Object.keys(overrides))
    expect(reasons).toContain(name.replace(/@\^[\d.]+$/, '').replace(/^@tailwindcss\/.*/, '@tailwindcss/*'))
})
