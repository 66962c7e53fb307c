import type { Spot } from '#core/games/six-heaps/block'
/** Why Six Heaps refuses, and what it remarks: each code with its facts. */
export type HeapCodes = {
  reasons: {
    'stock-empty': { readonly by: number }
    'no-such-heap': { readonly at: Spot; readonly rows: number; readonly columns: number }
    'same-number': { readonly card: number; readonly at: Spot }
    'can-still-place': { readonly by: number; readonly number: number | null }
  }
  notes: {
    placed: {
      readonly by: number
      readonly card: number
      readonly at: Spot
      readonly points: number
      readonly total: number
    }
    overlooked: { readonly by: number; readonly lines: readonly number[][] }
    'no-line': { readonly by: number; readonly count: number; readonly target: number }
    passed: { readonly by: number; readonly number: number }
  }
}
