/** Why Step & Gather refuses, and what it remarks: each code with its facts. */
export type StepCodes = {
  reasons: {
    'wrong-landing': {
      readonly by: number
      readonly landed: number
      readonly from: number
      readonly to: number
      readonly roll: number
    }
  }
  notes: {
    stepped: Stepped
    stays: Stepped
  }
}

/** Where a piece stands now, and what its player has. */
type Stepped = {
  readonly by: number
  readonly to: number
  readonly gathered: number
  readonly total: number
  readonly home: boolean
}
