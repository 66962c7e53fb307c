import { itemAt } from '#core/basics/lists'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/last-digit-chains/about'
import type { ChainCodes } from '#core/games/last-digit-chains/codes'
import { bot, deal, dealOpening, plays } from '#core/games/last-digit-chains/bot'
import { readPlay, writePlay } from '#core/games/last-digit-chains/notation'
import { ready } from '#core/games/last-digit-chains/ready'
import * as rules from '#core/games/last-digit-chains/rules'
import type { ChainOpening, ChainPlay, ChainRules, ChainState } from '#core/games/last-digit-chains/rules'
import { wording } from '#core/games/last-digit-chains/wording'
import { NO_ROUNDS } from '#core/kit/turns'
import { aCard } from '#core/basics/words'

/** Last-Digit Chains: each card in a row is the last digit of the sum of the two before it. */
export const lastDigitChains = defineGame<ChainRules, ChainOpening, ChainPlay, ChainState, ChainCodes>({
  id: 'last-digit-chains',
  about,
  ...rules,
  best: () => 'fewest',
  presets: [
    { id: 'usual', label: 'Short', hint: '36 cards, fans of four.', rules: {} },
    { id: 'gentle', label: 'Fans of three', hint: 'More tops in reach.', rules: { fan: 3 } },
    { id: 'free', label: 'Begin anywhere', hint: 'Starting cards need not come first.', rules: { startsFirst: false } },
    { id: 'long', label: 'Long', hint: '60 cards, fans of three.', rules: { chain: 'long' } },
    {
      id: 'long-four',
      label: 'Long, fans of four',
      hint: 'Fifteen fans of four: most deals get stuck.',
      rules: { chain: 'long', fan: 4 },
    },
    { id: 'hard', label: 'No redeal', hint: 'Stuck is stuck.', rules: { redeals: 0 } },
  ],
  opening: rules.openingSchema,
  play: rules.playSchema,
  prepare: (given, seats) => {
    const { copies, cards } = rules.chainOf(given)
    return {
      needs: [
        {
          count: cards * seats,
          what: 'digit cards',
          detail: `for each: ${copies.flatMap((n, digit) => (n ? [`${n} with ${aCard(digit)}`] : [])).join(', ')}`,
        },
        {
          count: seats,
          what: seats === 1 ? 'place for four rows' : 'places for four rows',
          detail: `each of ${rules.chainOf(given).length}`,
        },
      ],
      care: [],
    }
  },
  ready,
  plays,
  progress: () => NO_ROUNDS,
  // Everything lies open on the table.
  view: (_rules, state) => state,
  deal,
  dealOpening,
  bot,
  facts(_rules, state, play) {
    const row = play.do === 'take' ? state.layouts[play.by - 1]?.rows[play.row - 1] : undefined
    const terms = row && row.length >= 2 ? row.slice(-2) : []
    return terms.length ? [{ operation: 'add', terms, answer: itemAt(terms, 0) + itemAt(terms, 1) }] : []
  },
  writePlay,
  readPlay,
  wording,
})
