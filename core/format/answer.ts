import { itemAt } from '#core/basics/lists'
import type { Facts } from '#core/contract/codes'
import type { Awaits } from '#core/contract/game'
import type { ReadMatch } from '#core/format/matchFile'
import { awaits, standing } from '#core/kernel/match'
import type { Result } from '#core/contract/table'
import type { Line, Tape } from '#core/kernel/tape'
import type { Note } from '#core/contract/verdict'
import { sayProblem, sayVerdict } from '#core/wording/index'
import { writeWorking } from '#core/contract/working'

/** One entry's verdict as `bin/judge` prints it. */
export interface AnswerVerdict {
  readonly entry: number
  readonly stands: boolean
  readonly struck?: true
  /** The number of the amend entry whose play stands here. */
  readonly amended?: number
  readonly reason: string | null
  readonly facts: Facts
  readonly notes?: readonly Pick<Note, 'code' | 'facts'>[]
  readonly says: string
  readonly working: string
}

/** What `bin/judge` prints of one match file. */
export type Answer =
  | {
      readonly accepted: true
      readonly verdicts: readonly AnswerVerdict[]
      readonly standing: readonly { readonly seat: number; readonly name: string; readonly score: number }[]
      readonly awaits: Awaits | null
      readonly result: Result | null
    }
  | { readonly accepted: false; readonly problems: readonly { path: string; code: string; says: string }[] }

/** The same without words, for judging many: what stands and why not, how it stands, and who won. */
type BriefAnswer =
  | {
      readonly accepted: true
      readonly verdicts: readonly Pick<AnswerVerdict, 'entry' | 'stands' | 'struck' | 'amended' | 'reason'>[]
      readonly standing: readonly { readonly seat: number; readonly score: number }[]
      readonly result: Result | null
    }
  | { readonly accepted: false; readonly problems: readonly { path: string; code: string }[] }

/** Makes the brief answer to a file that was read. */
export function makeBriefAnswer(read: ReadMatch): BriefAnswer {
  if (!read.ok) return { accepted: false, problems: read.problems.map(({ path, code }) => ({ path, code })) }
  const { table, state, lines } = read.tape
  return {
    accepted: true,
    verdicts: lines.map(({ number, verdict: { stands, reason }, struck, amendedBy }) => ({
      entry: number,
      stands,
      ...(struck ? { struck } : {}),
      ...(amendedBy === null ? {} : { amended: amendedBy }),
      reason: reason?.code ?? null,
    })),
    standing: standing(table, state).map((score, i) => ({ seat: i + 1, score })),
    result: state.result,
  }
}

/** Makes the answer to a file that was read. */
export function makeAnswer(read: ReadMatch): Answer {
  if (!read.ok) {
    const problems = read.problems.map((problem) => ({
      path: problem.path,
      code: problem.code,
      says: sayProblem(problem),
    }))
    return { accepted: false, problems }
  }
  const { tape } = read
  return {
    accepted: true,
    verdicts: tape.lines.map((line) => answerLine(tape, line)),
    standing: standingOf(tape),
    awaits: awaits(tape.table, tape.state),
    result: tape.state.result,
  }
}

/** Everyone's score with seat and name, by seat. */
function standingOf({ table, state }: Pick<Tape, 'table' | 'state'>) {
  return standing(table, state).map((score, i) => ({ seat: i + 1, name: itemAt(table.players, i), score }))
}

function answerLine(tape: Tape, line: Line): AnswerVerdict {
  const { verdict, struck, amendedBy } = line
  const { stands, reason, notes, working } = verdict
  // Field by field, in the order of the format: spreading what may be missing costs more than judging a play.
  const answer: { -readonly [K in keyof AnswerVerdict]?: AnswerVerdict[K] } = { entry: line.number, stands }
  if (struck) answer.struck = true
  if (amendedBy !== null) answer.amended = amendedBy
  answer.reason = reason?.code ?? null
  answer.facts = reason?.facts ?? {}
  if (notes.length) answer.notes = notes.map(({ code, facts }) => ({ code, facts }))
  answer.says = sayVerdict(tape.table, line)
  answer.working = working.length === 1 ? writeWorking(itemAt(working, 0)) : working.map(writeWorking).join('; ')
  return answer as AnswerVerdict
}
