import { and, eq, inArray } from 'drizzle-orm'
import { rooms, settings } from '../database/schema'
import { theDatabase } from '../utils/database'
import { isSchool, roomHere } from './here'

/** What decides who is in a room. */
interface RoomAccess {
  /** The hash of the passcode in force; empty where there is none. */
  readonly passcode: string
  /** Sessions that were ended before their time. */
  readonly ended: Readonly<Record<string, unknown>>
  /** False where there is no such room, or it is closed. */
  readonly open: boolean
}

/** Asked with every request, so in one question. */
export async function accessHere(): Promise<RoomAccess> {
  const database = await theDatabase()
  const rows = await database
    .select({ closedAt: rooms.closedAt, key: settings.key, value: settings.value })
    .from(rooms)
    .innerJoin(settings, eq(settings.room, rooms.id))
    .where(and(eq(rooms.id, roomHere()), inArray(settings.key, ['passcode', 'ended-sessions'])))
  const valueOf = (key: string) => rows.find((row) => row.key === key)?.value
  return {
    passcode: (valueOf('passcode') ?? '') as string,
    ended: (valueOf('ended-sessions') ?? {}) as RoomAccess['ended'],
    open: !isSchool() || (rows.length > 0 && rows.every(({ closedAt }) => closedAt === null)),
  }
}
