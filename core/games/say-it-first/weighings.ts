import { itemAt } from '#core/basics/lists'
import type { Option, Weighings } from '#core/contract/weighing'
import type { FirstRules, FirstState, Round } from '#core/games/say-it-first/rules'
import { combined } from '#core/kit/dice'
import { restOf } from '#core/kit/pack'
import { partOf } from '#core/kit/weighing'

/** What any two of the cards that may come make, each pair as likely. */
function results(rules: FirstRules, { gone }: FirstState): number[] {
  const rest = restOf(rules.pack, gone)
  return rest.flatMap((card, i) => rest.slice(i + 1).map((other) => combined([card, other], rules.combine).equals))
}

/** An answer to have ready, by how many pairs make it. */
function ready(rules: FirstRules, state: FirstState, result: number): Option<Round> {
  const { worth, tells } = partOf(results(rules, state), (each) => each === result)
  return { says: String(result), worth, tells: worth ? `${tells} pairs` : 'no pair any more' }
}

/** A kind of answer, by how many pairs make one of it. */
function among(rules: FirstRules, state: FirstState, says: string, holds: (result: number) => boolean): Option<Round> {
  const { worth, tells } = partOf(results(rules, state), holds)
  return { says, worth, tells: `${tells} pairs` }
}

const turned = (opened: FirstState, gone: readonly number[]): FirstState => ({
  ...opened,
  gone,
  played: Math.floor(gone.length / 2),
  newest: gone.length ? { cards: [itemAt(gone, 0), itemAt(gone, 1)], winner: 2, took: 2 } : null,
})

export const weighings: Weighings<FirstRules, FirstState, Round> = [
  {
    look: 'Sums in the middle come most often: know the pairs that make ten by heart.',
    asks: 'Two cards of 1 to 9 are turned. Which sum would you have ready?',
    lies: (opened) => opened,
    options: (rules, state) => [ready(rules, state, 10), ready(rules, state, 14), ready(rules, state, 5)],
  },
  {
    look: 'Cards that were turned don’t come again: late in the pack some sums are gone.',
    asks: 'All four 9s are out. Which sum may still come?',
    lies: (opened) => turned(opened, [9, 2, 9, 4, 9, 9]),
    options: (rules, state) => [ready(rules, state, 16), ready(rules, state, 17)],
  },
  {
    look: 'Multiplied, more answers are even than odd: only odd times odd is odd.',
    houseRules: { combine: 'times' },
    asks: 'Is the next product even or odd?',
    lies: (opened) => opened,
    options: (rules, state) => [
      among(rules, state, 'Even', (each) => each % 2 === 0),
      among(rules, state, 'Odd', (each) => each % 2 === 1),
    ],
  },
]
