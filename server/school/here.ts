import { AsyncLocalStorage } from 'node:async_hooks'
import { ONE_ROOM } from '../database/ofRoom'
import type { WhichRoom } from '../database/guarded'
import { environment } from '../utils/environment'

/** The room of what goes on now: a request's, once whoever asks was told apart. */
interface Here {
  room: string | null
}
const here = new AsyncLocalStorage<Here>()

/** Whether this server has the rooms of a school, and not one room only. */
export const isSchool = (): boolean => environment().school

/** The room of what goes on now; empty where it is none's: then nothing is seen and nothing can be written. */
export const roomHere = (): string => (isSchool() ? (here.getStore()?.room ?? '') : ONE_ROOM)

/** How the database is told whose rows are meant; null where there is one room. */
export const whichRoom = (): WhichRoom | null => (isSchool() ? roomHere : null)

/** Does something in a room. */
export const inRoom = <T>(room: string, act: () => T): T => here.run({ room }, act)

/** Does something that finds out itself in which room it is, by `enterRoom`. */
export const roomToBeFound = <T>(act: () => T): T => here.run({ room: null }, act)

/** From now on what goes on is in a room; null leaves it. */
export function enterRoom(room: string | null): void {
  const now = here.getStore()
  if (now) now.room = room
}

/** What tells something of a room from the same of every other, for what is held in memory by its id. */
export const keyHere = (id: string): string => `${roomHere()} ${id}`
