import type { Component } from 'vue'
import type { Game } from '#core/game'
import type { BasePlay } from '#core/plays'
import type { Tape } from '#core/tape'

/** What the dealer brought, to be shown one after another. */
export interface Reveal {
  readonly kind: 'die' | 'card'
  readonly values: readonly (number | string)[]
  readonly sides?: number
}

/** How a game is shown and entered, and the rules that it is judged by. Components get the tape and the seats; the pad also the desk. */
export interface GameView {
  /** The game itself: its rules come with its view, so that a page holds no other game's. */
  readonly game: Game
  /** What lies on the table now. */
  readonly Table: Component
  /** Where a play is entered. */
  readonly Pad: Component
  /** What lies on the table as the public may see it: gets `rules`, `view`, `seats` and `turn`. */
  readonly Board: Component
  /** What is worth showing when the match is over. */
  readonly Recap: Component
  /** How it goes, with a drawn example, for the rulebook. */
  readonly Rules: Component
  /** Aid for the referee, on request. */
  readonly Aid?: Component
  /** Where the opening is entered when a match is set up: gets `rules`, `names`, and the opening as model. */
  readonly Opening?: Component
  /** What the quick line shows as an example. */
  readonly example: string
  /** This game's own keys: key, what it does. */
  readonly shortcuts: readonly (readonly [string, string])[]
  /** What the pad holds when this play is to be amended at `tape`, the match before it. */
  fill?(play: BasePlay, tape: Tape): unknown
  /** What of a dealt play is shown as it comes; null where nothing is. */
  reveal?(play: BasePlay, tape: Tape): Reveal | null
}
