import { eq } from 'drizzle-orm'
import { installation, settings } from '../database/schema'
import { theDatabase, writing } from './database'

/** A small fact about the room; null where it was never kept. */
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
      else
        await tx
          .insert(settings)
          .values({ key, value })
          .onConflictDoUpdate({ target: [settings.room, settings.key], set: { value } })
    },
    { frees: true },
  )
}

/** What is kept of the installation, for all its rooms; null where it never was. */
export async function installed<T = string>(key: string): Promise<T | null> {
  const database = await theDatabase()
  const [row] = await database.select().from(installation).where(eq(installation.key, key))
  return (row?.value ?? null) as T | null
}

/** Keeps it. */
export async function install(key: string, value: unknown): Promise<void> {
  const target = installation.key
  await writing((tx) => tx.insert(installation).values({ key, value }).onConflictDoUpdate({ target, set: { value } }), {
    frees: true,
  })
}

/** Keeps it where nothing is kept yet. */
export async function installOnce(key: string, value: unknown): Promise<void> {
  await writing((tx) => tx.insert(installation).values({ key, value }).onConflictDoNothing())
}
