import type { Working } from '#core/working'

/** Facts of a reason or note: numbers, names of things, lists of them. JSON-safe, never prose. */
export type Facts = Readonly<Record<string, unknown>>

/** Why a play does not stand: a public code (docs/match-file.md) and the facts that explain it. */
export interface Reason {
  readonly code: string
  readonly facts: Facts
}

/** Something worth saying about a play that stands: points gained, a wrong sum said, a play overlooked. */
export type Note = Reason

/** What a play asks of the player beside the play itself; the kernel compares and refuses (step 8 of judging). */
export interface Asks {
  /** The right answer for the play's `said`. */
  readonly answer?: number
  /** True when an explanation is asked for under `explain: required`. */
  readonly explanation?: boolean
}

/** What a game says of a play that came through the kernel's steps 1 to 5. */
export type GameVerdict<S> =
  | {
      readonly stands: true
      readonly next: S
      readonly working: readonly Working[]
      readonly notes: readonly Note[]
      readonly asks?: Asks
    }
  | {
      readonly stands: false
      readonly reason: Reason
      readonly working: readonly Working[]
      /** Only where a house rule names a penalty: the state after it. */
      readonly next?: S
    }

/** What is said of an entry in the end, whatever kind of entry it is. */
export interface Verdict {
  readonly stands: boolean
  readonly reason: Reason | null
  readonly working: readonly Working[]
  readonly notes: readonly Note[]
}

const NONE: readonly never[] = []

/** A game's refusal. */
export function refuse(code: string, facts: Facts = {}, working: readonly Working[] = NONE) {
  return { stands: false as const, reason: { code, facts }, working }
}

/** The verdict on an entry that stands with nothing to add. */
export const STANDS: Verdict = { stands: true, reason: null, working: NONE, notes: NONE }

/** The verdict on an entry that does not stand. */
export function refused(code: string, facts: Facts = {}, working: readonly Working[] = NONE): Verdict {
  return { stands: false, reason: { code, facts }, working, notes: NONE }
}

/** Notes on a standing play that ask for the referee's decision. */
const CALLS: ReadonlySet<string> = new Set(['wrong-answer', 'denied-earlier', 'not-as-dealt'])

/** Whether a play stands but leaves something for the referee to decide. */
export function isReferees({ stands, notes }: Pick<Verdict, 'stands' | 'notes'>): boolean {
  return stands && notes.some(({ code }) => CALLS.has(code))
}

/** Reasons that rest on what the companion believes it knows: the referee may know better, and overrule. */
const OVERRULABLE: ReadonlySet<string> = new Set([
  'denied-known-card', 'cannot-hold-partner', 'not-in-hand', 'seen-different', 'too-many-copies',
])

export function isOverrulable(reason: Reason | null): boolean {
  return reason !== null && OVERRULABLE.has(reason.code)
}
