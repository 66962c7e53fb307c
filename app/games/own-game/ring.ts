import type { OwnRules } from '#core/games/own-game/houseRules'

/** Places of a ring, at least and at most: fewer are no ring, more can't be told apart. */
const LEAST = 8
const MOST = 120

/** Whether a track is drawn as a ring: one that goes round, neither too short nor too long. */
export function isRing({ track }: Pick<OwnRules, 'track'>): boolean {
  if (track?.past !== 'round') return false
  const many = track.to - track.from + 1
  return many >= LEAST && many <= MOST
}

/** Where the nth of so many places lies on an oval, in hundredths of its width and height; the first on top, then clockwise. */
export function pointOf(n: number, many: number, radius = 1): { readonly left: string; readonly top: string } {
  const angle = (2 * Math.PI * n) / many
  return { left: `${50 + 44 * radius * Math.sin(angle)}%`, top: `${50 - 41 * radius * Math.cos(angle)}%` }
}
