import type { Option, Weighings } from '#core/contract/weighing'
import { outlook } from '#core/games/token-dip/advice'
import { worthOf, type DipPlay, type DipRules, type DipState } from '#core/games/token-dip/rules'
import { total } from '#core/kit/dice'
import { inHundred, onAverage } from '#core/kit/weighing'

/** A token by how likely it comes next. */
function coming(rules: DipRules, state: DipState, token: string): Option<DipPlay> {
  const worth = outlook(rules, state, 1).tokens.find((each) => each.token === token)?.chance ?? 0
  return { says: token, play: { do: 'dip', by: 1, token }, worth, tells: inHundred(worth) }
}

/** A seat by how likely its next dip reaches the goal. */
function reaching(rules: DipRules, state: DipState, seat: number, name: string): Option<DipPlay> {
  const worth = outlook(rules, state, seat).reaches
  return { says: name, worth, tells: `reaches it ${inHundred(worth)}` }
}

/** A seat by what a dip changes on average. */
function changing(rules: DipRules, state: DipState, seat: number, name: string): Option<DipPlay> {
  const worth = outlook(rules, state, seat).expected
  return { says: name, worth, tells: onAverage(worth) }
}

/** What lies before everybody. */
const dipped = (rules: DipRules, opened: DipState, ...dishes: readonly (readonly string[])[]): DipState => ({
  ...opened,
  fresh: false,
  dishes,
  totals: dishes.map((dish) => total(dish.map((token) => worthOf(rules, token) ?? 0))),
})

export const weighings: Weighings<DipRules, DipState, DipPlay> = [
  {
    look: 'Where tokens stay out, count what is still in the bag.',
    houseRules: { bag: { coral: 6, amber: 4, teal: 2, plum: 2, slate: 1 } },
    asks: 'There were six corals and four ambers; five corals lie on the table. Which comes next?',
    lies: (opened, rules) => dipped(rules, opened, ['coral', 'coral', 'coral'], ['coral', 'coral', 'teal']),
    options: (rules, state) => [
      coming(rules, state, 'amber'),
      coming(rules, state, 'plum'),
      coming(rules, state, 'coral'),
    ],
  },
  {
    look: 'How much is missing, and which tokens bring it? Count them, not the points.',
    asks: 'The goal is 50. Ines has 44, Bao 41. Who may reach it with the next dip?',
    lies: (opened, rules) =>
      dipped(rules, opened, ['slate', 'slate', 'plum', 'coral', 'teal'], ['slate', 'slate', 'plum', 'teal']),
    options: (rules, state) => [reaching(rules, state, 1, 'Ines, 6 away'), reaching(rules, state, 2, 'Bao, 9 away')],
  },
  {
    look: 'Where nothing falls below zero, whoever has little has little to lose.',
    houseRules: {
      key: [
        { token: 'coral', worth: 3 },
        { token: 'amber', worth: 6 },
        { token: 'weed', worth: -12 },
      ],
    },
    asks: 'A weed takes twelve away. Ines has 3, Bao 18. Whose dip is the better one?',
    lies: (opened, rules) => dipped(rules, opened, ['coral'], ['amber', 'amber', 'amber']),
    options: (rules, state) => [changing(rules, state, 1, 'Ines’s'), changing(rules, state, 2, 'Bao’s')],
  },
]
