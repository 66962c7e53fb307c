import type { Component } from 'vue'
import type { Game } from '#core/contract/game'
import type { BasePlay } from '#core/contract/plays'
import type { Tape } from '#core/kernel/tape'

/**
 * How a game is shown and entered, and the rules that it is judged by. Table and Pad belong to a desk (`useDesk`,
 * `useTable`, `useEntry`, `usePad`); Recap and Aid get `tape` and `seats`.
 * What a desk does not show while a match is played (Recap, Opening) is loaded when it is shown.
 */
export interface GameView {
  /** The game itself: its rules come with its view, so that a page holds no other game's. */
  readonly game: Game
  /** What lies on the table now. */
  readonly Table: Component
  /** Where a play is entered. */
  readonly Pad: Component
  /** What lies on the table as the public may see it: gets `rules`, `view`, `seats`, `turn`, and whether sums are `secret` yet. */
  readonly Board: Component
  /** How the board is laid out; a picture wider than high, with all seats in it, where left out. */
  readonly board?: {
    /** Everybody's standing is a column beside it. */
    readonly tall?: true
    /** Everybody has a layout of their own, and so many are in the picture at a time: its layouts ask `useSeatShown`. */
    readonly each?: number
  }
  /** What is worth showing when the match is over. */
  readonly Recap: Component
  /** How it goes, with a drawn example, for the rulebook. */
  readonly Rules: Component
  /** Aid for the referee, on request. */
  readonly Aid?: Component
  /** Where the opening is entered: gets `rules`, `names`, `problems`, and the opening as model. */
  readonly Opening?: Component
  /** What everybody reaches is what is left of their cards, added up. */
  readonly leftAdded?: true
  /** What can be typed in the quick line: the line, what it says. The first one stands there as an example. */
  readonly typed: readonly (readonly [string, string])[]
  /** What the pad holds when this play is to be amended at `tape`, the match before it. */
  fill?(play: BasePlay, tape: Tape): unknown
}

/** A part that is loaded when it is shown. The page that it stands on is there meanwhile, and does not wait for it. */
export const shownLater = (loader: () => Promise<{ default: Component }>) =>
  defineAsyncComponent({ loader, suspensible: false })

/** A view as the register takes it, its `fill` checked against the game's own plays and states. */
export function defineView<P extends BasePlay>(
  view: Omit<GameView, 'fill'> & { fill?(play: P, tape: Tape): unknown },
): GameView {
  return view as GameView
}
