import { countThrough, linesThrough, type Line, type Spot } from '#core/games/six-heaps/block'
import { knownIn, lyingIn, type HeapRules, type HeapState } from '#core/games/six-heaps/rules'
import { canHold } from '#core/kit/hands'
import { countOf } from '#core/kit/pack'

/** What a card would make at a place. */
interface Chance {
  readonly card: number
  readonly at: Spot
  readonly lines: readonly Line[]
}

/** Every place where a card may lie, with the lines that it would make there. */
export function placesFor(
  { target }: Pick<HeapRules, 'target'>,
  { heaps }: Pick<HeapState, 'heaps'>,
  card: number,
): Chance[] {
  const chances: Chance[] = []
  heaps.forEach((row, r) =>
    row.forEach((heap, c) => {
      if (heap.at(-1) === card) return
      const at: Spot = [r + 1, c + 1]
      chances.push({ card, at, lines: linesThrough(heaps, at, target, card) })
    }),
  )
  return chances
}

/** The best that `cards` could do now: the places with the most lines; none where nothing scores. */
export function bestPlaces(
  rules: Pick<HeapRules, 'target'>,
  state: Pick<HeapState, 'heaps'>,
  cards: readonly number[],
): Chance[] {
  // Bots ask it at every turn: lines are written down only where the most are made.
  let most = 1
  let best: { card: number; at: Spot }[] = []
  for (const card of new Set(cards))
    state.heaps.forEach((row, r) =>
      row.forEach((heap, c) => {
        if (heap.at(-1) === card) return
        const at: Spot = [r + 1, c + 1]
        const count = countThrough(state.heaps, at, rules.target, card)
        if (count < most) return
        if (count > most) best = []
        most = count
        best.push({ card, at })
      }),
    )
  return best.map(({ card, at }) => ({ card, at, lines: linesThrough(state.heaps, at, rules.target, card) }))
}

/** The cards that a seat may hold, from what is known. */
export function mayHold({ pack }: Pick<HeapRules, 'pack'>, state: HeapState, seat: number): number[] {
  const cards: number[] = []
  const known = knownIn(state)
  const lying = lyingIn(state)
  for (let card = pack.low; card <= pack.high; card++)
    if (countOf(lying, card) < pack.copies && canHold(pack, known, seat, [card])) cards.push(card)
  return cards
}
