import { randomFor } from '#core/basics/random'
import { itemAt } from '#core/basics/lists'
import type { BasePlay } from '#core/contract/plays'
import { awaits, takesTurns } from '#core/kernel/match'
import { foldTape, type Tape } from '#core/kernel/tape'
import type { Game } from '#core/contract/game'
import { openSelfPlay } from '#core/kernel/selfPlay'

/** A match that one person plays against bots, the app dealing; nothing of it is kept anywhere. */

/** Whose seat the person has. */
export const OWN_SEAT = 1

interface TryOut {
  readonly game: Game
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly players: readonly string[]
  /** What chance is drawn from: the same key, the same cards. */
  readonly key: string
  /** The entries so far; nothing in them has been checked. */
  readonly entries: readonly unknown[]
}

export function openTryOut({ entries, ...given }: TryOut): Tape {
  const { table, state } = openSelfPlay({ ...given, source: 'dealt' })
  return foldTape(table, state, entries)
}

/**
 * Which bot is to play, and whether it waits for the person first: where all play side by side it gives way for a while. Null
 * where only the person may.
 */
export function botOf({ table, state, lines }: Tape): { readonly seat: number; readonly givesWay: boolean } | null {
  const seats = awaits(table, state)?.seats ?? []
  const bots = seats.filter((seat) => seat !== OWN_SEAT)
  const own = seats.includes(OWN_SEAT)
  if (!bots.length || (own && takesTurns(table, state))) return null
  return { seat: itemAt(bots, lines.length % bots.length), givesWay: own }
}

/** What a bot plays, with the dealer's own chance; always something that stands. */
export function botPlay({ table, state }: Tape, seat: number): BasePlay {
  const { game, seed } = table
  return game.bot(state.rules, state.game, seat, randomFor(String(seed), 'deal', state.played))
}

/** The entries without the person's newest play and what came after it; null where they have not played. */
export function beforeOwn({ lines }: Tape): readonly unknown[] | null {
  const at = lines.findLastIndex(({ play }) => play?.by === OWN_SEAT)
  return at < 0 ? null : lines.slice(0, at).map(({ raw }) => raw)
}
