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

/** Six figures that are easily read out: long enough, since tries are rationed. */
export function makePasscode(): string {
  return String(randomInt(0, 1_000_000)).padStart(6, '0')
}
