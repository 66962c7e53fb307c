import type { GameWording } from '#core/contract/game'
import type { LadderCodes } from '#core/games/table-ladder/codes'
import type { LadderRules, LadderState, RungPlay } from '#core/games/table-ladder/rules'
import { count, list } from '#core/basics/words'

const WINS = {
  'first-full': 'Whoever fills the ladder first wins.',
  'most-right': 'Most right products win.',
  'highest-total': 'The highest total of right products wins.',
  together: 'Everybody wins together once every ladder is full.',
}

/** Sentences of Table Ladder in English. */
export const wording: GameWording<LadderRules, RungPlay, LadderState, LadderCodes> = {
  reasons: {
    'ladder-full': ({ by, rungs }, { name }) =>
      `${name(by)}’s ladder is full: all ${count(rungs, 'rung is', 'rungs are')} filled.`,
  },
  notes: {
    filled: ({ by, rung, rungs }, { name }) => `${name(by)} fills rung ${rung} of ${rungs}.`,
    'filled-wrong': ({ by, rung, rungs, said }, { name }) =>
      `${name(by)} fills rung ${rung} of ${rungs}, but it does not count as right${said === null ? ': nothing was said' : ''}.`,
  },
  why: {
    'first-full': 'first full ladder',
    'most-right': 'most right products',
    'highest-total': 'highest total',
    together: 'together',
  },
  play: ({ by, roll, said }, { name }, { factors }) =>
    `${name(by)} rolls ${roll}: ${factors[by - 1] ?? '?'} × ${roll}${said === undefined ? '' : `, and says ${said}`}`,
  readBack: ({ factors, sides, rungs, order, win, answers }, seats) => [
    new Set(factors).size === 1
      ? `The factor is ${factors[0]} all the way down.`
      : `The factors, by seat: ${list(factors.slice(0, seats))}.`,
    `One die with ${sides} sides gives the other factor.`,
    `${count(rungs, 'rung', 'rungs')} a ladder, ${order === 'race' ? 'all at once: a race' : 'filled in turns'}.`,
    answers === 'must-be-right'
      ? 'Only a right product fills a rung.'
      : answers === 'noted'
        ? 'A wrong product fills the rung too, but is not right.'
        : 'Products are not asked; every rung is right.',
    WINS[win],
  ],
  prompts: (_rules, notes) =>
    notes.length
      ? [
          'Which product comes next in that table?',
          'Which fact beside it do you know?',
          'Where have you seen that number before?',
        ]
      : ['Can you count up to it?', 'Which fact near it do you know by heart?', 'Is it more or less than ten times?'],
}
