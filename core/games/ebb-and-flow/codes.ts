import type { NoCodes } from '#core/contract/codes'

/** Why Ebb & Flow refuses, and what it remarks: each code with its facts. */
export type EbbCodes = {
  reasons: NoCodes
  notes: {
    'wild-again': { readonly by: number }
    wild: { readonly by: number }
    flowed: { readonly by: number; readonly total: number; readonly up: boolean; readonly wild: boolean }
    'stays-afloat': { readonly by: number; readonly floor: number }
  }
}
