import type { FileParts } from '../unit/judging'

/** One line of a match in notation, the verdict in short (`ok` or the reason), and everyone's score after it. */
export type JudgedLine = readonly [text: string, verdict: string, scores: readonly number[]]

/** One step of a person at the desk, and what they see. */
export type Step =
  | { readonly tap: string | RegExp }
  /** Typed key by key. */
  | { readonly keys: string }
  /** A key by its name. */
  | { readonly press: string }
  /** What the verdict says now. */
  | { readonly verdict: string | RegExp }
  /** What stands on the tape now. */
  | { readonly tape: string | RegExp }
  /** Whose turn it is now. */
  | { readonly turn: string }
  | { readonly score: readonly [seat: number, text: string] }
  /** The headline of the announcement. */
  | { readonly wins: string }

/**
 * Everything that the suites need to know of a game; a game without it fails. What all games must do alike is tested
 * from here, in core and in the browser; worked cases of the rules stand beside them in `core/games/<id>/<id>.test.ts`.
 */
export interface GameFixture {
  /** How few and how many may play, as the rulebook says: written down once more, so that a slip in `about` is found. */
  readonly seats: readonly [low: number, high: number]
  /** Whether points are given and taken by ruling. */
  readonly points: boolean
  /** An extra round is offered under the rules of `open`. */
  readonly extraRound?: true
  /** A match that can be opened, with nothing in it yet. */
  readonly open: FileParts
  /** A match in the middle of its play. */
  readonly live: FileParts
  /** A whole match in notation, wrong turns on the way. */
  readonly match: { readonly parts: FileParts; readonly lines: readonly JudgedLine[]; readonly result: object }
  /** For every reason that the game itself gives: entries the last of which is refused with it, `after` others that are meant to be refused. */
  readonly slips: Readonly<Record<string, FileParts & { readonly after?: readonly string[] }>>
  /** What is said of the last entry. */
  readonly sentences: readonly (readonly [parts: FileParts, says: string])[]
  /** Notation that is understood, as this play, and such that is not; at `open` unless said otherwise. */
  readonly understood: readonly (readonly [text: string, play: object, parts?: FileParts])[]
  readonly notUnderstood: readonly (readonly [text: string, parts?: FileParts])[]
  /** The house rules that a ruling may change beside the common ones, each with a value that fits. */
  readonly may: Readonly<Record<string, unknown>>
  /** An entry put right in the pad that entered it. */
  readonly amend: {
    readonly parts: FileParts
    readonly entry: number
    /** How it reads on the tape. */
    readonly reads: RegExp
    readonly touch: readonly (string | RegExp)[]
    readonly becomes: string
    readonly play: object
  }
  /** A match by touch (and some of it by key), and the entries that it records. */
  readonly byHand: { readonly parts: FileParts; readonly steps: readonly Step[]; readonly entries: readonly object[] }
  /** What the room sees of `live`, what it must not see, and what follows from one more entry without a reload. */
  readonly board: {
    readonly shows: readonly (string | RegExp)[]
    readonly hides?: readonly (string | RegExp)[]
    readonly last: string
    readonly next: object
    readonly then: readonly Step[]
  }
  /** Another opening for `open`, in games that record one. */
  readonly reopening?: { readonly opening: unknown; readonly bad: unknown }
}

/** An entry that is a play. */
export const play = (fields: object) => ({ play: fields })
