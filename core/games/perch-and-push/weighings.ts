import { count, tenth } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import {
  judge,
  resultOf,
  resultsOf,
  type PerchPlay,
  type PerchRules,
  type PerchState,
  type Stack,
} from '#core/games/perch-and-push/rules'
import { total } from '#core/kit/dice'
import { facesOf, restOf } from '#core/kit/pack'
import { chanceOfAny, nextOf } from '#core/kit/weighing'

type Place = Extract<PerchPlay, { readonly do: 'place' }>
const placing = (cards: readonly number[], on: number): Place => ({ do: 'place', by: 1, cards: [...cards], on })

const after = (rules: PerchRules, state: PerchState, play: PerchPlay): PerchState =>
  nextOf(judge(rules, state, play, { overrule: false }), state)

/** How many of Ines’s markers the next player may push off, each by how likely its number is drawn. */
function atRisk(rules: PerchRules, state: PerchState): number {
  const rest = restOf(rules.pack, state.gone)
  return total(
    resultsOf(rules).map((result, i) => {
      const stack = state.stacks[i]
      if (stack?.seat !== 1 || (rules.safeStack > 0 && stack.count >= rules.safeStack)) return 0
      const cards = facesOf(rules.pack).filter((card) => resultOf(rules, card) === result)
      const left = rest.filter((card) => cards.includes(card)).length
      return stack.count * chanceOfAny(left, rules.draw, rest.length)
    }),
  )
}

/** A place by the markers that are pushed off there. */
function pushing(rules: PerchRules, state: PerchState, says: string, play: Place): Option<PerchPlay> {
  const worth = (after(rules, state, play).points[0] ?? 0) - (state.points[0] ?? 0)
  return { says, play, worth, tells: worth ? `pushes off ${count(worth, 'marker', 'markers')}` : 'pushes nobody off' }
}

/** A place by the markers that one may lose by the next draw. */
function risking(rules: PerchRules, state: PerchState, says: string, play: Place): Option<PerchPlay> {
  const risk = atRisk(rules, after(rules, state, play))
  const hundredth = Math.round(risk * 100)
  const tells =
    hundredth < 100
      ? `a marker is lost about ${hundredth} times in 100`
      : `loses ${tenth(risk)} markers by the next draw, on average`
  return { says, play, worth: -risk, tells: risk === 0 ? 'nothing can be lost' : tells }
}

/** Who stands on which result, and what was drawn. */
const board = (
  rules: PerchRules,
  opened: PerchState,
  stacks: Readonly<Record<number, Stack>>,
  gone: readonly number[] = [],
): PerchState => ({ ...opened, gone, stacks: resultsOf(rules).map((result) => stacks[result] ?? null) })
const mine = (markers: number): Stack => ({ seat: 1, count: markers })
const theirs = (markers: number): Stack => ({ seat: 2, count: markers })

export const weighings: Weighings<PerchRules, PerchState, PerchPlay> = [
  {
    look: 'Before you choose, see where many of another stand: all of them are pushed off.',
    asks: 'Ines drew 4 and 7. Onto which result does she go?',
    lies: (opened, rules) => board(rules, opened, { 14: theirs(3), 17: theirs(1) }),
    options: (rules, state) => [
      pushing(rules, state, 'Onto the 14', placing([4, 7], 14)),
      pushing(rules, state, 'Onto the 17', placing([4, 7], 17)),
    ],
  },
  {
    look: 'Perch where few cards lead: count what was drawn already.',
    asks: 'Three 4s were drawn, and no 7. Where is a marker safer?',
    lies: (opened, rules) => board(rules, opened, {}, [4, 4, 0, 9, 1, 2]),
    options: (rules, state) => [
      risking(rules, state, 'On the 14', placing([4, 7], 14)),
      risking(rules, state, 'On the 17', placing([4, 7], 17)),
    ],
  },
  {
    look: 'Where so many of one’s own are safe, a stack is worth more than a second place.',
    houseRules: { safeStack: 2 },
    asks: 'One marker of Ines stands on 15; two are safe. Where does the next one go?',
    lies: (opened, rules) => board(rules, opened, { 15: mine(1) }),
    options: (rules, state) => [
      risking(rules, state, 'Onto the 15 too', placing([5, 8], 15)),
      risking(rules, state, 'Onto the 18', placing([5, 8], 18)),
    ],
  },
]
