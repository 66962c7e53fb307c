/**
 * What every game is called, in the rulebook's order; whatever is kept for each of them is a record over the same ids. A list of
 * matches needs no more of a game than this.
 */
export const TITLES = {
  'ask-for-rest': 'Ask for the Rest',
  'roof-tiles': 'Roof Tiles',
  'turn-two': 'Turn Two',
  'call-row': 'Call the Row',
  'six-heaps': 'Six Heaps',
  'perch-and-push': 'Perch & Push',
  'hundred-stops': 'Hundred Stops',
  'exact-landing': 'Exact Landing',
  'step-and-gather': 'Step & Gather',
  'top-total': 'Top Total',
  'ten-turn-haul': 'Ten-Turn Haul',
  brim: 'Brim',
  'say-it-first': 'Say It First',
  'covered-part': 'Covered Part',
  'table-ladder': 'Table Ladder',
  'token-dip': 'Token Dip',
  'ebb-and-flow': 'Ebb & Flow',
  'column-keeper': 'Column Keeper',
  'place-strike': 'Place Strike',
  'skip-count-yard': 'Skip-Count Yard',
  'last-digit-chains': 'Last-Digit Chains',
  'fill-in-order': 'Fill in Order',
  'own-game': 'A Game of Your Own',
} as const

export type GameId = keyof typeof TITLES

export const GAME_IDS = Object.keys(TITLES) as readonly GameId[]

/** Whether a text names a game. */
export const isGameId = (text: string): text is GameId => Object.hasOwn(TITLES, text)
