import type { About } from '#core/contract/game'

/** How a game is played: by oneself, as a race, or by everybody at once. One list for all games. */
export const MANNERS = {
  alone: {
    name: 'alone',
    words: ['alone', 'solitaire', 'solo', 'by myself', 'by oneself', 'on my own', 'one player', 'single player'],
  },
  race: { name: 'a race', words: ['race', 'racing', 'first to', 'fastest', 'quickest'] },
  together: {
    name: 'all at once',
    words: ['together', 'at once', 'at the same time', 'whole class', 'whole group', 'no turns', 'simultaneous'],
  },
} as const satisfies Record<string, { readonly name: string; readonly words: readonly string[] }>

export type MannerId = keyof typeof MANNERS
export const MANNER_IDS = Object.keys(MANNERS) as readonly MannerId[]

/** How a game may be played, from what it says of itself. */
export function mannersOf({ seats, turns, race }: Pick<About, 'seats' | 'turns' | 'race'>): MannerId[] {
  const fits: Record<MannerId, boolean> = { alone: seats.low === 1, race: race === true, together: !turns }
  return MANNER_IDS.filter((manner) => fits[manner])
}
