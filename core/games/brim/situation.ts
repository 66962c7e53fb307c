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
  corners: ({ dice, sides, limit }) => [
    { asks: 'May I stop without rolling?', play: { do: 'stop', by: 1 }, words: 'skip nothing' },
    {
      asks: 'I am over the limit. May I stop?',
      at: { loose: Array.from({ length: dice }, () => Math.min(sides, Math.ceil((limit + 1) / dice))), rolled: 1 },
      play: { do: 'stop', by: 1 },
      words: 'spilled too much zero',
    },
    {
      asks: 'May I freeze all dice and roll none?',
      at: { loose: Array.from({ length: dice }, () => 1), rolled: 1 },
      play: { do: 'roll', by: 1, dice: [], keep: Array.from({ length: dice }, () => 1) },
      words: 'keep all',
    },
    {
      asks: 'May a frozen die be rolled again?',
      at: { frozen: [1], loose: Array.from({ length: dice - 1 }, () => 2), rolled: 1 },
      play: { do: 'roll', by: 1, dice: Array.from({ length: dice }, () => 1) },
      words: 'unfreeze',
    },
  ],
})
