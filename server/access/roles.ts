/** What each of our cookies is called, and for how many seconds it is kept. */
export const COOKIES = {
  referee: { name: 'nimble-tally', seconds: 30 * 24 * 3600 },
  // The helper is let go before, on the server.
  helper: { name: 'nimble-tally-helper', seconds: 12 * 3600 },
  keeper: { name: 'nimble-tally-keeper', seconds: 12 * 3600 },
} as const
export type Role = keyof typeof COOKIES
