import type { GameWording } from '#core/contract/game'
import type { PerchCodes } from '#core/games/perch-and-push/codes'
import type { PerchPlay, PerchRules, PerchState } from '#core/games/perch-and-push/rules'
import { count, isAre, list } from '#core/basics/words'

const either = (numbers: readonly number[]) => numbers.join(' or ')

/** Sentences of Perch & Push in English. */
export const wording: GameWording<PerchRules, PerchPlay, PerchState, PerchCodes> = {
  reasons: {
    'wrong-card-count': ({ count: given, expected }) =>
      `${count(expected, 'card is', 'cards are')} drawn; ${given} ${isAre(given)} given.`,
    'not-an-option': ({ on, options }) =>
      options.length === 1
        ? `${on} is not it: these cards make ${either(options)}.`
        : `${on} is neither: these cards make ${either(options)}.`,
    'safe-stack': ({ on, count: size, of }, { name }) =>
      `${name(of)} has ${count(size, 'marker', 'markers')} on ${on}: that stack is safe.`,
    'can-still-place': ({ by, on }, { name }) => `${name(by)} can still perch on ${either(on)}.`,
  },
  notes: {
    perched: ({ by, on, count: size }, { name }) =>
      size > 1 ? `${name(by)} has ${size} on ${on} now.` : `${name(by)} perches on ${on}.`,
    pushed: ({ by, of, count: size, on, points }, { name }) =>
      `${name(by)} pushes ${count(size, 'marker', 'markers')} of ${name(of)} off ${on} and has ${count(points, 'point', 'points')}.`,
    passed: ({ by }, { name }) => `Everything is safe: ${name(by)} passes.`,
    reshuffled: () => 'All cards are shuffled again.',
  },
  why: { goal: 'the goal reached', 'all-safe': 'every place safe, most points' },
  play(play, { name }) {
    if (play.do === 'reshuffle') return 'The cards are shuffled again'
    if (play.do === 'pass') return `${name(play.by)} draws ${list(play.cards)} and passes`
    return `${name(play.by)} draws ${list(play.cards)} and perches on ${play.on}`
  },
  readBack({ combine, with: other, pack, draw, goal, afterPush, safeStack }) {
    return [
      `Cards ${pack.low} to ${pack.high}, ${pack.copies} of each; ${draw === 2 ? 'draw two and choose one' : 'draw one'}.`,
      combine === 'add'
        ? `Add ${other} to the card and perch on the result.`
        : `Take the card times ${other} and perch on the result.`,
      'On a bare or own place the stack grows; on a rival’s all markers there are pushed off and are yours.',
      afterPush === 'perch' ? 'After a push your marker takes the place.' : 'After a push the place stays bare.',
      safeStack === 0 ? 'No stack is safe: stacking is a gamble.' : `${safeStack} of one’s own on a place are safe.`,
      `First with ${count(goal, 'marker', 'markers')} pushed off wins; more is fine.`,
    ]
  },
  prompts({ with: other, combine, draw }, notes) {
    const pushed = notes.some(({ code }) => code === 'pushed')
    return [
      pushed
        ? 'How did you know where to perch?'
        : draw === 1
          ? 'What does your card make?'
          : 'What do your two cards make?',
      combine === 'add'
        ? `What happens to a number when you add ${other}?`
        : `Which row of the table is times ${other}?`,
      'Which place would you like to hit next?',
    ]
  },
}
