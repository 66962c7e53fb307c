import { itemAt } from '#core/basics/lists'
import type { Deck } from '#core/kit/pack'

/** The yard: four sides and four corners around the stock, and the runs on them. */
export const SIDES = ['N', 'E', 'S', 'W'] as const
const CORNERS = ['NE', 'SE', 'SW', 'NW'] as const
export const POSITIONS = [...SIDES, ...CORNERS] as const
export type Position = (typeof POSITIONS)[number]
/** Cards from the lowest up; empty where the place is bare. */
export type Run = readonly number[]
export type Yard = Readonly<Record<Position, Run>>

/** Something for every place of the yard, the sides first. */
export const atEach = <T>(of: (at: Position, i: number) => T): Record<Position, T> => ({
  N: of('N', 0),
  E: of('E', 1),
  S: of('S', 2),
  W: of('W', 3),
  NE: of('NE', 4),
  SE: of('SE', 5),
  SW: of('SW', 6),
  NW: of('NW', 7),
})

/** Multiples go up to ten times. */
const TIMES = 10

export const isCorner = (position: Position): boolean => position.length === 2

const DECKS = new Map<string, Deck<number>>()
/** For each set its ten multiples; a value that several share is there that often. */
export function deckOfSets(sets: readonly number[]): Deck<number> {
  const key = sets.join()
  const known = DECKS.get(key)
  if (known) return known
  const copies = new Map<number, number>()
  for (const set of sets)
    for (let times = 1; times <= TIMES; times++) copies.set(set * times, (copies.get(set * times) ?? 0) + 1)
  const deck: Deck<number> = {
    faces: [...copies.keys()].sort((a, b) => a - b),
    copiesOf: (card) => copies.get(card) ?? 0,
  }
  DECKS.set(key, deck)
  return deck
}

/** The sets that a run may belong to: those for which every card fits. In a corner it is settled by its lowest card. */
export function stepsOf(sets: readonly number[], run: Run, corner: boolean): number[] {
  const [low, second] = run
  if (low === undefined) return []
  if (corner) return [low]
  if (second !== undefined) return [second - low]
  return sets.filter((set) => low % set === 0 && low <= TIMES * set)
}

/** What may come next on a run, for each set that it may belong to and that has not ended. */
export function nextOn(
  sets: readonly number[],
  run: Run,
  corner: boolean,
): { readonly step: number; readonly card: number }[] {
  const top = run.at(-1)
  const next: { step: number; card: number }[] = []
  if (top === undefined) return next
  for (const step of stepsOf(sets, run, corner)) if (top + step <= TIMES * step) next.push({ step, card: top + step })
  return next
}

/** Why cards can’t be laid at a place: `cards` is a run itself, `next` what may come there; null where they can. */
export function whyNot(
  sets: readonly number[],
  run: Run,
  position: Position,
  cards: Run,
  next = nextOn(sets, run, isCorner(position)),
): 'corner-needs-lowest' | 'run-complete' | 'not-next' | null {
  const corner = isCorner(position)
  const low = itemAt(cards, 0)
  const second = cards[1]
  if (!run.length) {
    if (!corner) return null
    const step = second === undefined ? (sets.includes(low) ? low : null) : second - low
    return step === low ? null : 'corner-needs-lowest'
  }
  if (!next.length) return 'run-complete'
  // A run that is laid on has a step of its own; a single card takes that of the run below.
  return next.some(({ step, card }) => card === low && (second === undefined || step === second - low))
    ? null
    : 'not-next'
}

/** Every card that lies in the yard. */
export function cardsIn(yard: Yard): number[] {
  const cards: number[] = []
  for (const position of POSITIONS) for (const card of yard[position]) cards.push(card)
  return cards
}
