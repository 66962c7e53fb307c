import { total } from '#core/kit/dice'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/skip-count-yard/about'
import type { YardCodes } from '#core/games/skip-count-yard/codes'
import { bot, deal, dealOpening, plays } from '#core/games/skip-count-yard/bot'
import { handsOf, houseRules, type YardRules } from '#core/games/skip-count-yard/houseRules'
import { readPlay, writePlay } from '#core/games/skip-count-yard/notation'
import { ready } from '#core/games/skip-count-yard/ready'
import * as rules from '#core/games/skip-count-yard/rules'
import type { YardOpening, YardPlay, YardState } from '#core/games/skip-count-yard/rules'
import { wording } from '#core/games/skip-count-yard/wording'
import { deckOfSets } from '#core/games/skip-count-yard/yard'
import { deckSize } from '#core/kit/pack'
import { turnsProgress } from '#core/kit/turns'

/** Skip-Count Yard: runs of multiples grow around the stock; be first without cards. */
export const skipCountYard = defineGame<YardRules, YardOpening, YardPlay, YardState, YardCodes>({
  id: 'skip-count-yard',
  about,
  ...rules,
  houseRules,
  best: () => 'fewest',
  presets: [
    { id: 'usual', label: 'Twos to fives', hint: 'Seven cards each.', rules: {} },
    {
      id: 'easy',
      label: 'Ones, twos, fives, tens',
      hint: 'For the first tables; five cards each.',
      rules: { sets: [1, 2, 5, 10], hand: 5 },
    },
    {
      id: 'even',
      label: 'Even sets',
      hint: 'Twos, fours, sixes, eights: many shared values.',
      rules: { sets: [2, 4, 6, 8] },
    },
    { id: 'high', label: 'Sixes to nines', hint: 'The hard tables.', rules: { sets: [6, 7, 8, 9] } },
    {
      id: 'calm',
      label: 'Whole runs',
      hint: 'Only whole runs are moved; the round is played to its end.',
      rules: { moves: 'whole', finish: 'even-turns' },
    },
    {
      id: 'places',
      label: 'For places',
      hint: 'The first out has won; the others play on.',
      rules: { finish: 'play-on' },
    },
  ],
  opening: rules.openingSchema,
  play: rules.playSchema,
  prepare: ({ sets, hand }, seats) => ({
    needs: [
      {
        count: deckSize(deckOfSets(sets)),
        what: 'number cards',
        detail: `the multiples of ${sets.join(', ')}, ten of each; a value that several share is there that often`,
      },
      {
        count: total(handsOf({ hand }, seats)),
        what: 'cards dealt',
        detail: `${typeof hand === 'number' ? `${hand} each` : `${hand.join(', ')} by seat`}; four lie open around the stock`,
      },
    ],
    care: [],
  }),
  ready,
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  // What is known of hands and stock is the referee’s.
  view: (_rules, { yard, hands, stock, newest, out }) => ({
    yard,
    hands: hands.map(({ size }) => size),
    stock,
    newest,
    out,
  }),
  deal,
  dealOpening,
  bot,
  facts(_rules, state, play) {
    if (play.do !== 'add') return []
    const top = state.yard[play.to].at(-1)
    const step = top === undefined ? 0 : play.card - top
    return top !== undefined && step > 0 ? [{ operation: 'add', terms: [top, step], answer: play.card }] : []
  },
  writePlay,
  readPlay,
  wording,
})
