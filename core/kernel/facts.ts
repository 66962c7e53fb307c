import type { NumberFact } from '#core/contract/game'
import type { Table } from '#core/contract/table'
import type { How } from '#core/contract/plays'
import { memberIn } from '#core/kernel/members'
import type { Line } from '#core/kernel/tape'

/**
 * What a practised fact rests on. `said`: an answer, right or wrong. `helped`: an answer or an explanation with an aid in
 * hand. `explained`: how it was found was told, and the play stood. `met`: it was only played, and nobody heard whether it
 * is known.
 */
export const EVIDENCE = ['said', 'helped', 'explained', 'met'] as const
export type Evidence = (typeof EVIDENCE)[number]

/** A number fact as somebody practised it: what was to be worked out, what was said, and whether that was right. */
export interface PractisedFact extends Omit<NumberFact, 'by' | 'said' | 'how'> {
  /** The number of the entry. */
  readonly entry: number
  readonly by: number
  /** The member of a side whose fact it was; null where none is named. */
  readonly who: number | null
  /** What the player said, where this is the fact that the play asked for; else null. */
  readonly said: number | null
  /** Of what was said whether it was right; else whether the play stood, or only its answer was wrong. */
  readonly right: boolean
  readonly how: How | null
  readonly evidence: Evidence
}

/** Refusals that say nothing about anybody's arithmetic, and those after which the same answer is still to come. */
const NOT_PRACTISED: ReadonlySet<string> = new Set([
  'malformed',
  'match-over',
  'no-such-player',
  'not-now',
  'not-their-turn',
  'answer-missing',
  'unexplained',
])

/** What of a line says which facts it practised. */
export type PlayedLine = Pick<Line, 'number' | 'play' | 'verdict' | 'before' | 'struck'>

/**
 * The number facts that a line of the tape practised, standing plays and slips alike; empty for struck lines,
 * entries that are no plays, and plays that nobody in particular makes.
 */
export function practisedFacts({ game }: Pick<Table, 'game'>, line: PlayedLine): PractisedFact[] {
  const { play, verdict, before } = line
  if (!play || line.struck || (verdict.reason && NOT_PRACTISED.has(verdict.reason.code))) return []
  const facts = game.facts(before.rules, before.game, play)
  const wrong =
    verdict.reason?.code === 'wrong-answer' ? verdict.reason : verdict.notes.find(({ code }) => code === 'wrong-answer')
  // Where several things were said, the game itself says which fact each was about.
  const one = typeof play.said === 'number' ? play.said : null
  const asked = one === null ? -1 : askedFor(facts, Number(wrong?.facts.right ?? one))
  return facts.flatMap((fact, i) => {
    const by = fact.by ?? play.by
    if (by === undefined) return []
    const said = fact.said ?? (i === asked ? one : null)
    const right = said !== null ? said === fact.answer : verdict.stands || wrong !== undefined
    const { operation, terms, answer } = fact
    const who = memberIn(game, play, by)
    const how = fact.how ?? play.how ?? null
    const explained = play.explained === true && how !== 'passed' && verdict.stands
    const evidence = evidenceOf({ said, right, how, explained })
    return [{ entry: line.number, by, who, operation, terms, answer, said, right, how, evidence }]
  })
}

/** A wrong answer is one, with or without help; silence is never knowledge. */
function evidenceOf({
  said,
  right,
  how,
  explained,
}: Pick<PractisedFact, 'said' | 'right' | 'how'> & { readonly explained: boolean }): Evidence {
  if (said !== null && !right) return 'said'
  if (how === 'used-an-aid') return 'helped'
  return said !== null ? 'said' : explained ? 'explained' : 'met'
}

/** Which fact a spoken answer was about: the last whose answer was asked for, else the last of all. */
function askedFor(facts: readonly NumberFact[], right: number): number {
  const found = facts.findLastIndex(({ answer }) => answer === right)
  return found < 0 ? facts.length - 1 : found
}

/**
 * The answers that a line of the tape holds, each with whether it was right: also those that make no number fact, as the
 * first total of a match. Answers to plays that were refused for another reason are none yet.
 */
export function answersIn(table: Pick<Table, 'game'>, line: Line): boolean[] {
  const { play, verdict, answered, struck } = line
  if (!play || struck) return []
  const facts = practisedFacts(table, line).filter(({ said }) => said !== null)
  if (facts.length) return facts.map(({ right }) => right)
  if (!answered || play.said === undefined) return []
  const wrong = verdict.reason?.code === 'wrong-answer' || verdict.notes.some(({ code }) => code === 'wrong-answer')
  return [!wrong]
}

/** The same of a play that was explained and not answered: whether it stood. Passing on explaining tells nothing. */
export function explainedIn(table: Pick<Table, 'game'>, line: Line): boolean[] {
  const { play, verdict, struck } = line
  if (!play || struck || play.explained !== true || play.how === 'passed') return []
  if (verdict.reason && NOT_PRACTISED.has(verdict.reason.code)) return []
  return answersIn(table, line).length ? [] : [verdict.stands]
}
