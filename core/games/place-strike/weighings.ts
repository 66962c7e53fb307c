import { itemAt } from '#core/basics/lists'
import { count } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { strikingRolls } from '#core/games/place-strike/advice'
import { judge, type StrikePlay, type StrikeRules, type StrikeState } from '#core/games/place-strike/rules'
import { ofSeat } from '#core/kit/seats'

/** Rolls that would win at once for a seat: those that strike a number which lacks one only. */
function winningRolls(rules: StrikeRules, state: StrikeState, seat: number): number {
  return strikingRolls(rules, state, seat).rolls.filter(({ numbers }) =>
    numbers.some((number) => itemAt(ofSeat(state.struck, seat), number - 1).length === rules.strikes - 1),
  ).length
}
const rollsIn = ({ digits, sides }: StrikeRules) => digits * sides

/** Striking in a number, by how many rolls win after it. */
function striking(
  rules: StrikeRules,
  state: StrikeState,
  rolled: { readonly digit: number; readonly place: number },
  number: number,
): Option<StrikePlay> {
  const play: StrikePlay = { do: 'strike', by: 1, ...rolled, number }
  const verdict = judge(rules, state, play)
  const wins = verdict.stands ? winningRolls(rules, verdict.next, 1) : -1
  return {
    says: `In ${itemAt(ofSeat(state.boards, 1), number - 1)}`,
    play,
    worth: wins,
    tells: wins ? `then ${wins} of ${rollsIn(rules)} rolls win` : 'then no roll wins yet',
  }
}

/** A seat by how many rolls it could strike. */
function open(rules: StrikeRules, state: StrikeState, seat: number, name: string): Option<StrikePlay> {
  const { rolls } = strikingRolls(rules, state, seat)
  return { says: name, worth: rolls.length, tells: `strikes with ${rolls.length} of ${rollsIn(rules)} rolls` }
}

/** A seat by how many rolls would win for it. */
function near(rules: StrikeRules, state: StrikeState, seat: number, name: string): Option<StrikePlay> {
  const worth = winningRolls(rules, state, seat)
  return { says: name, worth, tells: worth ? `${count(worth, 'roll wins', 'rolls win')}` : 'no roll wins yet' }
}

const written = (
  opened: StrikeState,
  boards: readonly (readonly string[])[],
  struck: StrikeState['struck'] = boards.map((numbers) => numbers.map(() => [])),
): StrikeState => ({ ...opened, fresh: false, boards, struck })

const FOUR = { numbers: 2, digits: 4, strikes: 3 }

export const weighings: Weighings<StrikeRules, StrikeState, StrikePlay> = [
  {
    look: 'Different digits at the same place: then more rolls strike.',
    houseRules: FOUR,
    asks: 'Whose numbers are written better?',
    lies: (opened) =>
      written(opened, [
        ['3142', '1324'],
        ['3142', '3142'],
      ]),
    options: (rules, state) => [
      open(rules, state, 1, 'Ines: 3,142 and 1,324'),
      open(rules, state, 2, 'Bao: 3,142 twice'),
    ],
  },
  {
    look: 'Where two numbers match, strike in the one that is farther on.',
    houseRules: FOUR,
    asks: 'Ines rolls a 4 at the tens; one digit of 3,142 is struck. In which number does she strike?',
    lies: (opened) =>
      written(
        opened,
        [
          ['3142', '2145'],
          ['6312', '1456'],
        ],
        [
          [[4], []],
          [[1], []],
        ],
      ),
    options: (rules, state) => [
      striking(rules, state, { digit: 4, place: 2 }, 1),
      striking(rules, state, { digit: 4, place: 2 }, 2),
    ],
  },
  {
    look: 'What counts is the most in one number, not in all together.',
    houseRules: { ...FOUR, numbers: 3 },
    asks: 'Ines has struck three digits, Bao two. Who is nearer to winning?',
    lies: (opened) =>
      written(
        opened,
        [
          ['3142', '2145', '6251'],
          ['6312', '1456', '5263'],
        ],
        [
          [[4], [1], [2]],
          [[4, 3], [], []],
        ],
      ),
    options: (rules, state) => [
      near(rules, state, 2, 'Bao: two in one number'),
      near(rules, state, 1, 'Ines: one in each'),
    ],
  },
]
