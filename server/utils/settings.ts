import { eq } from 'drizzle-orm'
import { settings } from '../database/schema'
import { theDatabase, writing } from './database'

/** A small fact about this installation; null where it was never kept. */
export async function setting<T = string>(key: string): Promise<T | null> {
  const database = await theDatabase()
  const [row] = await database.select().from(settings).where(eq(settings.key, key))
  return (row?.value ?? null) as T | null
}

/** Keeps one; null forgets it. They are small, and changed seldom: leaving, or another passcode, is possible on a full disk too. */
export async function keepSetting(key: string, value: unknown): Promise<void> {
  await writing(
    async (tx) => {
      if (value === null) await tx.delete(settings).where(eq(settings.key, key))
      else await tx.insert(settings).values({ key, value }).onConflictDoUpdate({ target: settings.key, set: { value } })
    },
    { frees: true },
  )
}

/** Keeps one where none is kept yet. */
export async function keepSettingOnce(key: string, value: unknown): Promise<void> {
  await writing((tx) => tx.insert(settings).values({ key, value }).onConflictDoNothing())
}
