import { LRUCache } from 'lru-cache'
import { gameById } from '#core/games/index'
import { playerOf } from '#core/contract/table'
import { openMatch } from '#core/kernel/match'
import { foldTape, type Tape } from '#core/kernel/tape'
import type { SetUp } from '#shared/api'
import type { Within } from '../utils/database'
import { keyHere } from '../school/here'
import { Refusal } from '../utils/refusal'
import { refusalOf } from './problems'
import { lastOf, loadMatch } from './read'

/** The tape of a match before its first entry; refused with all problems of its setup. */
export function openTape(
  setup: Pick<SetUp, 'game' | 'houseRules' | 'seats' | 'first' | 'source' | 'seed' | 'opening'>,
): Tape {
  const game = gameById(setup.game)
  if (!game) throw new Refusal(422, 'unknown-game', `There is no game “${setup.game}”.`, 'game')
  const opened = openMatch(game, { ...setup, players: setup.seats.map(playerOf) })
  if (!opened.ok) throw refusalOf(opened.problems, game)
  return foldTape(opened.table, opened.state, [])
}

/** Tapes in memory, so that an append judges one entry and not the whole match; the ones used longest ago are let go. */
const tapes = new LRUCache<string, Tape>({ max: 200 })

export function rememberTape(match: string, tape: Tape): void {
  tapes.set(keyHere(match), tape)
}

/** The tape that is in memory, however old; undefined where none is. */
export const knownTape = (match: string): Tape | undefined => tapes.get(keyHere(match))

export const forgetAllTapes = (): void => tapes.clear()

export function forgetTape(match: string): void {
  tapes.delete(keyHere(match))
}

/** The tape of a match that has `last` entries; read again when another server has recorded since. */
export async function tapeOf(match: string, last: number, within?: Within): Promise<Tape> {
  const known = knownTape(match)
  if (known?.lines.length === last) return known
  const stored = await loadMatch(match, within)
  const start = openTape(stored)
  const tape = foldTape(
    start.table,
    start.state,
    stored.entries.map((recorded) => recorded.entry),
  )
  rememberTape(match, tape)
  return tape
}

/** The tape of a match as it stands now. */
export async function tapeFor(match: string): Promise<Tape> {
  return tapeOf(match, await lastOf(match))
}
