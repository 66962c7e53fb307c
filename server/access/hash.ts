import { randomBytes, randomInt, scrypt, timingSafeEqual } from 'node:crypto'
import { promisify } from 'node:util'

const derive = promisify(scrypt) as (secret: string, salt: Buffer, length: number) => Promise<Buffer>
const LENGTH = 32

/** A passcode as it is kept: `salt.hash`, both in hex. */
export async function hashPasscode(passcode: string): Promise<string> {
  const salt = randomBytes(16)
  return `${salt.toString('hex')}.${(await derive(passcode.normalize(), salt, LENGTH)).toString('hex')}`
}

export async function verifyPasscode(passcode: string, kept: string): Promise<boolean> {
  const [salt, hash] = kept.split('.').map((part) => Buffer.from(part, 'hex'))
  if (!salt?.length || hash?.length !== LENGTH) return false
  return timingSafeEqual(await derive(passcode.normalize(), salt, LENGTH), hash)
}

/**
 * Whether somebody means the passcode that is kept: as they typed it, or one that was made here without its dash, with a
 * space instead, or in capitals. That makes nothing easier to find: made ones have neither.
 */
export async function meansPasscode(typed: string, kept: string): Promise<boolean> {
  if (await verifyPasscode(typed, kept)) return true
  const letters = typed.toLowerCase().replaceAll(/[\s-]/g, '')
  const made = inHalves(letters)
  return letters.length === LENGTH_MADE && made !== typed && (await verifyPasscode(made, kept))
}

/** Characters of a passcode at least: fewer are found by trying. */
export const LEAST_PASSCODE = 6

/** Letters and figures of a passcode that is made here. */
export const LENGTH_MADE = 8
const inHalves = (letters: string) => `${letters.slice(0, LENGTH_MADE / 2)}-${letters.slice(LENGTH_MADE / 2)}`
/** Letters and figures that are not taken for each other. */
export const READABLE = 'abcdefghjkmnpqrstuvwxyz23456789'

/** Eight letters and figures in two halves, easily read out; so many of them that rationed tries never find one. */
export function makePasscode(): string {
  return inHalves(Array.from({ length: LENGTH_MADE }, () => READABLE[randomInt(READABLE.length)]).join(''))
}
