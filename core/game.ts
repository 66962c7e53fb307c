import type * as z from 'zod'
import type { CommonRules } from '#core/houseRules'
import type { BasePlay } from '#core/plays'
import type { Problem } from '#core/problem'
import type { Random } from '#core/random'
import type { Facts, GameVerdict, Note, Reason } from '#core/verdict'

/** What a person reads of a game before choosing it. */
export interface About {
  readonly title: string
  readonly line: string
  readonly skills: readonly string[]
  readonly seats: { readonly low: number; readonly high: number }
  /** Usual length of a match in minutes. */
  readonly minutes: { readonly low: number; readonly high: number }
  /** Whether the order of seats matters. */
  readonly turns: boolean
  readonly slips: readonly string[]
}

/** A named set of house rules: a school that people follow, or the next level. */
export interface Preset<R> {
  readonly id: string
  readonly label: string
  readonly hint: string
  readonly rules: Partial<R>
}

/** What must lie ready before play. */
export interface Preparation {
  readonly needs: readonly { readonly count: number; readonly what: string; readonly detail?: string }[]
  /** The usual caution, one line each. */
  readonly care: readonly string[]
}

/** Who may act now, with which kinds of play. */
export interface Awaits {
  readonly seats: readonly number[]
  readonly plays: readonly string[]
}

/** How the match came to its end by itself. */
export interface End {
  readonly winners: readonly number[]
  /** A code: `most-points`, `first-home`, … */
  readonly why: string
}

/** The circumstances of one judgement. */
export interface Judging {
  /** The referee lets the play stand against what the companion believes it knows. */
  readonly overrule: boolean
}

/** Who sits where, as every game needs it. */
export interface Seating {
  readonly seats: number
  readonly first: number
  /** `dealt`: the app is the dealer, and hands and stock follow from `seed`; `table`: only what is shown is known. */
  readonly source: 'table' | 'dealt'
  readonly seed: string | number | null
}

/** Reading typed notation fails in three ways, told apart. */
export type ReadPlay<P> =
  | { readonly ok: true; readonly play: P }
  | { readonly ok: false; readonly why: 'not-understood'; readonly facts: Facts }
  | { readonly ok: false; readonly why: 'ambiguous'; readonly facts: Facts; readonly could: readonly P[] }

/** Names for seats, for sentences. */
export interface Speaking {
  readonly name: (seat: number) => string
}

/** The sentences of one game in one language: what codes and their facts turn into. */
export interface GameWording<R, P> {
  readonly reasons: Readonly<Record<string, (facts: Facts, say: Speaking) => string>>
  readonly notes: Readonly<Record<string, (facts: Facts, say: Speaking) => string>>
  /** How a match was won, by the codes of `End.why` that are this game's own: `most pairs`. */
  readonly why?: Readonly<Record<string, string>>
  /** What was done, without a verdict: `Ines rolls 6 5 4 3 1`. */
  readonly play: (play: P, say: Speaking) => string
  /** The agreed rules read back as plain sentences. */
  readonly slip: (rules: R) => readonly string[]
  /** Questions that a referee may ask now. */
  readonly prompts: (rules: R, notes: readonly Note[]) => readonly string[]
}

/** One practised number fact: `terms` joined by `operation` make `answer`. */
export interface NumberFact {
  readonly operation: 'add' | 'subtract' | 'times' | 'compare'
  readonly terms: readonly number[]
  readonly answer: number
  /** Whose fact it was, where a play holds several people's answers; else the play's `by`. */
  readonly by?: number
  /** What that person said. */
  readonly said?: number
}

/**
 * One game: plain functions over plain, JSON-safe, read-only data. Nothing here throws on any play, and
 * nothing changes what it is given. `docs/adding-a-game.md` shows how the hard games fit.
 *
 * The kernel (core/match.ts) does what is common: shape of plays, match over, seats, the order of reasons,
 * answers and explanations, clock, ties, rulings and corrections.
 */
