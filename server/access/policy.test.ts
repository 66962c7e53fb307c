import { hashPasscode, makePasscode, verifyPasscode } from './hash'
import { hostName, isHelpers, isLoopback, isOpen } from './policy'

test.each([
  ['127.0.0.1', true],
  ['127.8.9.1', true],
  ['localhost', true],
  ['::1', true],
  ['[::1]', true],
  ['::ffff:127.0.0.1', true],
  ['0.0.0.0', false],
  ['192.168.0.4', false],
  ['127.0.0.1.example', false],
  ['localhost.example', false],
  ['', false],
])('%s is this machine: %s', (host, local) => expect(isLoopback(host)).toBe(local))

test.each([
  ['127.0.0.1:3000', '127.0.0.1'],
  ['http://gull.example:80', 'gull.example'],
  ['[::1]:3000', '[::1]'],
  ['null', 'null'],
  ['http://', ''],
])('the host of %s', (value, host) => expect(hostName(value)).toBe(host))

test.each([
  ['GET', '/api/boards/abc123', true],
  ['GET', '/api/boards/abc123/live', true],
  ['GET', '/api/health', true],
  ['GET', '/api/alive', true],
  ['GET', '/api/metrics', true],
  ['GET', '/api/keeper/session', true],
  ['GET', '/api/keeper/rooms', false],
  ['POST', '/api/alive', false],
  ['POST', '/api/session', true],
  ['GET', '/api/session', true],
  ['POST', '/api/boards/abc123', false],
  ['GET', '/api/boards', false],
  ['GET', '/api/boards/abc/../../matches', false],
  ['GET', '/api/matches', false],
  ['POST', '/api/matches/x/entries', false],
  ['GET', '/api/archive', false],
  ['DELETE', '/api/people/x', false],
  ['POST', '/api/helper', true],
  ['GET', '/api/room/boards/abc123', true],
  ['GET', '/api/room/boards/abc123/live', true],
  ['GET', '/api/room/session', false],
  ['POST', '/api/room/tables', false],
])('%s %s without the passcode: %s', (method, path, open) => expect(isOpen(method, path)).toBe(open))

test.each([
  ['GET', '/api/matches/buoy', true],
  ['GET', '/api/matches/buoy/live', true],
  ['POST', '/api/matches/buoy/entries', true],
  ['GET', '/api/matches/buoy/export', false],
  ['PATCH', '/api/matches/buoy', false],
  ['DELETE', '/api/matches/buoy', false],
  ['POST', '/api/matches/buoy/clock', false],
  ['POST', '/api/matches/buoy/board', false],
  ['POST', '/api/matches/buoy/helpers', false],
  ['GET', '/api/matches/lantern', false],
  ['GET', '/api/matches/buoy/../lantern', false],
  ['POST', '/api/matches/lantern/entries', false],
  ['GET', '/api/matches', false],
  ['GET', '/api/live', false],
  ['GET', '/api/people', false],
])('%s %s by a helper at the match buoy: %s', (method, path, may) => expect(isHelpers(method, path, 'buoy')).toBe(may))

test('a passcode is kept as a salted hash and told apart from others', async () => {
  const [one, two] = [await hashPasscode('lantern'), await hashPasscode('lantern')]
  expect(one).not.toBe(two)
  expect(one).not.toContain('lantern')
  expect(await verifyPasscode('lantern', one)).toBe(true)
  expect(await verifyPasscode('Lantern', one)).toBe(false)
  for (const broken of ['', '.', 'zz.zz', one.slice(0, -4)]) expect(await verifyPasscode('lantern', broken)).toBe(false)
  expect(makePasscode()).toMatch(/^[a-z2-9]{4}-[a-z2-9]{4}$/)
})
