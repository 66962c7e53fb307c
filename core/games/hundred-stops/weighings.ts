import { capital, count } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { judge, type StopsRules, type StopsState, type Travel } from '#core/games/hundred-stops/rules'
import { withSeat } from '#core/kit/seats'

/** An order of hops by the tokens that it gathers, as the judge counts them. */
function travelling(
  rules: StopsRules,
  state: StopsState,
  thrown: Pick<Travel, 'dice' | 'hundreds'>,
  order: readonly string[],
): Option<Travel> {
  const play: Travel = { do: 'travel', by: 1, ...thrown, order: [...order] }
  const verdict = judge(rules, state, play)
  const worth = verdict.stands
    ? verdict.notes.reduce((sum, { code, facts }) => sum + (code === 'arrived' ? facts.taken.length : 0), 0)
    : -1
  const says = order.map((step) => (step === 'h' ? 'hop' : `walk ${Number(step.slice(1)) * rules.unit}`)).join(', ')
  return { says: capital(says), play, worth, tells: count(worth, 'token', 'tokens') }
}

const standing = (opened: StopsState, at: number): StopsState => ({
  ...opened,
  fresh: false,
  places: withSeat(opened.places, 1, at),
})

const [BETWEEN, NEAR, HOME] = [
  { dice: [4, 3], hundreds: 1 },
  { dice: [5, 4], hundreds: 2 },
  { dice: [4, 3], hundreds: 1 },
]

export const weighings: Weighings<StopsRules, StopsState, Travel> = [
  {
    look: 'A hop touches only where it lands: walk to a stop first.',
    asks: 'Ines stands on 150 and has seven tens and one hundred. How does she go?',
    lies: (opened) => standing(opened, 150),
    options: (rules, state) => [
      travelling(rules, state, BETWEEN, ['t5', 'h', 't2']),
      travelling(rules, state, BETWEEN, ['h', 't7']),
    ],
  },
  {
    look: 'How far is it to the next stop? From there every hop lands on one.',
    asks: 'From 180, nine tens and two hundreds: which order gathers most?',
    lies: (opened) => standing(opened, 180),
    options: (rules, state) => [
      travelling(rules, state, NEAR, ['t2', 'h', 'h', 't7']),
      travelling(rules, state, NEAR, ['h', 't9', 'h']),
      travelling(rules, state, NEAR, ['t9', 'h', 'h']),
    ],
  },
  {
    look: 'At the end what is left is dropped: gather the last stops before you are home.',
    asks: 'Home is at 1200, Ines on 1050. Seven tens and one hundred: how?',
    lies: (opened) => standing(opened, 1050),
    options: (rules, state) =>
      [travelling(rules, state, HOME, ['t7', 'h']), travelling(rules, state, HOME, ['h', 't7'])].sort(
        (a, b) => b.worth - a.worth,
      ),
  },
]
