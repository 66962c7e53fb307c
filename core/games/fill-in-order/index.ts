import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/fill-in-order/about'
import type { FillCodes } from '#core/games/fill-in-order/codes'
import { bot, deal, plays } from '#core/games/fill-in-order/bot'
import { readPlay, writePlay } from '#core/games/fill-in-order/notation'
import { predictions } from '#core/games/fill-in-order/predictions'
import { ready } from '#core/games/fill-in-order/ready'
import * as rules from '#core/games/fill-in-order/rules'
import type { FillRules, FillState, Turn } from '#core/games/fill-in-order/rules'
import { wording } from '#core/games/fill-in-order/wording'
import { inTurn } from '#core/kit/turns'

/** Fill in Order: fill the places 1 to 10; every card put down turns up the next. */
export const fillInOrder = defineGame<FillRules, null, Turn, FillState, FillCodes>({
  id: 'fill-in-order',
  about,
  ...rules,
  presets: [
    { id: 'usual', label: 'Ten places', hint: 'Three rounds; a winner gets one place fewer.', rules: {} },
    { id: 'five', label: 'Five places', hint: 'Short rounds, for beginners.', rules: { slots: 5, fewer: false } },
    { id: 'kings', label: 'Kings wild', hint: 'A king fits any open place.', rules: { wild: 'K' } },
    {
      id: 'jacks',
      label: 'Jacks wild',
      hint: 'A jack fits any open place; seven places.',
      rules: { wild: 'J', slots: 7 },
    },
    {
      id: 'numbers',
      label: 'Numbers only',
      hint: 'Without pictures; five places.',
      rules: { pictures: false, slots: 5 },
    },
    {
      id: 'to-one',
      label: 'Down to one',
      hint: 'Long: whoever wins a round with one place.',
      rules: { rounds: 'to-one', slots: 3 },
    },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: ({ packs, slots, pictures }, seats) => ({
    needs: [
      {
        count: (pictures ? 52 : 40) * packs,
        what: 'cards',
        detail: `${packs === 1 ? 'one pack' : 'two packs'} ${pictures ? 'with jacks, queens and kings, without jokers' : 'without pictures and jokers'}; an ace is 1`,
      },
      {
        count: seats * slots,
        what: 'hidden cards',
        detail: `laid face down, ${slots > 5 ? `two rows of five` : `a row`} for each; the rest is the stock`,
      },
    ],
    care: [],
  }),
  ready,
  timing: (_rules, state, play) => inTurn(state, play),
  plays,
  standing: (_rules, state) => state.won,
  // What lies hidden is nobody’s to see.
  view: (_rules, { layouts, discards, stock, won, newest, turn }) => ({
    layouts,
    top: discards.at(-1) ?? null,
    discards: discards.length,
    stock,
    won,
    newest,
    turn,
  }),
  deal,
  bot,
  // Ordering is practised, no arithmetic.
  facts: () => [],
  writePlay,
  readPlay,
  predictions,
  wording,
})
