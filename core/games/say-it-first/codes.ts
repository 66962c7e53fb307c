/** Why Say It First refuses, and what it remarks: each code with its facts. */
export type FirstCodes = {
  reasons: {
    'wrong-card-count': { readonly count: number; readonly expected: number }
  }
  notes: {
    'not-explained': { readonly by: number }
    'said-wrong': { readonly by: number; readonly said: number; readonly right: number }
    'said-again': { readonly by: number }
    nobody: { readonly pot: number; readonly right: number; readonly told: boolean }
    takes: { readonly by: number; readonly took: number; readonly pot: number }
  }
}
