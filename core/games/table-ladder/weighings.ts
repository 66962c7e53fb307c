import { count, tenth } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { waysTo } from '#core/games/table-ladder/advice'
import type { LadderRules, LadderState, RungPlay } from '#core/games/table-ladder/rules'
import { facesOfDie, total } from '#core/kit/dice'
import { ofSeat } from '#core/kit/seats'

/** A way to a product, by its steps of the factor. */
const way = (says: string, steps: number): Option<RungPlay> => ({
  says,
  worth: -steps,
  tells: count(steps, 'step', 'steps'),
})

/** The product of a roll, from its easiest neighbour or counted up from the bottom. */
function reaching({ factors }: LadderRules, roll: number): Option<RungPlay>[] {
  const factor = ofSeat(factors, 1)
  const { skips, neighbours } = waysTo(factor, roll)
  const near = [...neighbours].sort((a, b) => a.more - b.more)[0]
  const up = way(`Count up: ${skips.slice(0, 3).join(', ')}, …`, skips.length)
  if (!near) return [up]
  const [sign, how] = near.sign === '+' ? ['+', 'From'] : ['−', 'Back from']
  const from = `${how} ${near.roll} × ${factor}: ${near.product} ${sign} ${near.more}`
  return [way(from, near.more / factor), up]
}

/** A seat by the total that it will have once its ladder is full, rolls being fair. */
function filling(rules: LadderRules, state: LadderState, seat: number, name: string): Option<RungPlay> {
  const ladder = ofSeat(state.ladders, seat)
  const mean = total(facesOfDie(rules.sides)) / rules.sides
  const worth =
    total(ladder.map(({ product }) => product)) + (rules.rungs - ladder.length) * ofSeat(rules.factors, seat) * mean
  return { says: name, worth, tells: `${tenth(worth)} in the end, on average` }
}

/** Rungs filled with these rolls, all said rightly. */
const filled = (
  { factors }: LadderRules,
  opened: LadderState,
  ...rolls: readonly (readonly number[])[]
): LadderState => ({
  ...opened,
  fresh: false,
  ladders: rolls.map((each, i) =>
    each.map((roll) => {
      const product = roll * ofSeat(factors, i + 1)
      return { roll, product, said: product, right: true }
    }),
  ),
})

export const weighings: Weighings<LadderRules, LadderState, RungPlay> = [
  {
    look: 'Which fact beside it is known? Ten times, less one, is nine times.',
    houseRules: { factors: [7, 4] },
    asks: 'Ines has the sevens and rolls a 9. Which way is shorter?',
    lies: (opened, rules) => filled(rules, opened, [2, 5], [3, 6]),
    options: (rules) => reaching(rules, 9),
  },
  {
    look: 'Five times stands in the middle of every table: six is one more.',
    houseRules: { factors: [8, 4] },
    asks: 'Ines has the eights and rolls a 6. Which way is shorter?',
    lies: (opened, rules) => filled(rules, opened, [2, 10], [3, 6]),
    options: (rules) => reaching(rules, 6),
  },
  {
    look: 'Where the total counts, see how many rungs are left and what a rung brings.',
    houseRules: { factors: [8, 4], win: 'highest-total', rungs: 6 },
    asks: 'Bao is ahead, 108 to 88. Who will have more in the end?',
    lies: (opened, rules) => filled(rules, opened, [2, 5, 4], [9, 12, 6]),
    options: (rules, state) => [
      filling(rules, state, 1, 'Ines, with the eights'),
      filling(rules, state, 2, 'Bao, with the fours'),
    ],
  },
]
