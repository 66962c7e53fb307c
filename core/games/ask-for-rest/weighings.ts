import type { Option, Weighings } from '#core/contract/weighing'
import type { Ask, AskPlay, AskRules, AskState } from '#core/games/ask-for-rest/rules'
import { unseenOf, type Hand } from '#core/kit/hands'
import { cardsOf } from '#core/kit/pack'
import { ofSeat } from '#core/kit/seats'
import { chanceOfAny, inHundred } from '#core/kit/weighing'
import { liveCards } from '#core/games/ask-for-rest/rules'
import { total } from '#core/kit/dice'

/** How likely a seat holds a card, by what lies, what is known, and how many cards it holds. */
function chanceOfHolding(rules: AskRules, state: AskState, seat: number, card: number): number {
  const hand = ofSeat(state.hands, seat)
  if (hand.known.includes(card)) return 1
  const known = total(state.hands.map((each) => each.known.length))
  const unseen = liveCards(rules).length - state.laid.length - known
  return chanceOfAny(unseenOf(rules.pack, state, card), hand.size - hand.known.length, unseen)
}

/** Asking a seat for a card, as likely as it is granted. */
function asking(rules: AskRules, state: AskState, of: number, card: number, name: string): Option<Ask> {
  const worth = chanceOfHolding(rules, state, of, card)
  return {
    says: `Ask ${name} for a ${card}`,
    play: { do: 'ask', by: 1, of, for: card, got: true },
    worth,
    tells: worth === 1 ? `${name} surely holds one` : `${name} holds one: ${inHundred(worth)}`,
  }
}

const own = (...known: readonly number[]): Hand => ({ size: known.length, known })
const hidden = (size: number, ...known: readonly number[]): Hand => ({ size, known })
/** What is left to draw once the hands and what lies are taken out. */
const laidOut = (
  rules: AskRules,
  opened: AskState,
  hands: readonly Hand[],
  laid: readonly number[] = [],
): AskState => ({
  ...opened,
  hands,
  laid,
  stock: cardsOf(rules.pack).length - laid.length - total(hands.map(({ size }) => size)),
})

export const weighings: Weighings<AskRules, AskState, AskPlay> = [
  {
    look: 'Remember what others asked for: whoever asks for a 6 holds a 4.',
    asks: 'Bao asked for a 6 before, and got none. Ines holds a 6 and a 3. Whom does she ask for what?',
    lies: (opened, rules) => laidOut(rules, opened, [own(6, 3, 8, 8, 1), hidden(5, 4)]),
    options: (rules, state) => [asking(rules, state, 2, 4, 'Bao'), asking(rules, state, 2, 7, 'Bao')],
  },
  {
    look: 'Ask for what is still about: count what lies in pairs, and what you hold.',
    asks: 'Three pairs of 3 and 7 lie there. Ines holds a 7 and a 6. What does she ask for?',
    lies: (opened, rules) => laidOut(rules, opened, [own(7, 6, 8, 8, 1), hidden(5)], [3, 7, 3, 7, 3, 7]),
    options: (rules, state) => [asking(rules, state, 2, 4, 'Bao'), asking(rules, state, 2, 3, 'Bao')],
  },
  {
    look: 'Ask whoever holds many cards: more of what you need may be among them.',
    players: ['Ines', 'Bao', 'Wren'],
    asks: 'Bao holds seven cards, Wren two. Whom does Ines ask for a 4?',
    lies: (opened, rules) => laidOut(rules, opened, [own(6, 8, 1), hidden(7), hidden(2)]),
    options: (rules, state) => [asking(rules, state, 2, 4, 'Bao'), asking(rules, state, 3, 4, 'Wren')],
  },
]
