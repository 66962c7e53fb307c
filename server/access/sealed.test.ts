import { COOKIES, type Role } from './roles'
import { isSealedFor, keyFor, mark } from './sealed'

const HASH = 'aabb.00112233445566778899'
const ROLES = Object.keys(COOKIES) as Role[]

test('every role has a cookie and a key of its own, and each installation other keys', () => {
  expect(new Set(ROLES.map((role) => COOKIES[role].name)).size).toBe(ROLES.length)
  expect(new Set(ROLES.flatMap((role) => [keyFor(role, 'one'), keyFor(role, 'two')])).size).toBe(2 * ROLES.length)
})

test.each(ROLES.flatMap((sealed) => ROLES.map((asked) => [sealed, asked] as const)))(
  'sealed for a %s, asked for a %s',
  (sealed, asked) => {
    const data = { role: sealed, passcode: mark(HASH), helper: 'h' }
    expect(isSealedFor(asked, data, HASH)).toBe(sealed === asked)
  },
)

test('nothing counts under another passcode, without one, or without a role', () => {
  expect(isSealedFor('referee', { role: 'referee', passcode: mark(HASH) }, `${HASH}f`)).toBe(false)
  expect(isSealedFor('referee', { role: 'referee', passcode: mark('') }, '')).toBe(false)
  expect(isSealedFor('referee', { passcode: mark(HASH) }, HASH)).toBe(false)
})
