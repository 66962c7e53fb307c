import * as z from 'zod'
import { defineGame } from '#core/contract/game'
import { about } from '#core/games/hundred-stops/about'
import type { StopsCodes } from '#core/games/hundred-stops/codes'
import { bot, deal, plays } from '#core/games/hundred-stops/bot'
import { readPlay, writePlay } from '#core/games/hundred-stops/notation'
import { predictions } from '#core/games/hundred-stops/predictions'
import { ready } from '#core/games/hundred-stops/ready'
import * as rules from '#core/games/hundred-stops/rules'
import type { StopsRules, StopsState, Travel } from '#core/games/hundred-stops/rules'
import { wording } from '#core/games/hundred-stops/wording'
import { turnsProgress } from '#core/kit/turns'

/** Hundred Stops: order your hops along a track by tens to land on as many hundreds as you can. */
export const hundredStops = defineGame<StopsRules, null, Travel, StopsState, StopsCodes>({
  id: 'hundred-stops',
  about,
  ...rules,
  answerCalled: () => 'place',
  extraRound: () => true,
  presets: [
    { id: 'usual', label: 'To 1200', hint: 'By tens, a token on every hundred.', rules: {} },
    {
      id: 'first-steps',
      label: 'To 500',
      hint: 'Short: one die, small spins.',
      rules: { start: 0, end: 500, dice: 1, hundreds: [1, 1, 2] },
    },
    {
      id: 'worth',
      label: 'Stops count',
      hint: 'A token counts the number on its stop.',
      rules: { worth: 'stop-value' },
    },
    { id: 'race', label: 'First come', hint: 'One set of tokens for all.', rules: { tokens: 'first-come' } },
    {
      id: 'ones',
      label: 'Ones and tens',
      hint: 'The sister game: from 10 to 120, a token on every ten.',
      rules: { unit: 1, start: 10, end: 120, stop: 10 },
    },
    { id: 'fifties', label: 'Every fifty', hint: 'A token on every fifty.', rules: { stop: 50, end: 1000 } },
  ],
  opening: z.null(),
  play: rules.playSchema,
  prepare: (given, seats) => {
    const stops = (given.end - given.start) / given.stop
    return {
      needs: [
        { count: 1, what: 'track', detail: `by tens from ${given.start} to ${given.end}` },
        { count: given.dice, what: given.dice === 1 ? 'die' : 'dice', detail: `with ${given.sides} sides` },
        { count: 1, what: 'spinner', detail: `with ${given.hundreds.join(', ')}` },
        { count: seats, what: 'pieces' },
        {
          count: given.tokens === 'own' ? stops * seats : stops,
          what: 'tokens',
          detail: given.tokens === 'own' ? `${stops} for each player, one on every stop` : 'one on every stop',
        },
      ],
      care: ['Dice and tokens can be swallowed: keep them from children under three.'],
    }
  },
  ready,
  plays,
  progress: (_rules, state) => turnsProgress(state, null),
  // A ruling that ends the lap level begins the next one.
  ruled: rules.lapped,
  view: (_rules, state) => state,
  deal,
  bot,
  facts(given, state, play) {
    let at = state.places[play.by - 1] ?? given.start
    return rules.travel(given, at, play.order).hops.map((hop) => {
      const from = at
      at += hop
      return { operation: 'add' as const, terms: [from, hop], answer: at }
    })
  },
  writePlay,
  readPlay,
  predictions,
  wording,
})
