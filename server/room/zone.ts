import { sql } from 'drizzle-orm'
import { LRUCache } from 'lru-cache'
import { isTimeZone } from '#core/basics/calendar'
import type { Zone } from '#shared/api'
import { rowsOf } from '../database/rows'
import { roomHere } from '../school/here'
import { theDatabase } from '../utils/database'
import { Refusal } from '../utils/refusal'
import { keepSetting, setting } from '../utils/settings'

const KEY = 'time-zone'

/** For how long it is not looked up again, in milliseconds: another server may set another one. */
const KNOWN_MS = 10_000
/** What `roomZone` found last, by room. */
const known = new LRUCache<string, Promise<string>>({ max: 1000, ttl: KNOWN_MS })

/** The time zone by whose clocks days and weeks of the room go: the one set here, else this machine's own. */
export function roomZone(): Promise<string> {
  const room = roomHere()
  const last = known.get(room)
  if (last) return last
  const found = find().catch((error: unknown) => {
    known.delete(room)
    throw error
  })
  known.set(room, found)
  return found
}

async function find(): Promise<string> {
  const kept = await setting(KEY)
  if (kept && (await isKnown(kept))) return kept
  const machines = Intl.DateTimeFormat().resolvedOptions().timeZone
  return (await isKnown(machines)) ? machines : 'UTC'
}

/** The zone in force, and whether it was set here. */
export async function zoneHere(): Promise<Zone> {
  return { zone: await roomZone(), own: (await setting(KEY)) !== null }
}

/** Sets the room's time zone; null for this machine's own. Refused (`no-such-zone`) where there is no such zone. */
export async function setZone(zone: string | null): Promise<Zone> {
  if (zone !== null && !(await isKnown(zone)))
    throw new Refusal(422, 'no-such-zone', `There is no time zone “${zone}”; choose one from the list.`, 'zone')
  await keepSetting(KEY, zone)
  known.delete(roomHere())
  return zoneHere()
}

/** Whether both this machine and the database know a time zone. */
async function isKnown(zone: string): Promise<boolean> {
  if (!isTimeZone(zone)) return false
  const found = await rowsOf(
    await theDatabase(),
    sql`select 1 from pg_timezone_names where lower(name) = ${zone.toLowerCase()}`,
  )
  return found.length > 0
}
