import type { GameWording } from '#core/contract/game'
import type { StepCodes } from '#core/games/step-and-gather/codes'
import type { Step, StepRules, StepState } from '#core/games/step-and-gather/rules'
import { andSays, count } from '#core/basics/words'

const space = (at: number) => (at === 0 ? 'the start' : `space ${at}`)

/** Sentences of Step & Gather in English. */
export const wording: GameWording<StepRules, Step, StepState, StepCodes> = {
  reasons: {
    'wrong-landing': ({ by, landed, from, to, roll }, { name }) =>
      from === to
        ? `${name(by)} stays on ${space(from)}: ${roll} is more than the way home. The piece stands on ${space(landed)}.`
        : `From ${space(from)}, ${count(roll, 'step leads', 'steps lead')} to ${space(to)}. The piece stands on ${space(landed)}: the space one leaves is not counted.`,
  },
  notes: {
    stepped: ({ by, to, gathered, total, home }, { name }) =>
      `${name(by)} reaches ${space(to)} and gathers ${count(gathered, 'cube', 'cubes')}: ${total}.${home ? ' Home!' : ''}`,
    stays: ({ by, to }, { name }) => `${name(by)} stays on ${space(to)}: more than the way home. Nothing is gathered.`,
  },
  why: { 'most-cubes': 'most cubes' },
  play: ({ by, roll, landed, said }, { name }) =>
    `${name(by)} rolls ${roll}${landed === undefined ? '' : `, on ${space(landed)}`}${andSays(said)}`,
  readBack: ({ path, sides, atEnd }) => [
    `Each walks an own path of ${count(path.length, 'space', 'spaces')}; home is the last one.`,
    `One die with ${sides} sides says how many steps.`,
    'As many cubes are gathered as the space reached says.',
    atEnd === 'exact'
      ? 'Home is reached exactly: with a larger roll one stays and gathers nothing.'
      : 'A larger roll than the way home stops on the last space.',
    'When all are home, most cubes win.',
  ],
  prompts: (_rules, notes) =>
    notes.length
      ? ['How many cubes are missing to the next ten?', 'Who has more, and by how many?', 'How many steps are left?']
      : ['Which space will that be?', 'How many cubes have you then?', 'Which roll would you like next?'],
}
