import {
  CalendarDate,
  fromDate,
  getDayOfWeek,
  parseDate,
  toZoned,
  type CalendarDate as Day,
} from '@internationalized/date'

/** Days, weeks and months as a room counts them: by the clocks of its own time zone. Moments are ISO 8601 in UTC. */

/** Whether there is such a time zone, by its name (`Pacific/Auckland`). */
export function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone })
    return /^[A-Za-z][\w+/-]*$/.test(zone)
  } catch {
    return false
  }
}

/** The day on which a moment falls in a time zone, as `2026-11-28`. */
export function dayOf(at: string | Date, zone: string): string {
  const { year, month, day } = fromDate(new Date(at), zone)
  return new CalendarDate(year, month, day).toString()
}

/** A day so many days later (or earlier). */
export function dayBeside(day: string, days: number): string {
  return parseDate(day).add({ days }).toString()
}

/** The Monday of the week in which a day falls. */
export function mondayOf(day: string): string {
  const date = parseDate(day)
  return date.subtract({ days: getDayOfWeek(date, 'en-GB', 'mon') }).toString()
}

/** Whether a text names a day of the calendar. */
export function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && read(text) !== null
}

/** When a day begins and ends in a time zone; where clocks are changed it has 23 or 25 hours. */
export function boundsOfDay(day: string, zone: string): { readonly from: string; readonly to: string } {
  const at = (date: Day) => toZoned(date, zone).toDate().toISOString()
  return { from: at(parseDate(day)), to: at(parseDate(day).add({ days: 1 })) }
}

/** The moment so many months before another, at the same time of day; the last of a shorter month where that has no such day. */
export function monthsBefore(at: Date, months: number, zone: string): string {
  return fromDate(at, zone).subtract({ months }).toDate().toISOString()
}

function read(text: string): Day | null {
  try {
    return parseDate(text)
  } catch {
    return null
  }
}
