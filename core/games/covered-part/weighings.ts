import { count } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { pairsFor } from '#core/games/covered-part/advice'
import {
  coveredPart,
  shownPart,
  type CoverPlay,
  type CoverRules,
  type CoverState,
} from '#core/games/covered-part/rules'
import { combined } from '#core/kit/dice'

/** Covering a part, by how many steps the other has to count on from what is seen. */
function covering(rules: CoverRules, parts: readonly [number, number], covered: 1 | 2): Option<CoverPlay> {
  const hides = { parts, covered }
  const [under, seen] = [coveredPart(hides), shownPart(hides)]
  const announced = combined(parts, rules.combine).equals
  return {
    says: `The ${under}`,
    play: { do: 'hide', by: 1, parts: [...parts], covered, announced },
    worth: announced - seen,
    tells: `from ${seen} to ${announced}: ${count(announced - seen, 'step', 'steps')} to count`,
  }
}

/** A way to find what is covered, by its steps. */
const finding = (says: string, steps: number): Option<CoverPlay> => ({
  says,
  worth: -steps,
  tells: count(steps, 'step', 'steps'),
})

/** A total by how many pairs make it, whatever is seen. */
function total(rules: CoverRules, of: number): Option<CoverPlay> {
  const pairs = pairsFor(rules, of)
  return {
    says: `A total of ${of}`,
    worth: -pairs.length,
    tells: `${count(pairs.length, 'pair', 'pairs')}: ${pairs.map(([a, b]) => `${a} and ${b}`).join(', ')}`,
  }
}

/** Bao hides two parts, the second one covered. */
const hiding = (opened: CoverState, parts: readonly [number, number]): CoverState => ({
  ...opened,
  turn: 2,
  first: 2,
  fresh: false,
  hidden: { by: 2, parts, covered: 2, total: parts[0] + parts[1] },
})

const [SEEN, UNDER] = [9, 2]

export const weighings: Weighings<CoverRules, CoverState, CoverPlay> = [
  {
    look: 'Whoever hides covers the bigger part: there is more to count on.',
    asks: 'Ines rolled 6 and 2. Which part does she cover?',
    lies: (opened) => opened,
    options: (rules) => [covering(rules, [6, 2], 1), covering(rules, [6, 2], 2)],
  },
  {
    look: 'Whoever finds looks which way is shorter: up from the part, or down from the total.',
    houseRules: { sides: 10 },
    asks: `The total is ${SEEN + UNDER}, a ${SEEN} is seen. How does Ines find the rest?`,
    lies: (opened) => hiding(opened, [SEEN, UNDER]),
    options: () => [
      finding(`Count on from ${SEEN} to ${SEEN + UNDER}`, UNDER),
      finding(`Take ${SEEN} away from ${SEEN + UNDER}, one by one`, SEEN),
    ],
  },
  {
    look: 'A total that few pairs make is half found before the part is seen.',
    asks: 'Bao announces a total. Of which one are the parts sure at once?',
    lies: (opened) => opened,
    options: (rules) => [total(rules, 12), total(rules, 7)],
  },
]