export interface Game<R extends CommonRules = CommonRules, O = unknown, P extends BasePlay = BasePlay, S = unknown> {
  readonly id: string
  readonly version: number
  readonly about: About
  /** Whether spoken answers have an effect, so that `answers` may be named. */
  readonly answers: boolean
  /** Which score is best; `most` where nothing is said. */
  readonly best?: 'most' | 'fewest'
  /** The score that wins at once, where these rules have one: what the bars of the standing grow toward. */
  goal?(rules: R): number | null
  /** Whether a level finish may be played on, under these rules. */
  extraRound(rules: R): boolean
  /** This game's own house rules: each with default, bounds, `label` and `hint` as metadata. */
  readonly houseRules: z.ZodObject
  /** Where this game's default of a common rule is not the usual one. */
  readonly commonDefaults?: Partial<CommonRules>
  readonly presets: readonly Preset<R>[]
  /** What is recorded before play; `z.null()` where nothing is. */
  readonly opening: z.ZodType<O>
  readonly play: z.ZodType<P>

  /** What is wrong with rules that are each within bounds. A ruling asks again, with `when: 'ruling'`. */
  problems(rules: R, seats: number, when: 'setup' | 'ruling'): readonly Problem[]
  prepare(rules: R, seats: number): Preparation
  /** The state before the first play, or what is wrong with the opening. */
  open(rules: R, seating: Seating, opening: O): { readonly state: S } | { readonly problems: readonly Problem[] }

  /** Further seats that a play names beside `by`; a seat that isn't there is `no-such-player`. */
  seatsNamed?(play: P): readonly number[]
  /** Steps 4 and 5 of judging: whether this kind of play has a place now, and is this player's to make. */
  place(rules: R, state: S, play: P): 'here' | 'not-now' | 'not-their-turn'
  /** Steps 6 and 7: cards and faces, then the game's own reasons in the rulebook's order. */
  judge(rules: R, state: S, play: P, judging: Judging): GameVerdict<S>

  /** Who may act; the kernel has looked for the end already. */
  awaits(rules: R, state: S): Awaits
  /** Every play by `seat` known to stand now, chance included; plays without `by` belong to every seat. */
  plays(rules: R, state: S, seat: number): Iterable<P>
  /** The end by the game's own rules, level players all among the winners; null while play goes on. */
  end(rules: R, state: S): End | null
  /** Between rounds: nobody has acted in the round to come. Games without turns are always between rounds. */
  betweenRounds(rules: R, state: S): boolean
  /** How many rounds (or turns each) have begun: a changed `rounds` or `turns` is never below this. */
  begun(rules: R, state: S): number
  /** Everyone's score, by seat. */
  standing(rules: R, state: S): readonly number[]
  /** Decides on the standing, as when the match is ended early. */
  lead(rules: R, state: S): End
  /** Adds points by ruling (a whole number, also negative); null where the game has no points. */
  award?(rules: R, state: S, seat: number, points: number): S | null
  /** The state once a ruling changed the rules, where something falls away by that; the same one where left out. */
  ruled?(rules: R, state: S): S
  /** What everybody at the table may see: JSON for the board view. */
  view(rules: R, state: S): unknown
  /** A play as the public saw it, without what only the referee knows; the play itself where left out. */
  shown?(rules: R, state: S, play: P): P
  /**
   * The simulated dealer: completes what a player wishes to do with what chance brings. A whole play is a wish too:
   * what it holds of chance is not looked at.
   */
  deal(rules: R, state: S, wish: unknown, random: Random): P | null
  /** The part of a play that chance brought, JSON-safe; null for a play without chance. Left out where the dealer brings nothing during play. */
  chanceIn?(play: P): unknown
  /** The simulated dealer: what is laid out before play. */
  dealOpening(rules: R, seats: number, random: Random): O
  /** A reasonable player, chance included; plays only what stands. */
  bot(rules: R, state: S, seat: number, random: Random): P
  /** The number facts that a play practised, read from the state before it. */
  facts(rules: R, state: S, play: P): readonly NumberFact[]

  writePlay(play: P): string
  readPlay(text: string, rules: R, state: S): ReadPlay<P>
  readonly wording: GameWording<R, P>
}

export type { Facts, GameVerdict, Note, Problem, Reason }
