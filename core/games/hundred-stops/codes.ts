/** Why Hundred Stops refuses, and what it remarks: each code with its facts. */
export type StopsCodes = {
  reasons: {
    'tens-not-spent': { readonly walked: number; readonly tens: number; readonly unit?: number }
    'hundreds-not-spent': { readonly hopped: number; readonly hundreds: number; readonly unit?: number }
  }
  notes: {
    arrived: { readonly by: number; readonly to: number; readonly taken: readonly number[]; readonly home: boolean }
    'another-lap': { readonly lap: number; readonly seats: readonly number[]; readonly start: number }
  }
}
