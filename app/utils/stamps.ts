import { isNoted, isReferees, type Verdict } from '#core/contract/verdict'

export type StampKind = 'stands' | 'refused' | 'call' | 'noted' | 'open' | 'struck' | 'overruled'

/** What a refusal waits for rather than finds wrong. */
const OPEN: ReadonlySet<string> = new Set(['answer-missing', 'unexplained'])

/** The stamp that belongs to a verdict. */
export function stampOf(verdict: Verdict): StampKind {
  if (!verdict.stands) return OPEN.has(verdict.reason?.code ?? '') ? 'open' : 'refused'
  if (isReferees(verdict)) return 'call'
  return isNoted(verdict) ? 'noted' : 'stands'
}

/** The stamp of an entry on the tape. */
export function stampOfLine(line: {
  readonly struck: boolean
  readonly verdict: Verdict
  readonly raw: unknown
}): StampKind {
  if (line.struck) return 'struck'
  const kind = stampOf(line.verdict)
  const overruled = (line.raw as { overrule?: unknown } | null)?.overrule !== undefined
  return kind === 'stands' && overruled ? 'overruled' : kind === 'open' ? 'refused' : kind
}
