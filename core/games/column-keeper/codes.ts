/** Why Column Keeper refuses, and what it remarks: each code with its facts. */
export type KeeperCodes = {
  reasons: {
    'no-such-column': { readonly in: string; readonly columns: ('ones' | 'tens' | 'hundreds' | 'thousands')[] }
    'column-full': { readonly in: string; readonly perColumn: number }
    'no-discards-left': { readonly by: number; readonly discards: number }
  }
  notes: {
    put: { readonly by: number; readonly card: number; readonly in: string; readonly left: number }
    told: { readonly by: number; readonly total: number }
    'round-decided': {
      readonly round: number
      readonly best: readonly number[]
      readonly number: number
      readonly alone: boolean
      readonly distance: number | null
    }
  }
}
