import type { CommonRules } from '#core/contract/commonRules'
import type { AnswerName, Game } from '#core/contract/game'

/** The common house rules read back as plain sentences; only those that say something. `name` says who sits where. */
export function sayCommonRules(game: Game, rules: CommonRules, name = (seat: number) => `Player ${seat}`): string[] {
  const sentences: string[] = []
  const called = game.answerCalled?.(rules) ?? null
  if (called) sentences.push(sayAnswers(rules.answers, called))
  if (rules.explain !== 'invited') sentences.push(EXPLAIN[rules.explain])
  sentences.push(...sayBySeat(called, rules, name))
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

/** What is other for one player than for the table. */
function sayBySeat(called: AnswerName | null, rules: CommonRules, name: (seat: number) => string): string[] {
  return Object.entries(rules.bySeat).flatMap(([seat, { answers, explain }]) => [
    ...(answers === undefined || answers === rules.answers || called === null
      ? []
      : [`${name(Number(seat))}: ${lowered(sayAnswers(answers, called))}`]),
    ...(explain === undefined || explain === rules.explain ? [] : [`${name(Number(seat))} ${EXPLAINS[explain]}.`]),
  ])
}

const lowered = (sentence: string) => sentence.charAt(0).toLowerCase() + sentence.slice(1)

const EXPLAINS = {
  off: 'need not explain',
  invited: 'may explain',
  required: 'explains before a play counts, or passes',
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
