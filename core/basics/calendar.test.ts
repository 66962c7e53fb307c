import { boundsOfDay, dayBeside, dayOf, isDay, isTimeZone, mondayOf, monthsBefore } from '#core/basics/calendar'

test.each([
  ['2026-03-31T12:00:00.000Z', 1, '2026-02-28T12:00:00.000Z'],
  ['2028-03-31T12:00:00.000Z', 1, '2028-02-29T12:00:00.000Z'],
  ['2026-05-31T12:00:00.000Z', 3, '2026-02-28T12:00:00.000Z'],
  ['2026-01-15T12:00:00.000Z', 12, '2025-01-15T12:00:00.000Z'],
  ['2026-11-28T12:00:00.000Z', 0, '2026-11-28T12:00:00.000Z'],
])('%s less %i months is %s', (at, months, before) => expect(monthsBefore(new Date(at), months, 'UTC')).toBe(before))

test('months go by the clocks of the room, also across their change', () => {
  // 10:00 in Berlin is 08:00 in summer and 09:00 in winter.
  expect(monthsBefore(new Date('2026-11-10T09:00:00Z'), 1, 'Europe/Berlin')).toBe('2026-10-10T08:00:00.000Z')
})

test.each([
  ['2026-11-29T20:30:00Z', 'Pacific/Auckland', '2026-11-30'],
  ['2026-11-29T20:30:00Z', 'UTC', '2026-11-29'],
  ['2026-11-29T02:00:00Z', 'America/New_York', '2026-11-28'],
])('%s in %s is the day %s', (at, zone, day) => expect(dayOf(at, zone)).toBe(day))

test.each([
  ['2026-11-28', 'Europe/Berlin', 24],
  ['2026-03-29', 'Europe/Berlin', 23],
  ['2026-10-25', 'Europe/Berlin', 25],
  ['2026-04-05', 'Pacific/Auckland', 25],
])('%s in %s has %i hours', (day, zone, hours) => {
  const { from, to } = boundsOfDay(day, zone)
  expect((Date.parse(to) - Date.parse(from)) / 3_600_000).toBe(hours)
  expect(dayOf(from, zone)).toBe(day)
  expect(dayOf(new Date(Date.parse(to) - 1), zone)).toBe(day)
  expect(dayOf(to, zone)).toBe(dayBeside(day, 1))
})

test.each([
  ['2026-11-28', true],
  ['2026-02-29', false],
  ['2026-13-01', false],
  ['today', false],
])('%s is a day: %s', (text, fits) => expect(isDay(text)).toBe(fits))

test.each([
  ['Europe/Berlin', true],
  ['UTC', true],
  ['Etc/GMT+3', true],
  ['Saltmarsh/Ferry', false],
  ['', false],
  ["UTC'; --", false],
  ['+05:30', false],
])('%s is a time zone: %s', (zone, fits) => expect(isTimeZone(zone)).toBe(fits))

test.each([
  ['2026-11-29', '2026-11-23'],
  ['2026-11-30', '2026-11-30'],
  ['2027-01-01', '2026-12-28'],
])('%s lies in the week of Monday %s', (day, monday) => {
  expect(mondayOf(day)).toBe(monday)
})
