import { and, eq, inArray } from 'drizzle-orm'
import { ENDED, type RoleAccess } from '../access/passcode'
import { rooms, settings } from '../database/schema'
import { theDatabase } from '../utils/database'
import { isSchool, roomHere } from './here'

/** The room's, for its referees and helpers: asked with every request, so in one question. */
export async function accessHere(): Promise<RoleAccess> {
  const database = await theDatabase()
  const rows = await database
    .select({ closedAt: rooms.closedAt, key: settings.key, value: settings.value })
    .from(rooms)
    .innerJoin(settings, eq(settings.room, rooms.id))
    .where(and(eq(rooms.id, roomHere()), inArray(settings.key, ['passcode', ENDED])))
  const valueOf = (key: string) => rows.find((row) => row.key === key)?.value
  return {
    passcode: (valueOf('passcode') ?? '') as string,
    ended: (valueOf(ENDED) ?? {}) as RoleAccess['ended'],
    open: !isSchool() || (rows.length > 0 && rows.every(({ closedAt }) => closedAt === null)),
  }
}
