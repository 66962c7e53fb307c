/** Why Brim refuses, and what it remarks: each code with its facts. */
export type BrimCodes = {
  reasons: {
    'no-rolls-left': { readonly by: number; readonly rolls: number }
    'not-among-dice': { readonly value: number; readonly loose: readonly number[]; readonly first: boolean }
    'must-freeze': { readonly kept: number; readonly least: number; readonly loose: number }
    'nothing-left-to-roll': { readonly dice: number }
    'wrong-dice-count': { readonly count: number; readonly expected: number; readonly first: boolean }
    'nothing-rolled': { readonly by: number }
  }
  notes: {
    room: { readonly sum: number; readonly limit: number; readonly room: number }
    banked: { readonly by: number; readonly points: number; readonly before: number; readonly total: number }
    spilled: {
      readonly by: number
      readonly sum: number
      readonly limit: number
      readonly over: number
      readonly total: number
    }
  }
}
