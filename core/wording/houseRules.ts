import type { Game } from '#core/game'
import type { CommonRules } from '#core/houseRules'

/** The common house rules read back as plain sentences; only those that say something. */
export function sayCommonRules(game: Game, rules: CommonRules): string[] {
  const sentences: string[] = []
  if (game.answers) sentences.push(ANSWERS[rules.answers])
  if (rules.explain !== 'invited') sentences.push(EXPLAIN[rules.explain])
  sentences.push(rules.tie === 'share' ? 'Level at the end: all who are level win.' : 'Level at the end: another round for everyone, until it breaks.')
  if (rules.minutes !== null)
    sentences.push(`The clock runs ${rules.minutes} ${rules.minutes === 1 ? 'minute' : 'minutes'}; then the round is finished and the standing decides.`)
  return sentences
}

const ANSWERS = {
  off: 'Sums are not asked for.',
  noted: 'A wrong sum is noted and put right; the play stands.',
  'must-be-right': 'The sum must be said, and be right, before a play counts.',
}

const EXPLAIN = {
  off: 'Explaining is not asked for.',
  required: 'A play counts only once it is explained; anyone may pass on explaining aloud.',
}
