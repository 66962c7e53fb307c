/** Why an own game refuses, and what it remarks: each code with its facts. */
export type OwnCodes = {
  reasons: {
    'wrong-count': { readonly count: number; readonly expected: number }
    'not-these-digits': { readonly number: number; readonly numbers: readonly number[] }
    'not-readable': { readonly at: number; readonly calculation: string }
    'sign-not-agreed': { readonly sign: string }
    'not-these-numbers': { readonly number: number; readonly numbers: readonly number[] }
    'numbers-left': { readonly left: readonly number[] }
    'does-not-divide': { readonly dividend: number; readonly divisor: number }
    'never-ends': { readonly rule: string }
    'bad-goal': { readonly goal: number }
    'goal-out-of-reach': { readonly goal: number; readonly from: number; readonly to: number }
    'needs-goal': { readonly rule: string }
  }
  notes: {
    result: { readonly by: number; readonly result: number }
    special: { readonly by: number; readonly when: string; readonly then: string; readonly n: number | null }
    points: { readonly by: number; readonly change: number; readonly points: number }
    pot: { readonly by: number; readonly pot: number }
    banked: { readonly by: number; readonly pot: number; readonly points: number }
    waits: { readonly by: number; readonly result: number }
    moves: { readonly by: number; readonly from: number; readonly to: number }
    stays: { readonly by: number; readonly at: number }
    beyond: { readonly by: number; readonly goal: number; readonly points: number }
  }
}
