/** Facts of a reason or note: numbers, names of things, lists of them. JSON-safe, never prose. */
export type Facts = Readonly<Record<string, unknown>>

/** The codes of a game, each with its facts: why a play is refused, and what is remarked of one that stands. */
export interface Codes {
  readonly reasons: Readonly<Record<string, Facts>>
  readonly notes: Readonly<Record<string, Facts>>
}

/** A game that has none of its own. */
export type NoCodes = Readonly<Record<never, Facts>>

/** No facts. */
export type Nothing = Readonly<Record<never, never>>

/** One code of a list with the facts that belong to it. */
export type Coded<M> = { readonly [C in keyof M & string]: { readonly code: C; readonly facts: M[C] } }[keyof M &
  string]

/**
 * A reason that a game may give: one of its own, or one that all games share. It may rest on what the companion believes
 * it knows (`belief`): then the referee may know better, and overrule.
 */
export type ReasonOf<C extends Codes> = Coded<C['reasons'] & Omit<CommonReasons, keyof C['reasons']>> & {
  readonly belief?: true
}

/** A note that a game may give. `call`: the referee has to decide; `noted`: a slip that is kept, nothing to decide. */
export type NoteOf<C extends Codes> = Coded<C['notes']> & { readonly weight?: 'call' | 'noted' }

/** Reasons that the kernel gives, or that games share, with their facts; a game that names one anew says it its own way. */
export type CommonReasons = {
  malformed: {
    readonly what?: string
    readonly do?: string | null
    readonly field?: string | null
    readonly issue?: string | null
    readonly keys?: readonly string[]
  }
  'match-over': { readonly do?: string; readonly call?: string; readonly ruling?: string }
  'no-such-player': { readonly by: number; readonly seats: number }
  'no-such-member': { readonly by: number; readonly who: number; readonly members: number }
  'not-now': OutOfPlace
  'not-their-turn': OutOfPlace
  'stock-empty': Facts
  'no-such-card': { readonly card: number | string }
  'no-such-face': { readonly face: number; readonly sides?: number; readonly faces?: readonly number[] }
  'too-many-copies': { readonly card: number | string; readonly copies: number }
  'not-in-hand': { readonly by: number; readonly cards: readonly number[] }
  'wrong-total': { readonly sum: number; readonly target: number }
  'answer-missing': { readonly by?: number }
  'wrong-dice-count': { readonly count: number; readonly expected: number }
  'wrong-card-count': { readonly count: number; readonly expected: number }
  'wrong-answer': WrongAnswer
  unexplained: { readonly by?: number }
  'not-as-dealt': { readonly by?: number }
  'not-changeable': { readonly rule: string }
  'already-past': { readonly rule: string; readonly value: number; readonly begun: number }
  'no-points-here': { readonly by: number; readonly points: number }
  'no-such-entry': { readonly entry: number }
  'already-struck': { readonly entry: number }
  'not-a-play': { readonly entry: number }
}

/** Notes that the kernel makes, whatever is played. */
export type CommonNotes = Pick<CommonReasons, 'wrong-answer' | 'not-as-dealt'>

/** One of those. */
export type CommonNote = Coded<CommonNotes> & { readonly weight: 'call' | 'noted' }

/** What is told of a play that has no place now: whom and what the match waits for. */
export type OutOfPlace = {
  readonly do?: string
  readonly by?: number | null
  readonly awaits?: readonly number[]
  readonly plays?: readonly string[]
}

/** Whose answer it was, what was said, and what is right. */
export type WrongAnswer = {
  readonly by?: number
  readonly said: number | readonly number[]
  readonly right: number | readonly number[]
}

/** What is wrong with a file or a setup, with its facts. */
export type CommonProblems = {
  'not-json': { readonly detail: string }
  'bad-format': Nothing
  'bad-version': { readonly version: string }
  'bad-players': { readonly player: number }
  'bad-field': { readonly field: string; readonly expected: string }
  'unknown-field': { readonly field: string }
  'entry-too-long': { readonly entry: number; readonly most: number }
  'too-long': { readonly most: number }
  'bad-archive': { readonly field: string }
  'bad-house-rules-file': { readonly field: string }
  'unknown-game': { readonly game: string; readonly known?: readonly string[] }
  'unknown-house-rule': { readonly rule: string }
  'bad-house-rule': BadRule
  'answers-not-offered': { readonly rule: string }
  'tie-not-offered': { readonly rule: string }
  'bad-first': { readonly first?: number; readonly seats: number }
  'bad-opening': Facts & { readonly card?: number | string; readonly copies?: number }
  'wild-not-in-pack': { readonly wild: string }
  'pack-too-small': { readonly dealt: number; readonly cards: number }
  'wrong-number-count': { readonly count: number; readonly numbers: number }
  'wrong-length': { readonly number: string; readonly length: number; readonly digits: number }
  'digit-off-die': { readonly number: string; readonly digit: number; readonly sides: number }
  'unfair-pack': { readonly copies?: number; readonly up?: number; readonly down?: number }
  'target-out-of-reach': Facts
  'needs-two': { readonly numbers: number }
  'not-digits': { readonly low: number; readonly high: number }
  'too-many-numbers': { readonly numbers: number; readonly most: number }
  'needs-target': Nothing
  'bad-floor': { readonly floor: number; readonly start: number }
  'bad-track': { readonly from: number; readonly to: number; readonly field: string }
  'needs-track': { readonly rule: string }
  'bad-special': { readonly when: string; readonly then: string }
  'do-not-go-together': { readonly rule: string; readonly other: string }
  'too-few-players': { readonly players: number; readonly least: number }
  'too-many-players': { readonly players: number; readonly most: number }
}

/** A house rule that can't have a value, and which it may have. */
export type BadRule = Facts & {
  readonly rule: string
  readonly value?: unknown
  readonly least?: number
  readonly most?: number
  readonly oneOf?: readonly unknown[]
}
