import { LENGTH_MADE } from '../access/hash'
import { isSchool } from './here'
import { goInto } from './rooms'

/** Letters and figures as they were meant, however they were parted, and whether large or small. */
const lettersIn = (typed: string) => typed.toLowerCase().replaceAll(/[^a-z\d]/g, '')

/** Goes into the room whose code was typed; where there is one room it is that. */
export async function followRoomCode(typed: string): Promise<boolean> {
  return !isSchool() || goInto(lettersIn(typed))
}

/** Goes into the room of a link that was given away; whether there is one. Where there is one room it is that. */
export async function followLink(told: string): Promise<boolean> {
  return !isSchool() || goInto(told.slice(0, told.indexOf('-')))
}

/** Goes into the room of a helper's code, however it was typed; returns the code as the room knows it, null where there is none. */
export async function followCode(typed: string): Promise<string | null> {
  if (!isSchool()) return typed
  const letters = lettersIn(typed)
  return (await goInto(letters.slice(0, -LENGTH_MADE))) ? letters.slice(-LENGTH_MADE) : null
}
