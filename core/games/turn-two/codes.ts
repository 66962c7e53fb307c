/** Why Turn Two refuses, and what it remarks: each code with its facts. */
export type PairCodes = {
  reasons: {
    'wrong-count': { readonly places: number; readonly cards: number; readonly perTurn: number }
    'same-place': { readonly place: number }
    'empty-place': { readonly place: number; readonly places: number }
    'seen-different': { readonly place: number; readonly seen: number; readonly card?: number }
    'not-stuck': { readonly why: 'unseen' | 'match' | 'no-help'; readonly unseen: number }
  }
  notes: {
    missed: {
      readonly by: number
      readonly cards: readonly number[]
      readonly target: number
      readonly sum: number
      readonly signs: 'add-subtract' | 'add'
    }
    kept: {
      readonly by: number
      readonly cards: readonly number[]
      readonly kept: number
      readonly again: boolean
      readonly filled: number
    }
    'laid-again': { readonly laid: number; readonly stock: number }
  }
}
