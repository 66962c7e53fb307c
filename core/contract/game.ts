import type * as z from 'zod'
import type { MaterialId } from '#core/contract/materials'
import type { SkillId } from '#core/contract/skills'
import type { Codes, CommonNotes, Facts, NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { BasePlay, How } from '#core/contract/plays'
import type { Prediction } from '#core/contract/prediction'
import type { ProblemOf } from '#core/contract/problem'
import type { Random } from '#core/basics/random'
import type { Ready } from '#core/contract/ready'
import type { GameVerdict } from '#core/contract/verdict'
import { withMinus } from '#core/basics/words'

/** What a person reads of a game before choosing it. */
export interface About {
  readonly title: string
  readonly line: string
  /** What it practises, the main thing first. */
  readonly skills: readonly SkillId[]
  /** What must be in the box: of each group one of the things named. */
  readonly needs: readonly (readonly MaterialId[])[]
  /** Whom it is for, in years, roughly; 99 where grown-ups like it as well. */
  readonly ages: { readonly low: number; readonly high: number }
  readonly seats: { readonly low: number; readonly high: number }
  /** Seconds from one play to the next at an unhurried table, until the room's own logbook knows better. */
  readonly pace: number
  /** Whether the order of seats matters. */
  readonly turns: boolean
  /** Whoever is first wins: called for, or home. */
  readonly race?: true
  /** The house rules name the game: it is called by their `title`. */
  readonly titled?: true
  readonly slips: readonly string[]
  /** What the children find themselves where they play on their own. */
  readonly finds: Finds
}

/** What is a child’s to find: hidden where children play on their own, until it was given. */
export interface Finds {
  /** What is asked in its place. */
  readonly asks: string
  /** What is hidden, thing by thing: “the sum of the dice”. */
  readonly hides: readonly string[]
  /** What was seen before is to be remembered: the tape keeps it to itself too. */
  readonly memory?: true
  /** What a play comes to is said by a later one of the turn: dice that lie there until the stop. */
  readonly later?: true
  /** The score itself is to be worked out. */
  readonly score?: true
}

/** What a game is called under house rules as they were named. */
export function titleOf({ title, titled }: Pick<About, 'title' | 'titled'>, houseRules: object): string {
  const own = titled && 'title' in houseRules ? houseRules.title : undefined
  return typeof own === 'string' && own ? own : title
}

/** A named set of house rules: a school that people follow, or the next level. */
export interface Preset<R> {
  readonly id: string
  readonly label: string
  readonly hint: string
  readonly rules: Partial<R>
  /** Players at most, where these rules are not for all of a game's tables. */
  readonly most?: number
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
  /** Nothing is left to play on with: level stays level whatever was agreed. */
  readonly final?: true
}

/** The circumstances of one judgement. */
export interface Judging {
  /** The referee lets the play stand against what the companion believes it knows. */
  readonly overrule: boolean
}

export type Best = 'most' | 'fewest' | 'nearest'

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

/** Names for seats, for sentences, and what a spoken answer is called here. */
export interface Speaking {
  name(seat: number): string
  readonly answer: AnswerName
}

/** What a spoken answer is called: what the child works out. */
export type AnswerName = 'sum' | 'product' | 'difference' | 'total' | 'running total' | 'place' | 'result' | 'answer'

/** A code's sentence, from its facts. */
export type Sentence<F> = { say(facts: F, say: Speaking): string }['say']

/** A sentence for every code of a list. */
export type Sentences<M> = { readonly [K in keyof M]: Sentence<M[K]> }

/** The sentences of one game in one language: what codes and their facts turn into. */
export interface GameWording<R, P, S, C extends Codes = Codes> {
  readonly reasons: Sentences<C['reasons']>
  readonly notes: Sentences<C['notes']>
  /** How a match was won, by the codes of `End.why` that are this game's own: `most pairs`. */
  readonly why?: Readonly<Record<string, string>>
  /** What was done, without a verdict: `Ines rolls 6 5 4 3 1`. `state` is the game before the play. */
  play(play: P, say: Speaking, rules: R, state: S): string
  /** The agreed rules read back as plain sentences. */
  readBack(rules: R, seats: number): readonly string[]
  /** Questions that a referee may ask now. */
  prompts(
    rules: R,
    notes: readonly NoteOf<{ reasons: C['reasons']; notes: C['notes'] & CommonNotes }>[],
  ): readonly string[]
}

/** Whether a kind of play may be made now, by this player: steps 4 and 5 of judging. */
export type Timing = 'now' | 'not-now' | 'not-their-turn'

/** How far a match is, as the game counts it. */
export interface Progress {
  /** What is counted aloud; null where nothing is. Never a lap round the table that is no round of the game. */
  readonly unit: 'round' | 'turn' | null
  /** How many of them have begun: a changed `rounds` or `turns` is never below this. */
  readonly begun: number
  /** How many were agreed; null where none were. */
  readonly of: number | null
  /** Nobody has acted in the one to come. */
  readonly fresh: boolean
  /** Time may end the match here: everybody has had as many turns. Games without turns always may. */
  readonly between: boolean
}

/** What a player wishes to do, without the chance in it; a whole play is a wish too. */
export interface Wish {
  readonly do: string
  readonly by?: number
}

/** What chance brings for a wish, and no more. */
export interface Dealt {
  /** The fields of the play that chance decides, by name: `{ dice: [6, 5] }`. */
  readonly brings: Readonly<Record<string, unknown>>
  /** What of it is new, to be shown one after another; left out where nothing is to be seen. */
  readonly shown?: Reveal
  /** A player has to choose before chance goes on: the play isn't whole yet. */
  readonly unfinished?: true
}

/** What the dealer brought, to be shown one after another. */
export interface Reveal {
  readonly kind: 'die' | 'card' | 'spinner' | 'token'
  readonly values: readonly (number | string)[]
  /** How many faces each of the dice has, in the order of the values: a twelve-sided one may lie beside a six-sided. */
  readonly sides?: readonly number[]
  /** The fields of each spinner, or the tokens of the key, in the order of the values. */
  readonly fields?: readonly (readonly (number | string)[])[]
}

/** One practised number fact: `terms` joined by `operation` make `answer`. */
export interface NumberFact {
  readonly operation: 'add' | 'subtract' | 'times' | 'compare'
  readonly terms: readonly number[]
  readonly answer: number
  /** Whose fact it was, where a play holds several people's answers; else the play's `by`. */
  readonly by?: number
  /** What that person said, and how it was explained. */
  readonly said?: number
  readonly how?: How
}

/**
 * One game: plain functions over plain, JSON-safe, read-only data. Nothing here throws on any play, and
 * nothing changes what it is given. `docs/adding-a-game.md` shows how the hard games fit.
 *
 * The kernel (core/kernel/match.ts) does what is common: shape of plays, match over, seats, the order of reasons,
 * answers and explanations, clock, ties, rulings and corrections.
 */
export interface Game<
  R extends CommonRules = CommonRules,
  O = unknown,
  P extends BasePlay = BasePlay,
  S = unknown,
  C extends Codes = Codes,
> {
  readonly id: string
  readonly about: About
  /** Which score is best under these rules: the most, the fewest, the nearest to the goal; `most` where left out. */
  best?(rules: R): Best
  /** What else a sentence needs that says why a play may not be made now. */
  timingFacts?(rules: R, state: S, play: P): Facts
  /** Whether players take turns under these rules; as `about.turns` says where left out. */
  turns?(rules: R): boolean
  /** The score that wins at once, where these rules have one: what the bars of the standing grow toward. */
  goal?(rules: R): number | null
  /** What a spoken answer is called. Left out, or null under these rules, where spoken answers have no effect: then `answers` can't be named. */
  answerCalled?(rules: R): AnswerName | null
  /** Whether a level finish may be played on, under these rules; never where left out. */
  extraRound?(rules: R): boolean
  /** This game's own house rules: each with default, bounds, and `label`, `hint`, `changeable` as metadata. */
  readonly houseRules: z.ZodObject
  /** Where this game's default of a common rule is not the usual one. */
  readonly commonDefaults?: Partial<CommonRules>
  /** Defaults that depend on the seats or on other rules as named (unchecked): they fill what `named` leaves out. */
  defaults?(named: Readonly<Record<string, unknown>>, seats: number): Readonly<Record<string, unknown>>
  readonly presets: readonly Preset<R>[]
  /** What is recorded before play; `z.null()` where nothing is. */
  readonly opening: z.ZodType<O>
  readonly play: z.ZodType<P>

  /** Everything that is wrong with the rules is told at once, a tie that isn't offered last; else what is found first. */
  readonly problemsTogether?: true
  /** What is wrong with rules that are each within bounds. A ruling asks again, with `when: 'ruling'`. */
  problems(rules: R, seats: number, when: 'setup' | 'ruling'): readonly ProblemOf<C>[]
  prepare(rules: R, seats: number): Preparation
  /** For getting a table ready: the pack, what to read aloud, sheets to print, and what to try next. */
  readonly ready: Ready<R>
  /** The state before the first play, or what is wrong with the opening. */
  open(rules: R, seating: Seating, opening: O): { readonly state: S } | { readonly problems: readonly ProblemOf<C>[] }

  /** Where a play of the right shape is malformed under these rules: what is wrong; null where nothing is. */
  misshapen?(rules: R, play: P): Facts | null
  /** Further seats that a play names beside `by`; a seat that isn't there is `no-such-player`. */
  seatsNamed?(play: P): readonly number[]
  /** Answers of others within a play, each with the seat that gave it, and the member where that is a side. */
  answering?(play: P): readonly { readonly by: number; readonly who?: number }[]
  /** Steps 4 and 5 of judging: whether this kind of play may be made now, and is this player's to make. */
  timing(rules: R, state: S, play: P): Timing
  /** Steps 6 and 7: cards and faces, then the game's own reasons in the rulebook's order. */
  judge(rules: R, state: S, play: P, judging: Judging): GameVerdict<S, C>

  /** Who may act; the kernel has looked for the end already. */
  awaits(rules: R, state: S): Awaits
  /** Every play by `seat` known to stand now, chance included; plays without `by` belong to every seat. */
  plays(rules: R, state: S, seat: number): Iterable<P>
  /** Of these the ones that chance allows too where it brought what `play` has; left out, all are looked through. */
  sameChance?(rules: R, state: S, play: P): Iterable<P>
  /** The end by the game's own rules, level players all among the winners; null while play goes on. */
  end(rules: R, state: S): End | null
  /** How far the match is, and whether time may end it here. */
  progress(rules: R, state: S): Progress
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
   * The simulated dealer: what chance brings for a wish, and nothing that a player decides; null where it brings
   * nothing. What a wish holds of chance already is not looked at.
   */
  deal(rules: R, state: S, wish: Wish, random: Random): Dealt | null
  /** The simulated dealer: what is laid out before play, in games with an opening. */
  dealOpening?(rules: R, seats: number, random: Random): O
  /** A reasonable player, chance included; plays only what stands. */
  bot(rules: R, state: S, seat: number, random: Random): P
  /** The number facts that a play practised, read from the state before it. */
  facts(rules: R, state: S, play: P): readonly NumberFact[]

  /** What the room may be asked before chance speaks, the most telling first; nothing where left out. */
  readonly predictions?: readonly Prediction<R, S, P>[]

  writePlay(play: P): string
  readPlay(text: string, rules: R, state: S): ReadPlay<P>
  readonly wording: GameWording<R, P, S, C>
}

/** A game as the register takes it. Its rules, opening, plays and state are checked against each other here. */
export function defineGame<R extends CommonRules, O, P extends BasePlay, S, C extends Codes>(
  game: Game<R, O, P, S, C>,
): Game<R, O, P, S, C> {
  const { wording, prepare } = game
  return {
    ...game,
    // Whoever reads them sees a minus, and no hyphen.
    wording: {
      ...wording,
      play: (play, say, rules, state) => withMinus(wording.play(play, say, rules, state)),
      readBack: (rules, seats) => wording.readBack(rules, seats).map(withMinus),
    },
    prepare: (rules, seats) => {
      const { needs, ...rest } = prepare(rules, seats)
      return {
        ...rest,
        needs: needs.map((need) => (need.detail === undefined ? need : { ...need, detail: withMinus(need.detail) })),
      }
    },
  }
}
