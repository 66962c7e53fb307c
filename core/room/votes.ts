import { list } from '#core/basics/words'

/** Something that is voted on, and the hands that were counted for it; null until they were. */
interface VotedOn<T> {
  readonly value: T
  readonly label: string
  readonly votes: number | null
}

/** What a vote came to. */
export interface Vote<T> {
  /** What was chosen; undefined where those in front are level and the rule that is in force is not among them. */
  readonly value: T | undefined
  /** The numbers, for the tape: `vote: until it breaks 5, share 3`. */
  readonly why: string
}

/**
 * Counts a vote among several; level votes keep the rule in force, `now`, where it is one of those in front. Null until
 * every choice is counted and somebody voted.
 */
export function countVotes<T>(choices: readonly VotedOn<T>[], now: (value: T) => boolean): Vote<T> | null {
  const counted = choices.flatMap(({ value, label, votes }) => (votes === null ? [] : [{ value, label, votes }]))
  if (counted.length < choices.length || !counted.some(({ votes }) => votes > 0)) return null
  const sorted = [...counted].sort((a, b) => b.votes - a.votes)
  const leaders = sorted.filter(({ votes }) => votes === sorted[0]?.votes)
  const chosen = leaders.length === 1 ? leaders[0] : leaders.find(({ value }) => now(value))
  return { value: chosen?.value, why: `vote: ${list(sorted.map(({ label, votes }) => `${label} ${votes}`))}` }
}
