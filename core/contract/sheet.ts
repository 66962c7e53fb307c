import type { Card } from '#core/contract/card'

/** How many there are of one card in a pack. */
export interface CardCount {
  readonly face: Card
  readonly count: number
}

/** A place of a mat: what is written on it (nothing: blank), and whether it stands out. */
export interface Spot {
  readonly text?: string
  readonly strong?: boolean
}

/** A cell of a score sheet: a text, a blank to write into, or a ring for <, > or =. */
export type Cell = string | 'ring'

/** One spinner: what is on its fields, in order. */
export interface Disc {
  readonly title: string
  readonly faces: readonly (number | string)[]
}

/** One line of a key: a token of `among`, or the face of a die, and what it means. */
export type KeyLine =
  | { readonly token: string; readonly among: readonly string[]; readonly means: string }
  | { readonly face: number; readonly means: string }

/** What is on a sheet, as data: shared rooms lay it out and draw it, so that no game draws for itself. */
export type SheetContent =
  /** Places in rows; null leaves a gap. `card`: as large as cards where the page allows it; `overlap`: each row covers half of the one above. */
  | {
      readonly kind: 'places'
      readonly shape: 'card' | 'round' | 'box'
      readonly overlap?: true
      readonly rows: readonly (readonly (Spot | null)[])[]
    }
  /** A number line with these stops, rising; cut into strips where it is long. Labels are left out when blank is wished. */
  | { readonly kind: 'line'; readonly stops: readonly number[]; readonly strong: readonly number[] }
  /** Spaces that are walked, in rows of ten that turn at their ends. */
  | { readonly kind: 'track'; readonly spaces: readonly Spot[] }
  /** A ladder with a rung each: a number beside it, and room to write. */
  | { readonly kind: 'ladder'; readonly beside: readonly string[]; readonly rungs: number }
  /** Lines to fill in; '' is blank. Columns are as wide as `widths` say, relatively. */
  | {
      readonly kind: 'table'
      readonly head: readonly string[]
      readonly rows: readonly (readonly Cell[])[]
      readonly widths?: readonly number[]
    }
  /** An arithmetic table. Answers are left out when blank is wished. */
  | {
      readonly kind: 'chart'
      readonly operation: 'add' | 'times' | 'difference'
      readonly down: readonly number[]
      readonly across: readonly number[]
    }
  | { readonly kind: 'discs'; readonly discs: readonly Disc[] }
  | { readonly kind: 'key'; readonly lines: readonly KeyLine[] }
  /** Cards to cut out, exactly these. */
  | { readonly kind: 'cards'; readonly cards: readonly CardCount[] }
  /** Every domino up to this many dots a side, to cut out. */
  | { readonly kind: 'dominoes'; readonly high: number }
  /** Empty frames of ten. */
  | { readonly kind: 'frames'; readonly count: number }

/** Something to print for a game: named, and so often (one each, for instance). */
export type Sheet = SheetContent & {
  readonly id: string
  readonly title: string
  /** Times it is needed at this table; once where left out. */
  readonly copies?: number
}

/** How sheets are wished. */
export interface Wishes {
  readonly paper: Paper
  /** What is on a card beside its figure. */
  readonly faces: 'figure' | 'dots' | 'frames' | 'word'
  readonly cardSize: 'small' | 'usual' | 'large'
  /** A page of backs after each page of cards. */
  readonly backs: boolean
  /** Lines and charts without their numbers, to be filled in. */
  readonly blank: boolean
}

/** The papers there are, in millimetres, upright. */
export const PAPERS = {
  a4: { name: 'A4', width: 210, height: 297 },
  letter: { name: 'US Letter', width: 215.9, height: 279.4 },
} as const
export type Paper = keyof typeof PAPERS

/** Millimetres that stay free at every side: home printers reach no further. */
export const MARGIN = 10
/** Millimetres for the title above the drawing. */
export const HEADING = 10

/** One thing drawn on a page; lengths in millimetres from the upper left corner of the drawing. */
export type Mark =
  | {
      readonly mark: 'rect'
      readonly x: number
      readonly y: number
      readonly w: number
      readonly h: number
      readonly round?: number
      readonly dashed?: true
      readonly strong?: boolean
      readonly tint?: true
      /** Covers what lies below it. */
      readonly cover?: true
    }
  | {
      readonly mark: 'circle'
      readonly x: number
      readonly y: number
      readonly r: number
      readonly dashed?: true
      readonly strong?: boolean
      readonly full?: true
      readonly cover?: true
    }
  | {
      readonly mark: 'line'
      readonly x: number
      readonly y: number
      readonly x2: number
      readonly y2: number
      readonly dashed?: true
      readonly strong?: boolean
    }
  | {
      readonly mark: 'text'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly text: string
      readonly from?: 'start' | 'end'
      readonly strong?: boolean
    }
  | {
      readonly mark: 'disc'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly faces: readonly (number | string)[]
    }
  | {
      readonly mark: 'token'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly name: string
      readonly among: readonly string[]
    }
  | {
      readonly mark: 'die'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly face: number
      readonly sides: number
    }
  | { readonly mark: 'wave'; readonly x: number; readonly y: number; readonly w: number; readonly h: number }

/** One page: its drawing, and whether the paper lies on its side. */
export interface Page {
  readonly wide: boolean
  readonly marks: readonly Mark[]
}

/** The size of the drawing on a page, in millimetres. */
export function areaOf(paper: Paper, wide: boolean): { readonly w: number; readonly h: number } {
  const { width, height } = PAPERS[paper]
  const [w, h] = wide ? [height, width] : [width, height]
  return { w: w - 2 * MARGIN, h: h - 2 * MARGIN - HEADING }
}
