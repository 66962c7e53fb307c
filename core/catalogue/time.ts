import { count } from '#core/basics/words'
import type { About } from '#core/contract/game'
import { PLAYS } from '#core/catalogue/playsTable'
import type { GameId } from '#core/games/ids'

/** How long a game usually takes, in whole minutes. */
export interface MatchTime {
  /** With the number of players with whom it is soonest over, and with whom it takes longest. */
  readonly low: number
  readonly high: number
  /** One of ten matches takes a third of the usual time, or less. */
  readonly atOnce: boolean
  /** One of ten takes twice the usual time, or more, or never ends. */
  readonly goesOn: boolean
}

/** Of a hundred matches so many must come to an end, or a game may never end. */
const SURELY = 98

/**
 * The usual time of a game under its first preset, as bots play it, at `pace` seconds a play (the game's own guess where
 * left out); of as many players as ask, or of any number.
 */
export function timeOf(
  { id, about }: { readonly id: GameId; readonly about: About },
  players: number | null = null,
  pace = about.pace,
): MatchTime {
  const rows = Object.entries(PLAYS[id]).flatMap(([seats, row]) =>
    players === null || Number(seats) === players ? [row] : [],
  )
  const all = rows.length ? rows : Object.values(PLAYS[id])
  const minutes = (plays: number) => Math.max(1, Math.round((plays * pace) / 60))
  const usual = all.map(([, middle]) => minutes(middle))
  return {
    low: Math.min(...usual),
    high: Math.max(...usual),
    atOnce: all.some(([low, middle]) => low <= middle / 3),
    goesOn: all.some(([, middle, high, ended]) => high >= 2 * middle || ended < SURELY),
  }
}

/** The minutes of most matches in a sentence: `About 6 minutes, 5 to 7.` */
export function sayMinutes({ low, usual, high }: Readonly<Record<'low' | 'usual' | 'high', number>>): string {
  return `About ${count(usual, 'minute', 'minutes')}${low === high ? '' : `, ${low} to ${high}`}.`
}

/** A time in words: `5–9 minutes, may be over at once`. */
export function sayTime({ low, high, atOnce, goesOn }: MatchTime): string {
  const minutes = low === high ? `about ${low} ${low === 1 ? 'minute' : 'minutes'}` : `${low}–${high} minutes`
  return [minutes, ...(atOnce ? ['may be over at once'] : []), ...(goesOn ? ['may go on'] : [])].join(', ')
}
