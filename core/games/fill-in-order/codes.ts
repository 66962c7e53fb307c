/** Why Fill in Order refuses, and what it remarks: each code with its facts. */
export type FillCodes = {
  reasons: {
    'could-not-go-there': {
      readonly card: string | number
      readonly at: number
      readonly why: string
      readonly slot?: number | null
      readonly open?: readonly number[]
    }
    'keeps-going': { readonly card: string | number; readonly slot: number }
    'discard-useless': { readonly top: string | number | null; readonly open: readonly number[] }
    'discard-was': { readonly top: string | number; readonly card: string | number }
  }
  notes: {
    shuffled: { readonly cards: number }
    placed: { readonly by: number; readonly placed: number; readonly left: number; readonly discard: string | number }
    'discard-helps': { readonly by: number; readonly card: string | number }
    nobody: { readonly first: number }
    'round-won': {
      readonly by: number
      readonly rounds: number
      readonly slots: number
      readonly fewer: boolean
      readonly first: number
    }
  }
}
