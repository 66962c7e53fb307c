/** Why Last-Digit Chains refuses, and what it remarks: each code with its facts. */
export type ChainCodes = {
  reasons: {
    'no-such-fan': { readonly fan: number; readonly fans: number }
    'no-such-row': { readonly row: number; readonly rows: number }
    'fan-empty': { readonly fan: number }
    'row-full': { readonly row: number }
    'starts-first': { readonly row: number; readonly missing: number }
    'not-the-next': {
      readonly card: number
      readonly row: number
      readonly next: number
      readonly two: readonly number[] | null
      readonly sum: number | null
    }
    'no-redeals-left': { readonly redeals: number }
    'not-stuck': { readonly fan?: number; readonly row?: number; readonly card?: number }
    'wrong-fan-size': { readonly size: number }
    'cards-differ': { readonly card: number; readonly given: number; readonly expected: number }
  }
  notes: {
    taken: { readonly by: number; readonly card: number; readonly row: number; readonly left: number }
    redealt: { readonly by: number; readonly fans: number; readonly size: number }
    'layout-ended': { readonly by: number; readonly why: 'done' | 'complete' | 'stuck'; readonly left: number }
    stuck: { readonly by: number; readonly size: number }
  }
}
