import * as z from 'zod'

const shape = z.object({ here: z.array(z.string()) })

/** Who is in the room today, by id, as it was chosen in the room on this device; empty where nobody was. */
export function hereToday(): readonly string[] {
  const kept = localStorage.getItem('room')
  return (kept ? readKept(kept, shape) : null)?.here ?? []
}
