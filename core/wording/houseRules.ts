import type { CommonRules } from '#core/contract/commonRules'
import type { AnswerName, Game } from '#core/contract/game'

/** The common house rules read back as plain sentences; only those that say something. */
export function sayCommonRules(game: Game, rules: CommonRules): string[] {
  const sentences: string[] = []
  if (game.answerCalled) sentences.push(sayAnswers(rules.answers, game.answerCalled(rules)))
  if (rules.explain !== 'invited') sentences.push(EXPLAIN[rules.explain])
  sentences.push(
    rules.tie === 'share'
      ? 'Level at the end: all who are level win.'
      : 'Level at the end: another round for everyone, until it breaks.',
  )
  if (rules.minutes !== null)
    sentences.push(
      `The clock runs ${rules.minutes} ${rules.minutes === 1 ? 'minute' : 'minutes'}; then the round is played to its end and the standing decides.`,
    )
  return sentences
}

function sayAnswers(answers: CommonRules['answers'], called: AnswerName): string {
  if (answers === 'off') return `The ${called} is not asked for.`
  if (answers === 'noted') return `A wrong ${called} is noted and put right; the play stands.`
  return `The ${called} must be said, and be right, before a play counts.`
}

const EXPLAIN = {
  off: 'Explaining is not asked for.',
  required: 'A play counts only once it is explained; anyone may pass on explaining aloud.',
}
