import { makeAnswer, type Answer } from '#core/format/answer'
import { FORMAT, readMatch, VERSION } from '#core/format/matchFile'

type Accepted = Extract<Answer, { accepted: true }>

export interface FileParts {
  game?: string
  houseRules?: Record<string, unknown>
  players?: string[]
  first?: number
  source?: 'table' | 'dealt'
  opening?: unknown
  entries?: unknown[]
  seed?: string
}

/** A match file in JSON, of Brim with two players unless said otherwise. */
export function fileOf(parts: FileParts): unknown {
  return { format: FORMAT, version: VERSION, game: 'brim', players: ['Ines', 'Tomasz'], entries: [], ...parts }
}

/** The answer that bin/judge gives for these parts of a match file; fails when the file has problems. */
export function judged(parts: FileParts): Accepted {
  const answer = makeAnswer(readMatch(fileOf(parts)))
  if (!answer.accepted) throw new Error(JSON.stringify(answer.problems))
  return answer
}

/** The codes of the problems with a match file. */
export function problemsOf(parts: FileParts): string[] {
  const answer = makeAnswer(readMatch(fileOf(parts)))
  return answer.accepted ? [] : answer.problems.map(({ path, code }) => `${path} ${code}`)
}

/** Verdicts in short: the reason code, `ok`, `struck`, or `ok:code` where a note of that code came with it. */
export function inShort(answer: Accepted): string[] {
  return answer.verdicts.map((verdict) => (verdict.struck ? 'struck' : (verdict.reason ?? 'ok')))
}

export function scores(answer: Accepted): number[] {
  return answer.standing.map(({ score }) => score)
}

export const play = (fields: object) => ({ play: fields })
