import type { Codes, CommonReasons, Facts, NoteOf, ReasonOf } from '#core/contract/codes'
import type { Working } from '#core/contract/working'

/** Why a play does not stand: a public code (docs/match-file.md) and the facts that explain it. */
export interface Reason {
  readonly code: string
  readonly facts: Facts
  /** It rests on what the companion believes it knows: the referee may know better, and overrule. */
  readonly belief?: true
}

/** Something worth saying about a play that stands: points gained, a wrong sum said, a play overlooked. */
export interface Note {
  readonly code: string
  readonly facts: Facts
  /** `call`: the referee has something to decide; `noted`: a slip that is kept, with nothing to decide. */
  readonly weight?: 'call' | 'noted'
}

/** What a play asks of the player beside the play itself; the kernel compares and refuses (step 8 of judging). */
export interface Asks {
  /** The right answer for the play's `said`. */
  readonly answer?: number | readonly number[]
  /** What was said beside it, and what is right: compared after it, and never missed. */
  readonly beside?: { readonly said: number; readonly right: number }
  /** True when an explanation is asked for under `explain: required`. */
  readonly explanation?: boolean
}

/** What a game says of a play that came through the kernel's steps 1 to 5. */
export type GameVerdict<S, C extends Codes = Codes> =
  | {
      readonly stands: true
      readonly next: S
      readonly working: readonly Working[]
      readonly notes: readonly NoteOf<C>[]
      readonly asks?: Asks
    }
  | {
      readonly stands: false
      readonly reason: ReasonOf<C>
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
export function refuse<C extends string, F extends Facts>(code: C, facts: F, working: readonly Working[] = NONE) {
  return { stands: false as const, reason: { code, facts }, working }
}

/** A game's refusal that rests on what the companion believes it knows: an overruled play passes it. */
export function refuseBelief<C extends string, F extends Facts>(code: C, facts: F, working: readonly Working[] = NONE) {
  return { stands: false as const, reason: { code, facts, belief: true as const }, working }
}

/** The verdict on an entry that stands with nothing to add. */
export const STANDS: Verdict = { stands: true, reason: null, working: NONE, notes: NONE }

/** The verdict on an entry that does not stand. */
export function refused<C extends keyof CommonReasons>(code: C, facts: CommonReasons[C]): Verdict {
  return refusedFor({ code, facts })
}

/** The verdict on an entry that does not stand for a reason found elsewhere. */
export const refusedFor = (reason: Reason): Verdict => ({ stands: false, reason, working: NONE, notes: NONE })

/** Whether a play stands but leaves something for the referee to decide. */
export function isReferees({ stands, notes }: Pick<Verdict, 'stands' | 'notes'>): boolean {
  return stands && notes.some(({ weight }) => weight === 'call')
}

/** Whether a play stands with a slip that is kept beside it, a wrong sum said. */
export function isNoted({ stands, notes }: Pick<Verdict, 'stands' | 'notes'>): boolean {
  return stands && notes.some(({ weight }) => weight === 'noted')
}
