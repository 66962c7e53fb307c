import { itemAt } from '#core/basics/lists'
import type { Option, Weighings } from '#core/contract/weighing'
import type { Roll, TopRules, TopState } from '#core/games/top-total/rules'
import { combined, facesOfDie } from '#core/kit/dice'
import { partOf } from '#core/kit/weighing'

/** What every roll comes to, each as likely. */
function results({ dice, sides, combine }: TopRules): number[] {
  let rolls: readonly (readonly number[])[] = [[]]
  for (let die = 0; die < dice; die++) rolls = rolls.flatMap((roll) => facesOfDie(sides).map((face) => [...roll, face]))
  return rolls.map((roll) => combined(roll, combine).equals)
}

/** A guess of the result by how many rolls come to it. */
function guessing(rules: TopRules, result: number): Option<Roll> {
  const { worth, tells } = partOf(results(rules), (each) => each === result)
  return { says: String(result), worth, tells: `${tells} rolls` }
}

/** Whether what lies is beaten, by how many rolls do. */
function beating(rules: TopRules, state: TopState, beaten: boolean): Option<Roll> {
  const lies = itemAt(itemAt(state.passes, 0).results, 0)
  const { worth, tells } = partOf(results(rules), (each) => each > lies === beaten)
  return { says: beaten ? 'It is beaten' : 'It is not beaten', worth, tells: `${tells} rolls` }
}

/** The other has rolled, coming to so much. */
const rolled = (opened: TopState, result: number): TopState => ({
  ...opened,
  first: 2,
  fresh: false,
  passes: [{ seats: [2, 1], results: [result] }],
})

export const weighings: Weighings<TopRules, TopState, Roll> = [
  {
    look: 'With two dice the middle comes most often: seven in six ways, twelve in one.',
    asks: 'Which sum would you bet on?',
    lies: (opened) => opened,
    options: (rules) => [guessing(rules, 7), guessing(rules, 10), guessing(rules, 12)],
  },
  {
    look: 'How many rolls beat what lies there? Count them.',
    asks: 'Bao rolled 8. Does Ines beat it?',
    lies: (opened) => rolled(opened, 8),
    options: (rules, state) => [beating(rules, state, false), beating(rules, state, true)],
  },
  {
    look: 'Multiplied, a number comes the oftener the more pairs make it.',
    houseRules: { combine: 'times' },
    asks: 'Which product would you bet on?',
    lies: (opened) => opened,
    options: (rules) => [guessing(rules, 12), guessing(rules, 25), guessing(rules, 20)],
  },
]
