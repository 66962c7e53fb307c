import { practisedFacts, type PractisedFact } from '#core/kernel/facts'
import type { Tape } from '#core/kernel/tape'

/** A fact that is not sure yet: how often it was wrong, worked out instead of known, or claimed by nobody, in this match. */
interface Unsure {
  readonly operation: PractisedFact['operation']
  readonly terms: readonly number[]
  readonly answer: number
  readonly wrong: number
  readonly slow: number
  /** Who had trouble with it. */
  readonly seats: readonly number[]
}

/** Ways that find an answer without knowing it. */
const WORKED_OUT: ReadonlySet<string> = new Set(['counted-on', 'skip-counted', 'drew-it'])

/** The facts that were wrong or worked out in this match, the shakiest first. 3 + 7 and 7 + 3 are one fact. */
export function unsureFacts(tape: Tape): Unsure[] {
  const found = new Map<string, Unsure>()
  for (const line of tape.lines)
    for (const fact of practisedFacts(tape.table, line)) {
      const slow = fact.right && fact.how !== null && WORKED_OUT.has(fact.how)
      if (fact.right && !slow) continue
      const terms = [...fact.terms].sort((a, b) => b - a)
      const key = `${fact.operation} ${terms.join(' ')}`
      const before = found.get(key) ?? {
        operation: fact.operation,
        terms,
        answer: fact.answer,
        wrong: 0,
        slow: 0,
        seats: [],
      }
      found.set(key, {
        ...before,
        wrong: before.wrong + (fact.right ? 0 : 1),
        slow: before.slow + (slow ? 1 : 0),
        seats: before.seats.includes(fact.by) ? before.seats : [...before.seats, fact.by],
      })
    }
  return [...found.values()].sort((a, b) => b.wrong - a.wrong || b.slow - a.slow)
}
