import type { MatchState, Table } from '#core/match'
import type { BasePlay } from '#core/plays'
import { randomFor } from '#core/random'

/**
 * What the simulated dealer brings for a wish (what the player decides, without the chance in it); null where the
 * wish can't be fulfilled. It depends on the match's seed and the number of plays that stand alone: a refresh, a
 * replay or a taking back never changes what comes.
 */
export function dealFor({ game, seed }: Table, state: MatchState, wish: unknown): BasePlay | null {
  return game.deal(state.rules, state.game, wish, randomFor(String(seed), 'deal', state.played))
}

/** Whether a play of a dealt match holds what the dealer brought; true where nothing can be compared. */
export function isAsDealt(table: Table, state: MatchState, play: BasePlay): boolean {
  const { game, source, seed } = table
  if (source !== 'dealt' || seed === null || !game.chanceIn) return true
  const chance = game.chanceIn(play)
  if (chance === null) return true
  const dealt = dealFor(table, state, play)
  return !dealt || JSON.stringify(chance) === JSON.stringify(game.chanceIn(dealt))
}
