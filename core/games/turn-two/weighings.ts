import { itemAt } from '#core/basics/lists'
import type { Option, Weighings } from '#core/contract/weighing'
import { matchOf } from '#core/games/turn-two/matching'
import { seenElsewhere, type PairPlay, type PairRules, type PairState } from '#core/games/turn-two/rules'
import { total } from '#core/kit/dice'
import { restOf, withoutAll } from '#core/kit/pack'
import { inHundred } from '#core/kit/weighing'

/** Cards that nobody has seen: each is as likely to lie at a place that was not looked at. */
const hiddenIn = (rules: PairRules, state: PairState, seen = seenElsewhere(state)) =>
  restOf(rules.pack, [...state.gone, ...seen])
const meet = (rules: PairRules, a: number, b: number) => matchOf(rules, [a, b]) !== null
const part = (cards: readonly number[], holds: (card: number) => boolean) =>
  cards.length ? cards.filter(holds).length / cards.length : 0

/** The chance of a match where one turns a card of which one knows what it is, then one that nobody has seen. */
const knownFirst = (rules: PairRules, state: PairState, card: number) =>
  part(hiddenIn(rules, state), (other) => meet(rules, card, other))

/** The same where one turns a card that nobody has seen, then its partner where that was seen, else another unseen one. */
function unseenFirst(rules: PairRules, state: PairState, seen = seenElsewhere(state)): number {
  const hidden = hiddenIn(rules, state, seen)
  let chance = 0
  for (const card of hidden)
    chance += seen.some((other) => meet(rules, card, other))
      ? 1
      : part(withoutAll(hidden, [card]), (other) => meet(rules, card, other))
  return hidden.length ? chance / hidden.length : 0
}

/** The chance of the next player, who knows what everybody has seen. */
function nextOnes(rules: PairRules, state: PairState, seen: readonly number[]): number {
  const sure = seen.some((card, i) => seen.slice(i + 1).some((other) => meet(rules, card, other)))
  return sure ? 1 : unseenFirst(rules, state, [...seen])
}

const seenAt = (opened: PairState, seen: Readonly<Record<number, number>>): PairState => ({
  ...opened,
  fresh: false,
  places: opened.places.map((place, i) => ({ ...place, seen: seen[i + 1] ?? null })),
})
const turning = (at: readonly number[], cards: readonly number[]): PairPlay => ({
  do: 'turn',
  by: 1,
  at: [...at],
  cards: [...cards],
})

/** Turning so, by the chance of a match. */
const matching = (says: string, play: PairPlay, worth: number): Option<PairPlay> => ({
  says,
  play,
  worth,
  tells: worth === 1 ? 'a match for sure' : `a match ${inHundred(worth)}`,
})

/** My chance of a match less the next player’s. */
const ahead = (says: string, play: PairPlay, mine: number, theirs: number): Option<PairPlay> => ({
  says,
  play,
  worth: mine - theirs,
  tells: `${mine ? `a match ${inHundred(mine)}` : 'no match'}, then the next player ${inHundred(theirs)}`,
})

/** The card that has just been turned in the third position, at the first place not seen before. */
const TURNED = 4

export const weighings: Weighings<PairRules, PairState, PairPlay> = [
  {
    look: 'A match that was seen is taken at once: remember where.',
    asks: 'A 7 was seen at place 1, a 3 at place 8. Which two does Ines turn?',
    lies: (opened) => seenAt(opened, { 1: 7, 4: 9, 8: 3 }),
    options: (rules, state) => [
      matching('Places 1 and 8', turning([1, 8], [7, 3]), 1),
      matching('Two that nobody has seen', turning([2, 3], [5, 6]), unseenFirst(rules, state, [])),
    ],
  },
  {
    look: 'Where no match is known, turn a card first that nobody has seen: its partner may have been.',
    asks: 'A 7, a 9 and a 2 were seen. Which card does Ines turn first?',
    lies: (opened) => seenAt(opened, { 1: 7, 4: 9, 8: 2 }),
    options: (rules, state) => [
      matching('One that nobody has seen', turning([2, 1], [3, 7]), unseenFirst(rules, state)),
      matching('The 7 once more', turning([1, 2], [7, 5]), knownFirst(rules, state, 7)),
    ],
  },
  {
    look: 'What you turn the others see too: without a partner in sight, turn a card that they know already.',
    asks: 'Seen were 7, 9, 2, 0, 5, 7 and 9. Ines turns a 4 first, and no 6 was seen. What does she turn next?',
    lies: (opened) => seenAt(opened, { 1: 7, 2: 9, 3: 2, 4: 0, 5: 5, 6: 7, 8: 9 }),
    options: (rules, state) => {
      const seen = [...seenElsewhere(state), TURNED]
      const hidden = hiddenIn(rules, state, seen)
      const mine = part(hidden, (other) => meet(rules, TURNED, other))
      const misses = hidden.filter((other) => !meet(rules, TURNED, other))
      // After a match the places are filled anew: what the next player knows is no less than before.
      const theirs = (1 - mine) * (total(misses.map((card) => nextOnes(rules, state, [...seen, card]))) / misses.length)
      const afterMatch = mine * nextOnes(rules, state, seenElsewhere(state))
      return [
        ahead('The 9 that all know', turning([7, 2], [TURNED, 9]), 0, nextOnes(rules, state, seen)),
        ahead('Another one', turning([7, 9], [TURNED, itemAt(misses, 0)]), mine, theirs + afterMatch),
      ]
    },
  },
]
