import { numberPart, numbersPart, situationOf } from '#core/contract/situation'
import type { BrimCodes } from '#core/games/brim/codes'
import type { BrimRules, BrimState } from '#core/games/brim/rules'

/** What lies frozen, what was rolled, and which roll that was. */
export const situation = situationOf<BrimRules, BrimState, BrimCodes>()({
  parts: ({ dice, sides, rolls }) => ({
    frozen: numbersPart('Frozen dice', { low: 1, high: sides, most: dice }),
    loose: numbersPart('Loose dice, as rolled', { low: 1, high: sides, most: dice }),
    rolled: numberPart('Rolls made in this turn', 0, rolls),
  }),
  state: (_rules, opened, { frozen, loose, rolled }) => ({
    ...opened,
    frozen,
    loose,
    // Dice that lie there were rolled.
    rolled: frozen.length + loose.length > 0 ? Math.max(1, rolled) : rolled,
    fresh: rolled === 0 && !loose.length,
  }),
  rests: {
    'no-rolls-left': /rolls? a turn/,
    'not-among-dice': /[Ff]reeze|frozen/,
    'must-freeze': /newly frozen/,
    'nothing-left-to-roll': 'A roll rolls at least one die.',
    'wrong-dice-count': /dice with|die with/,
    'nothing-rolled': 'Stop banks the dice that lie there.',
  },
})
