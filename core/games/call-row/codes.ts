/** Why Call the Row refuses, and what it remarks: each code with its facts. */
export type RowCodes = {
  reasons: {
    'stock-empty': { readonly row: number }
    'sitting-out': { readonly by: number }
    'not-in-row': { readonly card: number; readonly row: readonly number[] }
    'too-many-cards': { readonly count: number; readonly maxCards: number }
    'wrong-total': {
      readonly cards: readonly number[]
      readonly target: number
      readonly sum: number
      readonly signs: 'add-subtract' | 'add'
    }
    'signs-wrong': {
      readonly why: string
      readonly count?: number
      readonly cards?: number
      readonly sum?: number
      readonly target?: number
    }
  }
  notes: {
    dealt: { readonly card: number; readonly row: number }
    'shuffled-and-dealt': { readonly card: number; readonly row: number }
    climbs: { readonly by: number; readonly step: number; readonly steps: number }
  }
}
