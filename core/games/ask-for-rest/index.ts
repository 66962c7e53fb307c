import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/ask-for-rest/about'
import type { AskCodes } from '#core/games/ask-for-rest/codes'
import { bot, deal, plays } from '#core/games/ask-for-rest/bot'
import { judge } from '#core/games/ask-for-rest/judge'
import { hasPartner } from '#core/games/ask-for-rest/partners'
import { readPlay, writePlay } from '#core/games/ask-for-rest/notation'
import { ready } from '#core/games/ask-for-rest/ready'
import * as rules from '#core/games/ask-for-rest/rules'
import type { AskPlay, AskRules, AskState } from '#core/games/ask-for-rest/rules'
import { wording } from '#core/games/ask-for-rest/wording'
import { facesOf } from '#core/kit/pack'
import { turnsProgress } from '#core/kit/turns'

/** Ask for the Rest: collect pairs that make the target by asking each other for the missing part. */
export const askForRest = defineGame<AskRules, null, AskPlay, AskState, AskCodes>({
  id: 'ask-for-rest',
  about,
  ...rules,
  presets: [
    { id: 'ten', label: 'Ten', hint: 'Cards 1 to 9, five in hand.', rules: {} },
    {
      id: 'zeros',
      label: 'Ten with zeros',
      hint: 'The ten has a partner too.',
      rules: { pack: { low: 0, high: 10, copies: 4 } },
    },
    { id: 'nine', label: 'Nine', hint: 'Cards 1 to 8.', rules: { target: 9, pack: { low: 1, high: 8, copies: 4 } } },
    {
      id: 'eleven',
      label: 'Eleven',
      hint: 'Cards 1 to 10.',
      rules: { target: 11, pack: { low: 1, high: 10, copies: 4 } },
    },
    {
      id: 'twelve',
      label: 'Twelve',
      hint: 'Cards 2 to 10.',
      rules: { target: 12, pack: { low: 2, high: 10, copies: 4 } },
    },
    { id: 'again', label: 'Ask again', hint: 'A granted question earns another.', rules: { again: 'on-success' } },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare(given, seats) {
    const dead = facesOf(given.pack).filter((card) => !hasPartner(given.pack, given.target, card))
    const live = rules.liveCards(given).length
    return {
      needs: [
        {
          count: live,
          what: 'cards in play',
          detail: `${facesOf(given.pack)
            .filter((card) => !dead.includes(card))
            .join(', ')}, ${given.pack.copies} of each`,
        },
        ...(dead.length
          ? [
              {
                count: dead.length * given.pack.copies,
                what: 'cards to take out',
                detail: `${dead.join(', ')}: they have no partner`,
              },
            ]
          : []),
        { count: given.hand, what: 'cards each', detail: `${live - given.hand * seats} stay as the stock` },
      ],
      care: [],
    }
  },
  ready,
  seatsNamed: (play) => (play.do === 'ask' ? [play.of] : []),
  judge,
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  // Hands are hidden, and so is what follows from counting: the public sees sizes and what lies.
  view: (_rules, { seats, turn, owed, hands, stock, piles, out }) => ({
    seats,
    turn,
    owed,
    hands: hands.map(({ size }) => size),
    stock,
    piles,
    out,
  }),
  deal,
  bot,
  facts(given, _state, play) {
    if (play.do === 'lay') return [{ operation: 'add', terms: play.cards, answer: play.cards[0] + play.cards[1] }]
    if (play.do === 'ask')
      return [{ operation: 'subtract', terms: [given.target, given.target - play.for], answer: play.for }]
    return []
  },
  writePlay,
  readPlay,
  wording,
})
