import { lastOf } from '#core/basics/lists'
import { list, numberWord } from '#core/basics/words'
import type { CardCount } from '#core/contract/sheet'

/** What a pack holds, in words: `four each of 1 to 10, four wild`. Faces that lie beside each other with the same count are told together. */
export function sayCards(cards: readonly CardCount[]): string {
  const runs: CardCount[][] = []
  for (const card of cards) {
    const run = runs.at(-1)
    if (run && lastOf(run).count === card.count && follows(lastOf(run).face, card.face)) run.push(card)
    else runs.push([card])
  }
  return list(
    runs.map((run) => {
      const [first, last] = [run[0]!, lastOf(run)]
      if (run.length === 1) return `${numberWord(first.count)} ${first.face}`
      return `${numberWord(first.count)} each of ${first.face} to ${last.face}`
    }),
  )
}

const follows = (a: CardCount['face'], b: CardCount['face']) =>
  typeof a === 'number' && typeof b === 'number' && b === a + 1

/** Cards that must come back into the box. */
export const cardsInAll = (cards: readonly CardCount[]): number => cards.reduce((sum, { count }) => sum + count, 0)
