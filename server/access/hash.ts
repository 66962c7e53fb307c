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

/** Characters of a passcode at least: fewer are found by trying. */
export const LEAST_PASSCODE = 6

/** Letters and figures that are not taken for each other. */
const ALPHABET = 'abcdefghjkmnpqrstuvwxyz23456789'

/** Eight letters and figures in two halves, easily read out; so many of them that rationed tries never find one. */
export function makePasscode(): string {
  const made = Array.from({ length: 8 }, () => ALPHABET[randomInt(ALPHABET.length)]).join('')
  return `${made.slice(0, 4)}-${made.slice(4)}`
}
