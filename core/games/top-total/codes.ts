import type { NoCodes } from '#core/contract/codes'

/** Why Top Total refuses, and what it remarks: each code with its facts. */
export type TopCodes = {
  reasons: NoCodes
  notes: {
    rolled: { readonly by: number; readonly result: number }
    'roll-again': { readonly seats: readonly number[]; readonly result: number }
    'round-won': { readonly round: number; readonly seats: readonly number[]; readonly result: number }
    'round-level': { readonly round: number; readonly seats: readonly number[]; readonly result: number }
  }
}
