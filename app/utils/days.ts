/** A day as it is read beside other things: `26 Nov 2026`. */
export const shortDay = (at: string) => new Date(at).toLocaleDateString('en-GB', { dateStyle: 'medium' })

/** A day as a heading: `Thursday, 26 November 2026`. */
export const longDay = (at: string | Date) => new Date(at).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })

/** A time of day: `10:04`. */
export const timeOfDay = (at: string) => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
