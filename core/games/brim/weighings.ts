import { list, tenth } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { allDice } from '#core/games/brim/dice'
import { choices } from '#core/games/brim/odds'
import type { BrimPlay, BrimRules, BrimState } from '#core/games/brim/rules'
import { total } from '#core/kit/dice'
import { inHundred } from '#core/kit/weighing'

const same = (a: readonly number[], b: readonly number[]) => [...a].sort().join() === [...b].sort().join()

/** Stopping, or freezing some and rolling on, by what the turn is worth when it is played on as well as can be. Exact. */
function choosing(rules: BrimRules, state: BrimState, keep: readonly number[] | null): Option<BrimPlay> {
  const found = choices(rules, state).find((each) =>
    keep === null ? each.do === 'stop' : each.do === 'roll' && same(each.keep, keep),
  )
  const [expected, within] = [found?.expected ?? 0, found?.within ?? 0]
  const loose = state.loose.length - (keep?.length ?? 0)
  // What comes is chance: any faces will do.
  const dice = Array.from({ length: loose }, () => 1)
  return {
    says: keep === null ? `Stop with ${total(allDice(state))}` : saysRoll(keep),
    play:
      keep === null ? { do: 'stop', by: 1 } : { do: 'roll', by: 1, dice, ...(keep.length ? { keep: [...keep] } : {}) },
    worth: expected,
    tells: `${tenth(expected)} points on average; within the limit ${inHundred(within)}`,
  }
}
const saysRoll = (keep: readonly number[]) => (keep.length ? `Freeze ${list(keep)}, roll the rest` : 'Roll all again')

const thrown = (
  opened: BrimState,
  loose: readonly number[],
  frozen: readonly number[] = [],
  rolled = 1,
): BrimState => ({
  ...opened,
  ...{ frozen, loose, rolled },
  fresh: false,
})

export const weighings: Weighings<BrimRules, BrimState, BrimPlay> = [
  {
    look: 'How much room is left, and what does one die bring? Three and a half.',
    asks: 'Ines has 19 of 20 on the table. Stop, or roll the 2 again?',
    lies: (opened) => thrown(opened, [2], [6, 5, 4, 2], 2),
    options: (rules, state) => [choosing(rules, state, null), choosing(rules, state, [])],
  },
  {
    look: 'Beyond the limit, freeze only what leaves room for the dice that are rolled again.',
    asks: 'The first roll comes to 25. Which dice does Ines freeze?',
    lies: (opened) => thrown(opened, [6, 6, 6, 5, 2]),
    options: (rules, state) => [choosing(rules, state, [5, 2]), choosing(rules, state, [6, 6, 6])],
  },
  {
    look: 'Far below the limit there is nothing to lose: roll what is low.',
    asks: 'The first roll comes to 9. Stop, or roll on?',
    lies: (opened) => thrown(opened, [1, 1, 1, 2, 4]),
    options: (rules, state) => [choosing(rules, state, [4]), choosing(rules, state, null)],
  },
]
