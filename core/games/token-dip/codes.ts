/** Why Token Dip refuses, and what it remarks: each code with its facts. */
export type DipCodes = {
  reasons: {
    'no-such-token': { readonly token: string; readonly tokens: readonly string[] }
    'bag-has-no-more': { readonly token: string; readonly count: number }
    'recount-differs': {
      readonly difference: number
      readonly differs: { token: string; counted: number; tape: number }[]
      readonly token?: string
      readonly counted?: number
      readonly tape?: number
      readonly by: number
    }
  }
  notes: {
    dipped: { readonly by: number; readonly token: string; readonly worth: number; readonly total: number }
    'on-the-floor': { readonly floor: number }
    'recount-due': { readonly seats: readonly number[] }
    'recount-agrees': { readonly by: number; readonly tokens: number; readonly total: number }
  }
}
