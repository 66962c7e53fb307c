import type { Option, Weighings } from '#core/contract/weighing'
import { prospects, spinsLeft, sumsOf } from '#core/games/ten-turn-haul/advice'
import type { HaulRules, HaulState, Spin } from '#core/games/ten-turn-haul/rules'
import { itemAt } from '#core/basics/lists'
import { total } from '#core/kit/dice'
import { inHundred } from '#core/kit/weighing'

/** Who will win alone, exactly. */
function winning(rules: HaulRules, state: HaulState, seat: number, name: string): Option<Spin> {
  const worth = itemAt(prospects(rules, state), seat - 1).alone
  return { says: name, worth, tells: `wins ${inHundred(worth)}` }
}

/** Whether the spins left bring `need` or more. */
function bringing(rules: HaulRules, state: HaulState, need: number, enough: boolean): Option<Spin> {
  const sums = sumsOf(rules.faces, itemAt(spinsLeft(rules, state), 0))
  const chance = total(sums.filter((_, sum) => sum >= need))
  const worth = enough ? chance : 1 - chance
  return { says: enough ? 'Yes' : 'No', worth, tells: inHundred(worth) }
}

/** What everybody spun so far. */
const spun = (opened: HaulState, ...spins: readonly (readonly number[])[]): HaulState => ({
  ...opened,
  fresh: false,
  round: Math.min(...spins.map(({ length }) => length)) + 1,
  spins,
  totals: spins.map(total),
})

export const weighings: Weighings<HaulRules, HaulState, Spin> = [
  {
    look: 'A spin is worth five and a half on average: two of them eleven.',
    houseRules: { turns: 4 },
    asks: 'Ines is 15 behind; both have had two turns, Bao will add about eleven. Do her two spins bring 15?',
    lies: (opened) => spun(opened, [3, 2], [10, 10]),
    options: (rules, state) => [bringing(rules, state, 15, false), bringing(rules, state, 15, true)],
  },
  {
    look: 'Count the turns that are left before you say who is ahead.',
    houseRules: { turns: 5 },
    asks: 'Bao leads by one and has had a turn more. Who will win?',
    lies: (opened) => spun({ ...opened, first: 2 }, [6, 6, 6], [5, 5, 5, 4]),
    options: (rules, state) => [winning(rules, state, 1, 'Ines'), winning(rules, state, 2, 'Bao')],
  },
  {
    look: 'The same lead is worth more the fewer turns are left.',
    houseRules: { turns: 10 },
    asks: 'Ines leads by 6. When is that safer?',
    lies: (opened) => spun(opened, [9, 8, 7, 6, 8, 9, 4, 7, 6], [8, 8, 6, 5, 7, 8, 4, 6, 6]),
    options: (rules, state) => [
      { ...winning(rules, state, 1, ''), says: 'Now, with one turn left' },
      { ...winning({ ...rules, turns: 19 }, state, 1, ''), says: 'With ten turns left' },
    ],
  },
]
