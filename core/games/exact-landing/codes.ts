/** Why Exact Landing refuses, and what it remarks: each code with its facts. */
export type LandingCodes = {
  reasons: {
    'bad-line': {
      readonly rule: 'high' | 'start' | 'goal'
      readonly value: number
      readonly low: number
      readonly high: number
    }
    'goal-out-of-reach': { readonly goal: number; readonly start: number; readonly steps: readonly number[] }
  }
  notes: {
    'spin-again': { readonly by: number; readonly to: number; readonly from: number }
    'turn-lost': { readonly by: number; readonly to: number; readonly from: number }
    lands: { readonly by: number; readonly to: number }
    moves: { readonly by: number; readonly to: number }
  }
}
