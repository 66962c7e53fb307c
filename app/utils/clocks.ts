import type { ToldClock } from '#shared/api'

/** A clock as it was heard just now: with how far this device's own time is behind the server's. */
export const heardClock = <T extends ToldClock>(told: T): T => ({ ...told, behind: told.now - Date.now() })
