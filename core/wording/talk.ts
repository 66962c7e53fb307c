/** A good word after a match. */
export const goodWord = (seats: number): string =>
  seats > 1
    ? 'Everybody tells the one to the left what that one did well, and all say: well played.'
    : 'Say aloud what went well today.'
