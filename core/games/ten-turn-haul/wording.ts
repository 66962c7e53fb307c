import type { GameWording } from '#core/contract/game'
import type { HaulCodes } from '#core/games/ten-turn-haul/codes'
import type { HaulRules, HaulState, Spin } from '#core/games/ten-turn-haul/rules'
import { andSays, count, list } from '#core/basics/words'

/** Sentences of Ten-Turn Haul in English. */
export const wording: GameWording<HaulRules, Spin, HaulState, HaulCodes> = {
  reasons: {},
  notes: { spun: ({ by, total }, { name }) => `${name(by)} has ${total} now.` },
  why: { 'highest-sum': 'highest sum', 'lowest-sum': 'lowest sum' },
  play: ({ by, value, said }, { name }) => `${name(by)} spins ${value}${andSays(said)}`,
  readBack: ({ faces, turns, better }) => [
    `A spinner with ${list(faces)}.`,
    `${count(turns, 'spin', 'spins')} each, one after another; every spin is added on.`,
    `The ${better === 'higher' ? 'highest' : 'lowest'} sum wins.`,
  ],
  prompts: (_rules, notes) =>
    notes.length
      ? ['How much is it to the next ten?', 'Who is ahead, and by how much?', 'What must the next spin be to catch up?']
      : ['What have you now, and what comes on top?', 'Does it go over a ten?', 'How did you work it out?'],
}
