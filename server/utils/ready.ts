import { readyKeeper, readyPasscode } from '../access/passcode'
import { isLocalOnly } from '../access/policy'
import { isSchool } from '../school/here'
import { readyOneRoom } from '../school/rooms'
import { environment } from './environment'
import { openOnce, type OpenDatabase } from './database'

let getting: Promise<OpenDatabase> | null = null

/** Resolves once whoever may come in can: the database is open, and the passcode is in force where one is needed. */
export function ready(): Promise<OpenDatabase> {
  return (getting ??= getReady())
}

async function getReady(): Promise<OpenDatabase> {
  const open = await openOnce()
  await readyOneRoom()
  const { keeper, passcode } = environment()
  if (isSchool() || keeper) {
    const made = await readyKeeper(keeper)
    if (made) console.log(`\nThe keeper’s passcode is ${made}. It is shown this once; NIMBLE_KEEPER sets another.\n`)
  }
  if (!isSchool() && !isLocalOnly()) {
    const made = await readyPasscode(passcode)
    if (made)
      console.log(
        `\nThe passcode for recording from other devices is ${made}. It is shown this once; --passcode sets another.\n`,
      )
  }
  return open
}
