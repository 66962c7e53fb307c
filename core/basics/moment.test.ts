import { isoOfDatabase, moment } from '#core/basics/moment'

test.each([
  ['2026-11-28T09:30:00Z', true],
  ['2026-11-28T09:30:00.123456+13:00', true],
  ['9999-12-31T23:59:59Z', true],
  ['0000-01-01T10:00:00Z', false],
  // Its year is 0 in Greenwich.
  ['0001-01-01T00:30:00+05:00', false],
  ['2026-02-30T10:00:00Z', false],
  ['2026-11-28T09:30:00+23:00', false],
  ['2026-11-28', false],
  ['+275760-09-12T00:00:00Z', false],
  ['', false],
])('%s is a moment that can be kept: %s', (at, fits) => expect(moment.safeParse(at).success).toBe(fits))

test.each([
  ['2026-11-28 09:30:00.123456+00', '2026-11-28T09:30:00.123456+00:00'],
  ['2026-11-28 09:30:00+05:30', '2026-11-28T09:30:00+05:30'],
])('the database’s %s is %s', (at, iso) => {
  expect(isoOfDatabase(at)).toBe(iso)
  expect(moment.safeParse(iso).success).toBe(true)
})
