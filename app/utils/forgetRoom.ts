import { dropAllCopies } from '~/utils/copies'
import { NAMING } from '~/utils/naming'

/**
 * Takes from this device whatever it keeps of a room that it leaves, or changes for another one: copies of matches and names.
 * Entries that still wait to be sent stay, and go on when it is in that room again.
 */
export async function forgetRoom(): Promise<void> {
  for (const name of NAMING) localStorage.removeItem(name)
  sessionStorage.clear()
  await dropAllCopies()
}
