import type { GameWording } from '#core/contract/game'
import type { CoverCodes } from '#core/games/covered-part/codes'
import { shownPart, type CoverPlay, type CoverRules, type CoverState } from '#core/games/covered-part/rules'
import { count } from '#core/basics/words'

/** Sentences of Covered Part in English. None of them tells a part that lies covered. */
export const wording: GameWording<CoverRules, CoverPlay, CoverState, CoverCodes> = {
  reasons: {
    'no-such-face': (facts) =>
      'sides' in facts
        ? `There is no ${facts.face} on a die with ${facts.sides} sides.`
        : `No half of a domino here has ${facts.face} pips.`,
    'wrong-announcement': ({ by, announced, total }, { name }) =>
      `${name(by)} announced ${announced}; it is ${total}. Put it right before the guess.`,
    'cannot-be-worked-out': ({ covered }) =>
      `Nothing times anything is nothing: beside a 0 nobody can work out the ${covered}. Cover the other part.`,
    'domino-used': ({ domino }) =>
      `The domino ${domino.replace('|', ' and ')} was hidden before; all are mixed again once each has been.`,
  },
  notes: {
    covered: ({ by, shown, total }, { name }) =>
      `${name(by)} shows ${shown} and announces ${total}. What lies under the cover?`,
    mixed: () => 'That was the last domino: all are mixed again.',
    found: ({ by, part }, { name }) => `${name(by)} found it: ${part}.`,
    'not-found': ({ by, said, part }, { name }) => `${name(by)} said ${said}; ${part} was covered.`,
  },
  why: { 'most-found': 'most parts found' },
  play: (play, { name }) =>
    play.do === 'guess'
      ? `${name(play.by)} guesses ${play.said}`
      : `${name(play.by)} covers a part beside ${shownPart(play)} and announces ${play.announced}`,
  readBack: ({ combine, pieces, sides, rounds }) => [
    pieces === 'dice'
      ? `Two dice with ${sides} sides.`
      : `Dominoes with 0 to ${sides} pips on each half; each is hidden once, then all are mixed again.`,
    combine === 'add'
      ? 'The hider adds both parts and tells the total.'
      : 'The hider multiplies both parts and tells the total.',
    'One part is covered; the other player finds it.',
    `${count(rounds, 'round', 'rounds')} in which each hides once; most parts found win.`,
  ],
  prompts: ({ combine }, notes) =>
    notes.some(({ code }) => code === 'covered')
      ? [
          combine === 'add' ? 'What and the part shown make the total?' : 'The part shown times what makes the total?',
          'Is it more or less than the part shown?',
          'How can you be sure?',
        ]
      : ['How did you find it?', 'Which other two parts make that total?', 'What do both make together?'],
}
