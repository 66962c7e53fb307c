import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/turn-two/about'
import type { PairCodes } from '#core/games/turn-two/codes'
import { bot, deal, plays } from '#core/games/turn-two/bot'
import { readPlay, writePlay } from '#core/games/turn-two/notation'
import { predictions } from '#core/games/turn-two/predictions'
import { ready } from '#core/games/turn-two/ready'
import { matchOf, withoutPartner } from '#core/games/turn-two/matching'
import * as rules from '#core/games/turn-two/rules'
import type { PairPlay, PairRules, PairState } from '#core/games/turn-two/rules'
import { wording } from '#core/games/turn-two/wording'
import { packSize } from '#core/kit/pack'
import { findSigns, signedFacts } from '#core/kit/signing'
import { turnsProgress } from '#core/kit/turns'

/** Cards without a partner, to be taken out first: nobody could ever match them. */
function lonely(given: PairRules): { count: number; what: string; detail: string }[] {
  const cards = withoutPartner(given)
  return cards.length
    ? [
        {
          count: cards.length * given.pack.copies,
          what: 'cards without a partner',
          detail: `${cards.join(', ')}: better taken out`,
        },
      ]
    : []
}

/** Turn Two: face-down cards in a grid; turn two, keep them if they make the target. */
export const turnTwo = defineGame<PairRules, null, PairPlay, PairState, PairCodes>({
  id: 'turn-two',
  about,
  ...rules,
  presets: [
    { id: 'usual', label: 'Ten', hint: 'Twelve places, zeros to tens.', rules: {} },
    {
      id: 'five',
      label: 'Five',
      hint: 'Zeros to fives; eight places.',
      rules: { target: 5, pack: { low: 0, high: 5, copies: 4 }, layout: 8 },
    },
    { id: 'again', label: 'Again', hint: 'Whoever keeps cards turns again.', rules: { again: true } },
    {
      id: 'twelve',
      label: 'Twelve',
      hint: 'Twos to tens, sixteen places.',
      rules: { target: 12, pack: { low: 2, high: 10, copies: 4 }, layout: 16 },
    },
    {
      id: 'three',
      label: 'Turn three',
      hint: 'Three cards, adding and taking away.',
      rules: { perTurn: 3, signs: 'add-subtract', pack: { low: 1, high: 9, copies: 4 } },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: (given) => ({
    needs: [
      {
        count: packSize(given.pack),
        what: 'number cards',
        detail: `${given.pack.low} to ${given.pack.high}, ${given.pack.copies} of each, shuffled; ${rules.placesOf(given)} laid out face down, the rest is the stock`,
      },
      ...lonely(given),
    ],
    care: [],
  }),
  ready,
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  standing: (_rules, state) => state.kept,
  // What has been seen is the players’ to remember.
  view: (_rules, { places, stock, kept, newest }) => ({ places: places.map(({ lies }) => lies), stock, kept, newest }),
  shown: (given, _state, play) => (play.do === 'turn' && !matchOf(given, play.cards) ? { ...play, cards: [] } : play),
  deal,
  bot,
  facts(given, _state, play) {
    const signs =
      play.do === 'turn' && play.cards.length === given.perTurn
        ? findSigns(play.cards, given.target, given.signs === 'add-subtract')
        : null
    return play.do === 'turn' && signs ? signedFacts(play.cards, signs, given.target) : []
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
