import * as z from 'zod'

/**
 * A moment in ISO 8601 with its offset, of a year from 1 to 9999 and in a time zone that there is: what every database keeps.
 */
export const moment = z.iso.datetime({ offset: true }).refine(isKeepable, 'That is no day of a calendar.')

function isKeepable(at: string): boolean {
  const [, hours = '00'] = /[+-](\d\d):\d\d$/.exec(at) ?? []
  const year = new Date(at).getUTCFullYear()
  return Number(hours) <= 14 && year >= 1 && year <= 9999
}

/** A moment as a PostgreSQL server writes it (`2026-11-28 09:30:00.5+00`), in ISO 8601. */
export function isoOfDatabase(at: string): string {
  return at.replace(' ', 'T').replace(/([+-]\d\d)$/, '$1:00')
}
