import type { Track } from '#core/games/own-game/houseRules'

/** Where a marker stands that moves by `step` (below zero: back) from `place`; past an end as agreed. */
export function moved({ from, to, start, past }: Track, place: number, step: number): number {
  const target = place + step
  if (target >= from && target <= to) return target
  const size = to - from
  switch (past) {
    case 'stay':
      return place
    case 'stop-there':
      return target > to ? to : from
    case 'start-again':
      return start
    case 'round':
      return from + modulo(target - from, size + 1)
    case 'turn-back': {
      // There and back again is twice the line.
      const along = modulo(target - from, 2 * size)
      return from + (along <= size ? along : 2 * size - along)
    }
  }
}

const modulo = (n: number, by: number) => ((n % by) + by) % by

/** What a place gives; 0 where places give nothing. */
export const givenBy = ({ from, gives }: Track, place: number): number => gives?.[place - from] ?? 0
