import { DrizzleQueryError } from 'drizzle-orm'
import { plainError } from './plainError'

const cause = Object.assign(new Error('invalid input: "Ines"'), {
  ...{ severity: 'ERROR', code: '22P02', detail: 'Key (name)=(Ines) exists.', table: 'people', routine: 'parse' },
})

test.each([
  ['a query', new DrizzleQueryError('select name from people where name = $1', ['Ines'], cause)],
  ['the database itself', cause],
])('of %s nothing is told that was in it', (_, error) => {
  const says = plainError(error)
  expect(says).not.toContain('Ines')
  expect(says).toContain('code 22P02, table people, routine parse')
  expect(says).toMatch(/\n\s+at /)
})

test('an error of ours says what it says, on one line, and where', () => {
  expect(plainError(new TypeError('no such thing\nparams: Ines'))).toMatch(/^TypeError: no such thing\n\s+at /)
  expect(plainError('Ines')).not.toContain('Ines')
})
