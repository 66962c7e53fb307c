import type { NoCodes } from '#core/contract/codes'

/** Why Ten-Turn Haul refuses, and what it remarks: each code with its facts. */
export type HaulCodes = {
  reasons: NoCodes
  notes: {
    spun: { readonly by: number; readonly total: number }
  }
}
