import type { GameWording } from '#core/contract/game'
import type { TopCodes } from '#core/games/top-total/codes'
import type { Roll, TopRules, TopState } from '#core/games/top-total/rules'
import { andSays, count, list } from '#core/basics/words'

const DO = { add: 'Add the dice.', times: 'Multiply the dice.', difference: 'Take the smaller die from the larger.' }
const LEVEL = {
  nobody: 'A level round is nobody’s.',
  both: 'A level round counts for all who are level.',
  reroll: 'The level ones roll again until one is best.',
}

/** Sentences of Top Total in English. */
export const wording: GameWording<TopRules, Roll, TopState, TopCodes> = {
  reasons: {},
  notes: {
    rolled: ({ by, result }, { name }) => `${name(by)} has ${result}.`,
    'round-won': ({ round, seats, result }, { name }) => {
      const who = seats.map((seat) => name(seat))
      return `${list(who)} ${who.length === 1 ? 'takes' : 'take'} round ${round} with ${result}.`
    },
    'round-level': ({ round, seats, result }, { name }) =>
      `${list(seats.map((seat) => name(seat)))} are level with ${result}: round ${round} is nobody’s.`,
    'roll-again': ({ seats, result }, { name }) =>
      `${list(seats.map((seat) => name(seat)))} are level with ${result} and roll again.`,
  },
  why: { 'most-rounds': 'most rounds' },
  play: ({ by, dice, said }, { name }) => `${name(by)} rolls ${dice.join(' ')}${andSays(said)}`,
  readBack: ({ dice, sides, combine, better, rounds, tiedRound }) => [
    `Everyone rolls ${count(dice, 'die', 'dice')} with ${sides} sides.`,
    ...(dice > 1 ? [DO[combine]] : []),
    `The ${better === 'higher' ? 'highest' : 'lowest'} result takes the round.`,
    LEVEL[tiedRound],
    `${count(rounds, 'round', 'rounds')}; most rounds win.`,
  ],
  prompts({ combine }, notes) {
    if (notes.some(({ code }) => code.startsWith('round-')))
      return ['Which is more, and by how much?', 'Which sign belongs between them: < or > or =?', 'Who leads now?']
    return [
      combine === 'times' ? 'Which fact of the table is that?' : 'How did you work it out?',
      'What must the next one roll to beat it?',
      'Is that easy to beat?',
    ]
  },
}
