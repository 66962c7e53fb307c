import { count, tenth } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { stillToCome } from '#core/games/step-and-gather/advice'
import { stepFrom, type Step, type StepRules, type StepState } from '#core/games/step-and-gather/rules'
import { ofSeat } from '#core/kit/seats'

/** A roll by the cubes on the space it leads to. */
function gathering(rules: StepRules, state: StepState, roll: number): Option<Step> {
  const { to, gathered } = stepFrom(rules, ofSeat(state.places, 1), roll)
  return {
    says: `A ${roll}`,
    play: { do: 'step', by: 1, roll },
    worth: gathered,
    tells: `space ${to}: ${count(gathered, 'cube', 'cubes')}`,
  }
}

/** A roll by what it brings now and what comes after it, rolls being fair. */
function bringing(rules: StepRules, state: StepState, roll: number): Option<Step> {
  const { to, gathered } = stepFrom(rules, ofSeat(state.places, 1), roll)
  const worth = gathered + stillToCome(rules, to).mean
  return {
    says: `A ${roll}`,
    play: { do: 'step', by: 1, roll },
    worth,
    tells: `${gathered} now, ${tenth(worth)} to the end on average`,
  }
}

/** A seat by the cubes that it will have at the end, rolls being fair. */
function ending(rules: StepRules, state: StepState, seat: number, name: string): Option<Step> {
  const worth = ofSeat(state.cubes, seat) + stillToCome(rules, ofSeat(state.places, seat)).mean
  return { says: name, worth, tells: `${tenth(worth)} cubes in the end, on average` }
}

const standing = (opened: StepState, places: readonly number[], cubes: readonly number[]): StepState => ({
  ...opened,
  fresh: false,
  places,
  cubes,
})

export const weighings: Weighings<StepRules, StepState, Step> = [
  {
    look: 'A longer step is not a richer one: look what lies on the space.',
    asks: 'Ines is about to begin. Which roll does she wish for?',
    lies: (opened) => standing(opened, [0, 0], [0, 0]),
    options: (rules, state) => [gathering(rules, state, 2), gathering(rules, state, 6)],
  },
  {
    look: 'What one steps over is gone: short steps gather more often.',
    asks: 'From space 4: which roll brings more in the end?',
    lies: (opened) => standing(opened, [4, 3], [11, 6]),
    options: (rules, state) => [bringing(rules, state, 2), bringing(rules, state, 4)],
  },
  {
    look: 'Whoever is behind on the path has more of it before them.',
    asks: 'Ines is on space 16 with 20 cubes, Bao on 9 with 17. Who will have more?',
    lies: (opened) => standing(opened, [16, 9], [20, 17]),
    options: (rules, state) => [ending(rules, state, 2, 'Bao'), ending(rules, state, 1, 'Ines')],
  },
]
