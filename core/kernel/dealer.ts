import { fieldOf } from '#core/basics/fields'
import type { Dealt, Wish } from '#core/contract/game'
import { randomFor } from '#core/basics/random'
import type { MatchState, Table } from '#core/contract/table'
import type { BasePlay } from '#core/contract/plays'

/**
 * What the simulated dealer brings for a wish (what the player decides, without the chance in it); null where there is
 * nothing to bring. It depends on the match's seed and the number of plays that stand alone: a refresh, a replay or a
 * taking back never changes what comes.
 */
export function dealFor({ game, seed }: Pick<Table, 'game' | 'seed'>, state: MatchState, wish: Wish): Dealt | null {
  return game.deal(state.rules, state.game, wish, randomFor(String(seed), 'deal', state.played))
}

/** Whether there is chance in a play: dice, a card, a spin. */
export function bringsChance({ game, seed }: Pick<Table, 'game' | 'seed'>, state: MatchState, play: BasePlay): boolean {
  return dealFor({ game, seed }, state, play) !== null
}

/** Whether a play of a dealt match holds what the dealer brought; true where nothing can be compared. */
export function isAsDealt(table: Table, state: MatchState, play: BasePlay): boolean {
  if (table.source !== 'dealt' || table.seed === null) return true
  const dealt = dealFor(table, state, play)
  const asBrought = ([field, value]: [string, unknown]) =>
    JSON.stringify(fieldOf(play, field)) === JSON.stringify(value)
  return !dealt || Object.entries(dealt.brings).every(asBrought)
}
