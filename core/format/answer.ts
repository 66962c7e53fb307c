import type { Awaits } from '#core/game'
import type { ReadMatch } from '#core/format/matchFile'
import { awaits, standing } from '#core/match'
import type { Result } from '#core/table'
import type { Line, Tape } from '#core/tape'
import type { Facts, Note } from '#core/verdict'
import { sayProblem, sayVerdict } from '#core/wording/index'
import { writeWorking } from '#core/working'

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
export function standingOf({ table, state }: Pick<Tape, 'table' | 'state'>) {
  return standing(table, state).map((score, i) => ({ seat: i + 1, name: table.players[i]!, score }))
}

function answerLine(tape: Tape, line: Line): AnswerVerdict {
  const { verdict } = line
  return {
    entry: line.number,
    stands: verdict.stands,
    ...(line.struck ? { struck: true as const } : {}),
    ...(line.amendedBy === null ? {} : { amended: line.amendedBy }),
    reason: verdict.reason?.code ?? null,
    facts: verdict.reason?.facts ?? {},
    ...(verdict.notes.length ? { notes: verdict.notes.map(({ code, facts }) => ({ code, facts })) } : {}),
    says: sayVerdict(tape.table, line),
    working: verdict.working.map(writeWorking).join('; '),
  }
}
