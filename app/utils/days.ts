import { DateFormatter } from '@internationalized/date'

/** Days and times as they are read, by the clocks of the room: its own time zone, and not that of the device. */

/** The room's time zone; this device's own until the server has said. (The package's own question for it brings all its arithmetic along.) */
export const roomZone = shallowRef(new Intl.DateTimeFormat().resolvedOptions().timeZone)

const written = (at: string | Date, options: Intl.DateTimeFormatOptions) =>
  new DateFormatter('en-GB', { timeZone: roomZone.value, ...options }).format(new Date(at))

/** A day as it is read beside other things: `26 Nov 2026`. */
export const shortDay = (at: string | Date) => written(at, { dateStyle: 'medium' })

/** A day as a heading: `Thursday, 26 November 2026`. */
export const longDay = (at: string | Date) =>
  written(at, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })

/** A day as it stands in a letter: `26 November 2026`. */
export const dayInLetter = (at: string | Date) => written(at, { dateStyle: 'long' })

/** A month as a heading: `November 2026`. */
export const monthOf = (at: string | Date) => written(at, { month: 'long', year: 'numeric' })

/** A time of day: `10:04`. */
export const timeOfDay = (at: string | Date) => written(at, { hour: '2-digit', minute: '2-digit' })

/** A day and its time: `26 Nov 2026, 10:04`. */
export const dayAndTime = (at: string | Date) => written(at, { dateStyle: 'medium', timeStyle: 'short' })

/** When something was lately: `Thu 26 Nov, 10:04`. */
export const lately = (at: string | Date) =>
  written(at, { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** A week by its Monday (`2026-11-23`): `23 Nov`. */
export const weekFrom = (monday: string) => written(monday, { timeZone: 'UTC', day: 'numeric', month: 'short' })
