import type { Position } from '#core/games/skip-count-yard/yard'
/** Why Skip-Count Yard refuses, and what it remarks: each code with its facts. */
export type YardCodes = {
  reasons: {
    'draw-first': { readonly by: number }
    'corner-needs-lowest': Unfit
    'run-complete': Unfit
    'not-next': Unfit & { readonly itself?: boolean }
    'place-empty': { readonly from: Position }
    'wrong-count': {
      readonly from: Position
      readonly count: number
      readonly length: number
      readonly whole: boolean
    }
  }
  notes: {
    drew: { readonly by: number; readonly card: number | null; readonly stock: number }
    added: {
      readonly by: number
      readonly card: number
      readonly to: Position
      readonly left: number
    }
    moved: {
      readonly by: number
      readonly from: Position
      readonly to: Position
      readonly cards: readonly number[]
      readonly bare: boolean
    }
    ended: { readonly by: number; readonly left: number }
  }
}

/** Why cards don't fit a run, and which would: of each set in question the next one. */
type Unfit = {
  readonly to: Position
  readonly card: number
  readonly cards: readonly number[]
  readonly run: readonly number[]
  readonly next: readonly { readonly step: number; readonly card: number }[]
  readonly sets: readonly number[]
}
