import { spawnSync } from 'node:child_process'

const start = (...options: string[]) => spawnSync('node', ['bin/lib/start.mjs', ...options], { encoding: 'utf8' })

test.each([
  [['--port', ''], '--port needs a value.'],
  [['--host', ''], '--host needs a value.'],
  [['--port'], 'bin/start does not know that'],
  [['--fast'], 'bin/start does not know that'],
  [['quickly'], 'bin/start does not know that'],
  [['--passcode', 'short'], 'A passcode has at least 6 characters.'],
  [['--restore', '/there/is/none.json'], 'There is no file /there/is/none.json.'],
  [['--restore', '/tmp'], 'There is no file /tmp.'],
])('%j is refused before anything is done', (options, says) => {
  const { status, stderr, stdout } = start(...options)
  expect([status, stdout]).toEqual([2, ''])
  expect(stderr).toContain(says)
})

test('its options are told', () => {
  const { status, stdout } = start('--help')
  expect(status).toBe(0)
  expect(stdout).toContain('usage: bin/start')
})
