import { count, tenth } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import { leftOn, openTiles, placeOf, takesOf, type Layout } from '#core/games/roof-tiles/layout'
import { judge, type RoofPlay, type RoofState, type TakePlay } from '#core/games/roof-tiles/rules'
import { total } from '#core/kit/dice'
import { cardsOf, withoutAll } from '#core/kit/pack'
import { ofSeat, withSeat } from '#core/kit/seats'
import { nextOf } from '#core/kit/weighing'

const layoutOf = (state: RoofState): Layout => ofSeat(state.layouts, 1)

const after = (rules: RoofRules, state: RoofState, play: RoofPlay): RoofState =>
  nextOf(judge(rules, state, play, { overrule: false }), state)

/** Every take that there is now. */
const takes = (rules: RoofRules, state: RoofState): RoofPlay[] =>
  takesOf(rules, layoutOf(state)).map(({ tiles, turned }) => take(tiles.map(placeOf), turned))
const take = (tiles: TakePlay['tiles'], turned = false): TakePlay => ({
  do: 'take',
  by: 1,
  tiles,
  ...(turned ? { turned } : {}),
})

/** Every card that may be turned next. */
function nextCards({ pack }: RoofRules, state: RoofState): number[] {
  const { cards, pile, used, unseen } = layoutOf(state)
  return unseen > 0 ? withoutAll(cardsOf(pack), [...cards, ...pile, ...used]) : []
}
const mean = (values: readonly number[]) => total(values) / values.length
const leftAfterTurning = (rules: RoofRules, state: RoofState) =>
  mean(nextCards(rules, state).map((card) => leftAtBest(rules, after(rules, state, { do: 'turn', by: 1, card }))))

/**
 * What is left at the end when all is done as well as can be: the smallest sum, taken over what the cards that are still to
 * be turned may be. Exact; it looks at every take, so only near the end of a layout.
 */
function leftAtBest(rules: RoofRules, state: RoofState): number {
  return Math.min(
    total(leftOn(layoutOf(state))),
    ...takes(rules, state).map((play) => leftAtBest(rules, after(rules, state, play))),
    ...(layoutOf(state).unseen > 0 ? [leftAfterTurning(rules, state)] : []),
  )
}

/** A play by what it leaves at best. */
function leaving(says: string, play: RoofPlay, left: number): Option<RoofPlay> {
  return { says, play, worth: -left, tells: left === 0 ? 'everything can go' : `leaves ${tenth(left)} at best` }
}

/** A take by how many tiles it uncovers. */
function uncovering(rules: RoofRules, state: RoofState, says: string, play: TakePlay): Option<RoofPlay> {
  const open = (now: RoofState) => openTiles(rules.rows, layoutOf(now)).length
  const worth = open(after(rules, state, play)) - (open(state) - play.tiles.length)
  return { says, play, worth, tells: worth ? `uncovers ${count(worth, 'tile', 'tiles')}` : 'uncovers nothing' }
}

/** A roof of three rows, and what lies beside it. */
const roof = (opened: RoofState, rows: readonly (readonly number[])[], beside: Partial<Layout>): RoofState => ({
  ...opened,
  layouts: withSeat(opened.layouts, 1, {
    ...layoutOf(opened),
    cards: rows.flat(),
    gone: rows.flat().map(() => false),
    newest: (beside.pile ?? []).length > 0,
    ...beside,
  }),
})

export const weighings: Weighings<RoofRules, RoofState, RoofPlay> = [
  {
    look: 'The same ten can often be made in two ways: take what uncovers more.',
    houseRules: { rows: 3 },
    players: ['Ines'],
    asks: 'Both 6s make ten with the 4. Which one goes?',
    lies: (opened) => roof(opened, [[9], [3, 8], [4, 6, 6]], {}),
    options: (rules, state) => [
      uncovering(
        rules,
        state,
        'The 6 beside the 4',
        take([
          [3, 1],
          [3, 2],
        ]),
      ),
      uncovering(
        rules,
        state,
        'The 6 at the end',
        take([
          [3, 1],
          [3, 3],
        ]),
      ),
    ],
  },
  {
    look: 'Before a pair goes, look who else needs its cards, and what lies under the turned one.',
    houseRules: { rows: 3 },
    players: ['Ines'],
    asks: 'The stock is through; under the turned 6 lies a 2. With which 6 does the 4 go?',
    lies: (opened, rules) => roof(opened, [[10], [4, 10], [4, 8, 6]], { pile: [2, 6], unseen: 0, pass: rules.passes }),
    options: (rules, state) => {
      const [turned, tile] = [
        take([[3, 1]], true),
        take([
          [3, 1],
          [3, 3],
        ]),
      ]
      return [
        leaving('With the turned 6', turned, leftAtBest(rules, after(rules, state, turned))),
        leaving('With the 6 of the roof', tile, leftAtBest(rules, after(rules, state, tile))),
      ]
    },
  },
  {
    look: 'Where only the newest turned card is in reach, take before you turn.',
    houseRules: { rows: 2, turned: 'gone' },
    players: ['Ines'],
    asks: 'One card is left in the stock. Does Ines take the 4 with the turned 6, or turn first?',
    lies: (opened) => roof(opened, [[5], [4, 5]], { pile: [6], unseen: 1 }),
    options: (rules, state) => {
      const now = take([[2, 1]], true)
      return [
        leaving('Take first', now, leftAtBest(rules, after(rules, state, now))),
        leaving('Turn first', { do: 'turn', by: 1, card: 7 }, leftAfterTurning(rules, state)),
      ]
    },
  },
]
