/** Why Table Ladder refuses, and what it remarks: each code with its facts. */
export type LadderCodes = {
  reasons: {
    'ladder-full': { readonly by: number; readonly rungs: number }
  }
  notes: {
    filled: { readonly by: number; readonly rung: number; readonly rungs: number; readonly said: number | null }
    'filled-wrong': { readonly by: number; readonly rung: number; readonly rungs: number; readonly said: number | null }
  }
}
