/** Why Covered Part refuses, and what it remarks: each code with its facts. */
export type CoverCodes = {
  reasons: {
    'no-such-face': { readonly face: number; readonly sides: number } | { readonly face: number; readonly pips: number }
    'wrong-announcement': { readonly by: number; readonly announced: number; readonly total: number }
    'cannot-be-worked-out': { readonly by: number; readonly covered: number }
    'domino-used': { readonly domino: string }
  }
  notes: {
    covered: { readonly by: number; readonly shown: number; readonly total: number }
    mixed: { readonly by: number }
    found: { readonly by: number; readonly said: number; readonly part: number }
    'not-found': { readonly by: number; readonly said: number; readonly part: number }
  }
}
