import { tenth } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { spinsToGoal } from '#core/games/exact-landing/advice'
import { spinFrom, SIGNS, type LandingRules, type LandingState, type Spin } from '#core/games/exact-landing/rules'
import { partOf } from '#core/kit/weighing'

/** Every spin, each field as often as it stands on the spinner. */
const spinsOf = ({ steps }: LandingRules) => SIGNS.flatMap((sign) => steps.map((step) => ({ sign, step })))

/** A place by how many spins land on the goal from there. */
function landing(rules: LandingRules, from: number, who: string): Option<Spin> {
  const spins = spinsOf(rules)
  const { worth, tells } = partOf(spins, ({ sign, step }) => {
    const { to, off } = spinFrom(rules, from, sign, step)
    return off === null && to === rules.goal
  })
  return { says: `${who}, from ${from}`, worth, tells: `${tells} spins land` }
}

/** A place by how many spins it takes from there to the goal. */
function lasting(rules: LandingRules, from: number, says: string): Option<Spin> {
  const spins = spinsToGoal(rules, from) ?? Infinity
  return { says, worth: -spins, tells: `${tenth(spins)} spins on average` }
}

const standing = (opened: LandingState, ...places: readonly number[]): LandingState => ({
  ...opened,
  fresh: false,
  places,
})

export const weighings: Weighings<LandingRules, LandingState, Spin> = [
  {
    look: 'How far is it to the goal? Only a step of that length lands.',
    asks: 'The goal is 10. Who may land with the next spin?',
    lies: (opened) => standing(opened, 7, 6),
    options: (rules) => [landing(rules, 7, 'Ines'), landing(rules, 6, 'Bao')],
  },
  {
    look: 'A field that stands twice on the spinner comes twice as often.',
    houseRules: { steps: [1, 1, 3] },
    asks: 'The spinner has 1, 1 and 3. Who is likelier to land?',
    lies: (opened) => standing(opened, 9, 7),
    options: (rules) => [landing(rules, 9, 'Ines'), landing(rules, 7, 'Bao')],
  },
  {
    look: 'Near the end of the line less leads away from the goal: what would be off is spun again.',
    houseRules: { goal: 8, high: 12 },
    asks: 'The goal is 8 on a line up to 12; both are two away. Who needs fewer spins?',
    lies: (opened) => standing(opened, 10, 6),
    options: (rules) => [lasting(rules, 10, 'Ines, from 10'), lasting(rules, 6, 'Bao, from 6')],
  },
]
