import { isSchool, roomHere } from './here'

/** A link or a code that is given away says in a school to which room it belongs: `room-token`. */
export const toldLink = (token: string): string => (isSchool() ? `${roomHere()}-${token}` : token)

/** The token of such a link, as the room itself knows it. */
export const tokenIn = (told: string): string => (isSchool() ? told.slice(told.indexOf('-') + 1) : told)
