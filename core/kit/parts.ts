import type { Card } from '#core/contract/card'
import type { Deck, Pack } from '#core/kit/pack'
import { cardsOf, countsOf } from '#core/kit/pack'
import type { CardCount, Cell, Sheet, Spot } from '#core/contract/sheet'

/** What many games put on their sheets. */

/** Whole numbers from low to high. */
export function span(low: number, high: number): number[] {
  return Array.from({ length: Math.max(0, high - low + 1) }, (_, i) => low + i)
}

/** A list cut into pieces of at most `size`. */
export function pieces<T>(list: readonly T[], size: number): T[][] {
  const found: T[][] = []
  for (let i = 0; i < list.length; i += size) found.push(list.slice(i, i + size))
  return found
}

/** A pack of number cards, so many times. */
export function packCards(pack: Pack, times = 1): CardCount[] {
  return [...countsOf(cardsOf(pack))].map(([face, count]) => ({ face, count: count * times }))
}

/** Any deck, so many times. */
export function deckCards<C extends Card>({ faces, copiesOf }: Deck<C>, times = 1): CardCount[] {
  return faces.map((face) => ({ face, count: copiesOf(face) * times }))
}

/** Blank places, so many rows of so many. */
export function blankSpots(rows: number, columns: number): Spot[][] {
  return Array.from({ length: rows }, () => Array.from({ length: columns }, () => ({})))
}

/** Places with what is written on each, so many in a row. */
export function spotRows(texts: readonly (string | number)[], across: number): Spot[][] {
  return pieces(
    texts.map((text) => ({ text: String(text) })),
    across,
  )
}

/** A line a round: what each player made, a ring for the sign between two, and who had the round. */
export function roundsSheet(rounds: number, seats: number): Sheet {
  const players = span(1, seats).map((seat) => `Player ${seat}`)
  const between = (cells: readonly Cell[], join: Cell) => cells.flatMap((cell, i) => (i ? [join, cell] : [cell]))
  return {
    id: 'rounds',
    title: 'Score sheet, a line a round',
    kind: 'table',
    head: ['Round', ...between(players, '<, > or ='), 'Round goes to'],
    widths: [1, ...between(players, 'ring').map((cell) => (cell === 'ring' ? 0.9 : 1.8)), 2],
    rows: span(1, rounds).map((round) => [
      String(round),
      ...between(
        players.map(() => ''),
        'ring',
      ),
      '',
    ]),
  }
}

/** A line a turn with the sum so far, one sheet each. */
export function runningSheet(turns: number, what: string, seats: number, start = ''): Sheet {
  return {
    id: 'running',
    title: 'Running total',
    kind: 'table',
    copies: seats,
    head: ['Turn', what, 'Sum so far'],
    widths: [1, 2, 2],
    rows: [...(start ? [['Start', '', start]] : []), ...span(1, turns).map((turn) => [String(turn), '', ''])],
  }
}

/** A tally of points, a column a player. */
export function pointsSheet(lines: number, seats: number, what = 'Round'): Sheet {
  return {
    id: 'points',
    title: 'Score sheet',
    kind: 'table',
    head: [what, ...span(1, seats).map((seat) => `Player ${seat}`)],
    rows: [
      ...span(1, lines).map((line) => [String(line), ...span(1, seats).map(() => '')]),
      ['Sum', ...span(1, seats).map(() => '')],
    ],
  }
}

/** Cards beyond this are left out of an addition table. */
const LARGEST_ADDED = 20

/** The addition table of some cards. */
export function addingChart(pack: Pick<Pack, 'low' | 'high'>): Sheet {
  const [low, high] = [pack.low, Math.min(pack.high, LARGEST_ADDED)]
  return {
    id: 'adding',
    title: `Adding up to ${high} + ${high}`,
    kind: 'chart',
    operation: 'add',
    down: span(low, high),
    across: span(low, high),
  }
}

/** The times table of these numbers. */
export function timesChart(down: readonly number[], high: number): Sheet {
  return { id: 'times', title: 'Times table', kind: 'chart', operation: 'times', down, across: span(1, high) }
}
