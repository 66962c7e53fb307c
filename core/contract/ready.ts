import type { CardCount, Sheet } from '#core/contract/sheet'

/** Two sides of a pack whose weights should be known before play: whether it drifts. */
export interface Balance {
  readonly sides: readonly { readonly label: string; readonly cards: number; readonly total: number }[]
  /** What that comes to, in a sentence. */
  readonly says: string
}

/** Two short cards for the referee. */
export interface Talk {
  /** Before: what is there to be noticed. */
  readonly notice: string
  /** Before: how a play is said, as a whole sentence. */
  readonly say: string
  /** After: what to look back on. */
  readonly hard: string
}

/** What lies ready and is said before play, what can be printed, and what to try next: for getting a table ready alone. */
export interface Ready<R> {
  /** The whole pack under these rules, for the whole table; left out, or undefined, where no cards are used. */
  cards?(rules: R, seats: number): readonly CardCount[] | undefined
  /** How the pack leans; left out where that is no question. */
  balance?(rules: R): Balance
  /** Three sentences to read aloud to the players: what we do, what counts, how it ends. */
  aloud(rules: R, seats: number): readonly [string, string, string]
  /** What to talk over: before play, and after it. */
  talk(rules: R): Talk
  /** Boards, score sheets, charts, spinners; the cards, the letter home and the receipt come by themselves. */
  sheets(rules: R, seats: number): readonly Sheet[]
  /** Presets from the easiest to the hardest, by id; those that are only different are not named. */
  readonly ladder: readonly string[]
}
