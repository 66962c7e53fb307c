import { itemAt } from '#core/basics/lists'
import { total } from '#core/kit/dice'
import type { Dealt, Wish } from '#core/contract/game'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import {
  canTurn,
  endOf,
  isCovered,
  isFinished,
  leftOn,
  placeOf,
  stockOf,
  takesOf,
  tilesIn,
  type Layout,
  type Take,
} from '#core/games/roof-tiles/layout'
import { toRows, type RoofOpening, type RoofPlay, type RoofState } from '#core/games/roof-tiles/rules'
import { cardsOf, restOf } from '#core/kit/pack'
import type { Random } from '#core/basics/random'
import { ofSeat } from '#core/kit/seats'

/** Every play on an own layout that may stand now. */
export function* plays(rules: RoofRules, state: RoofState, seat: number): Generator<RoofPlay> {
  const layout = ofSeat(state.layouts, seat)
  if (endOf(rules, layout) !== null) {
    if (!isFinished(rules, layout)) yield { do: 'count', by: seat, said: total(leftOn(layout)) }
    return
  }
  for (const take of takesOf(rules, layout)) yield toPlay(seat, take)
  if (canTurn(rules, layout)) for (const card of comingCards(rules, layout)) yield { do: 'turn', by: seat, card }
  yield { do: 'done', by: seat }
}

function toPlay(seat: number, { tiles, turned }: Take): RoofPlay {
  return {
    do: 'take',
    by: seat,
    tiles: tiles.map(placeOf),
    ...(turned ? { turned: true as const } : {}),
    explained: true,
  }
}

/** The cards that may be turned next: one where the order is known, else every one still unseen. */
function comingCards(rules: RoofRules, layout: Layout): number[] {
  if (stockOf(layout) === 0) return [itemAt(layout.pile, 0)]
  if (layout.known) return [itemAt(layout.known, 0)]
  return [...new Set(restOf(rules.pack, [...layout.cards, ...layout.pile, ...layout.used]))]
}

/** The dealer: turns the next card of a seat's stock. Taking is the player's own. */
export function deal(rules: RoofRules, state: RoofState, wish: Wish, random: Random): Dealt | null {
  const layout = state.layouts[(wish.by ?? 0) - 1]
  if (!layout || wish.do !== 'turn' || !canTurn(rules, layout)) return null
  const card = nextCard(rules, layout, random)
  return { brings: { card }, shown: { kind: 'card', values: [card] } }
}

function nextCard(rules: RoofRules, layout: Layout, random: Random): number {
  const next = stockOf(layout) > 0 && !layout.known ? layout.order?.[0] : undefined
  if (next !== undefined) return next
  const coming = comingCards(rules, layout)
  return random.oneOf(coming)
}

/** Lays out a roof for each seat from an own shuffled pack. */
export function dealOpening(rules: RoofRules, seats: number, random: Random): RoofOpening {
  return {
    layouts: Array.from({ length: seats }, () =>
      toRows(random.shuffled(cardsOf(rules.pack)).slice(0, tilesIn(rules.rows))),
    ),
  }
}

/** Takes what uncovers most, tiles before the turned card; turns when nothing can be taken. */
export function bot(rules: RoofRules, state: RoofState, seat: number, random: Random): RoofPlay {
  const layout = ofSeat(state.layouts, seat)
  if (endOf(rules, layout) !== null) return { do: 'count', by: seat, said: total(leftOn(layout)) }
  const takes = takesOf(rules, layout)
  if (!takes.length)
    return canTurn(rules, layout)
      ? { do: 'turn', by: seat, card: nextCard(rules, layout, random) }
      : { do: 'done', by: seat }
  const worth = ({ tiles }: Take) => 10 * tiles.length + uncovers(rules, layout, tiles)
  return {
    ...toPlay(
      seat,
      takes.reduce((best, take) => (worth(take) > worth(best) ? take : best)),
    ),
    how: 'made-ten',
  }
}

/** How many tiles come open when these are taken. */
function uncovers(rules: Pick<RoofRules, 'rows'>, layout: Layout, tiles: readonly number[]): number {
  const gone = layout.gone.slice()
  for (const tile of tiles) gone[tile] = true
  let count = 0
  for (let tile = 0; tile < gone.length; tile++)
    if (!gone[tile] && isCovered(rules.rows, layout.gone, tile) && !isCovered(rules.rows, gone, tile)) count++
  return count
}
