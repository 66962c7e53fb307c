/** A day as it is read beside other things: `26 Nov 2026`. */
export const shortDay = (at: string) => new Date(at).toLocaleDateString('en-GB', { dateStyle: 'medium' })

/** A day as a heading: `Thursday, 26 November 2026`. */
export const longDay = (at: string | Date) => new Date(at).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })
