import { playerOf } from '#core/contract/table'
import type { Game } from '#core/contract/game'
import { openMatch } from '#core/kernel/match'
import { foldTape, type Tape } from '#core/kernel/tape'
import type { StoredMatch } from '#shared/api'

/** The tape of a stored match with these entries; null where it can't be opened under these rules. */
export function tapeOf(game: Game, stored: StoredMatch, entries: readonly { readonly entry: unknown }[]): Tape | null {
  const opened = openMatch(game, { ...stored, players: stored.seats.map(playerOf) })
  if (!opened.ok) return null
  return foldTape(
    opened.table,
    opened.state,
    entries.map(({ entry }) => entry),
  )
}
