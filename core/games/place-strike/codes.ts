/** Why Place Strike refuses, and what it remarks: each code with its facts. */
export type StrikeCodes = {
  reasons: {
    'has-a-match': {
      readonly by: number
      readonly digit: number
      readonly place: number
      readonly number: number
      readonly written: string
    }
    'no-such-number': { readonly number: number; readonly numbers: number }
    'already-struck': {
      readonly number: number
      readonly place: number
      readonly digit: number
      readonly written: string
    }
    'no-match': {
      readonly number: number
      readonly place: number
      readonly digit: number
      readonly there: number
      readonly value: number
      readonly written: string
    }
  }
  notes: {
    'nothing-struck': { readonly by: number; readonly digit: number; readonly place: number }
    struck: {
      readonly by: number
      readonly digit: number
      readonly place: number
      readonly number: number
      readonly value: number
      readonly count: number
      readonly strikes: number
    }
  }
}
