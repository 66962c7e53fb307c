import type { Nothing } from '#core/contract/codes'

/** Why Perch & Push refuses, and what it remarks: each code with its facts. */
export type PerchCodes = {
  reasons: {
    'wrong-card-count': { readonly count: number; readonly expected: number }
    'can-still-place': { readonly by: number; readonly on: readonly number[] }
    'not-an-option': { readonly on: number; readonly options: readonly number[] }
    'safe-stack': { readonly on: number; readonly count: number; readonly of: number }
  }
  notes: {
    reshuffled: Nothing
    passed: { readonly by: number }
    pushed: {
      readonly by: number
      readonly of: number
      readonly count: number
      readonly on: number
      readonly points: number
    }
    perched: { readonly by: number; readonly on: number; readonly count: number }
  }
}
