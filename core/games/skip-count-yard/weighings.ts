import { count } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import { judge, type Add, type Move, type YardPlay, type YardState } from '#core/games/skip-count-yard/rules'
import { mostCards, singleAdds } from '#core/games/skip-count-yard/search'
import { atEach, cardsIn, deckOfSets, type Run, type Yard } from '#core/games/skip-count-yard/yard'
import { restOfDeck } from '#core/kit/pack'
import { ofSeat, withSeat } from '#core/kit/seats'
import { partOf, nextOf } from '#core/kit/weighing'

const adding = (card: number, to: Add['to']): Add => ({ do: 'add', by: 1, card, to })
const moving = (from: Move['from'], to: Move['to'], cards?: number): Move => ({
  do: 'move',
  by: 1,
  from,
  to,
  ...(cards ? { count: cards } : {}),
})

const after = (rules: YardRules, state: YardState, play: YardPlay): YardState =>
  nextOf(judge(rules, state, play, { overrule: false }), state)
const handOf = (state: YardState) => ofSeat(state.hands, 1).known

/** A first step by the cards that go in this turn when it is played on as well as can be. Exact. */
function playing(rules: YardRules, state: YardState, says: string, play: YardPlay): Option<YardPlay> {
  const next = after(rules, state, play)
  const more = mostCards(rules.sets, next.yard, handOf(next), rules.moves === 'tail').cards
  const worth = handOf(state).length - handOf(next).length + more
  return { says, play, worth, tells: `${count(worth, 'card goes', 'cards go')} in this turn` }
}

/** A play by how many of the cards that others may hold can be added after it. */
function opening(rules: YardRules, state: YardState, says: string, play: YardPlay): Option<YardPlay> {
  const next = after(rules, state, play)
  const others = restOfDeck(deckOfSets(rules.sets), [...cardsIn(next.yard), ...handOf(next)])
  const fit = new Set(singleAdds(rules.sets, next.yard, others).map(({ card }) => card))
  const { worth, tells } = partOf(others, (card) => fit.has(card))
  return { says, play, worth: -worth, tells: `after it ${tells} cards can be added` }
}

const laid = (opened: YardState, runs: Partial<Record<keyof Yard, Run>>, hand: readonly number[]): YardState => ({
  ...opened,
  yard: atEach((at) => runs[at] ?? []),
  hands: withSeat(opened.hands, 1, { size: hand.length, known: hand }),
  drawn: true,
  fresh: false,
})

export const weighings: Weighings<YardRules, YardState, YardPlay> = [
  {
    look: 'Before you add, look what moving would open: a run of two may take a third.',
    asks: 'Ines holds 10, 12 and 25. What does she do first?',
    lies: (opened) => laid(opened, { N: [4, 6], E: [8], S: [15, 20], W: [9, 12] }, [10, 12, 25]),
    options: (rules, state) => [
      playing(rules, state, 'Move the 8 onto the 6', moving('E', 'N')),
      playing(rules, state, 'Add the 12 to the 8', adding(12, 'E')),
    ],
  },
  {
    look: 'A bare side takes any card: lay one that little goes onto.',
    asks: 'Ines holds 12 and 25. Which one goes to the bare side?',
    lies: (opened) => laid(opened, { N: [4, 6], E: [40], S: [15, 20] }, [12, 25]),
    options: (rules, state) => [
      opening(rules, state, 'The 25', adding(25, 'W')),
      opening(rules, state, 'The 12', adding(12, 'W')),
    ],
  },
  {
    look: 'Ten times the step ends a run: a card that ends one helps nobody.',
    asks: 'Ines holds 20 and 18. Which card helps the others less?',
    lies: (opened) => laid(opened, { N: [16, 18], E: [12, 15], S: [30], W: [35] }, [20, 18]),
    options: (rules, state) => [
      opening(rules, state, 'The 20 onto the 18', adding(20, 'N')),
      opening(rules, state, 'The 18 onto the 15', adding(18, 'E')),
    ],
  },
]
