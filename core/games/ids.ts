/** Every game there is, in the rulebook's order; whatever is kept for each of them is a record over these. */
export const GAME_IDS = [
  'ask-for-rest',
  'roof-tiles',
  'turn-two',
  'call-row',
  'six-heaps',
  'perch-and-push',
  'hundred-stops',
  'exact-landing',
  'step-and-gather',
  'top-total',
  'ten-turn-haul',
  'brim',
  'say-it-first',
  'covered-part',
  'table-ladder',
  'token-dip',
  'ebb-and-flow',
  'column-keeper',
  'place-strike',
  'skip-count-yard',
  'last-digit-chains',
  'fill-in-order',
  'own-game',
] as const

export type GameId = (typeof GAME_IDS)[number]

/** Whether a text names a game. */
export const isGameId = (text: string): text is GameId => (GAME_IDS as readonly string[]).includes(text)
