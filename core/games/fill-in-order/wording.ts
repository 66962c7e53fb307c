import { itemAt } from '#core/basics/lists'
import type { GameWording } from '#core/contract/game'
import type { FillCodes } from '#core/games/fill-in-order/codes'
import type { Played } from '#core/games/fill-in-order/cards'
import type { FillRules, FillState, Turn } from '#core/games/fill-in-order/rules'
import { aCard, capital, count, list, numberWord } from '#core/basics/words'

const cardName = (card: number | string) => ({ J: 'jack', Q: 'queen', K: 'king' })[card] ?? card
const withArticle = (card: number | string) => (typeof card === 'number' ? aCard(card) : `a ${cardName(card)}`)
const nameOf = (card: Played) => (typeof card === 'object' ? card.wild : card)
const told = (card: Played) => `${withArticle(nameOf(card))}${typeof card === 'object' ? ` to place ${card.slot}` : ''}`

/** Sentences of Fill in Order in English. */
export const wording: GameWording<FillRules, Turn, FillState, FillCodes> = {
  reasons: {
    'discard-useless': ({ top }) =>
      top === null
        ? 'No discard lies open yet.'
        : `The discard, ${withArticle(top)}, has no open place here: draw from the stock.`,
    'discard-was': ({ top, card }) => `The discard that lies open is ${withArticle(top)}, not ${withArticle(card)}.`,
    'could-not-go-there': ({ card, why, slot }) =>
      why === 'full'
        ? `All places were full before the ${cardName(card)}.`
        : why === 'slot'
          ? `Place ${slot} is not open for the ${cardName(card)}.`
          : `${capital(withArticle(card))} has no open place: the turn ended with it.`,
    'keeps-going': ({ card, slot }) => `The ${cardName(card)} goes to place ${slot}: what lay under it comes next.`,
  },
  notes: {
    shuffled: ({ cards }) => `The stock was empty: ${count(cards, 'discard is', 'discards are')} shuffled back.`,
    placed: ({ by, placed, left, discard }, { name }) =>
      placed === 0
        ? `${capital(withArticle(discard))} can’t go: ${name(by)} has ${count(left, 'place', 'places')} to fill.`
        : `${count(placed, 'card goes', 'cards go')}; ${name(by)} has ${count(left, 'place', 'places')} left.`,
    'discard-helps': ({ by, card }, { name }) => `The ${cardName(card)} would fit ${name(by)}.`,
    'round-won': ({ by, rounds, slots, fewer, first }, { name }) =>
      `${name(by)} has filled every place: ${count(rounds, 'round', 'rounds')} won.${fewer ? ` Next with ${count(slots, 'place', 'places')}.` : ''} ${name(first)} begins.`,
    nobody: ({ first }, { name }) =>
      `Nobody could put a card: the round is nobody’s and is dealt again. ${name(first)} begins.`,
  },
  why: { 'most-rounds': 'most rounds', 'down-to-one': 'won with one place' },
  play: ({ by, from, cards }, { name }) =>
    `${name(by)} ${from === 'stock' ? `draws ${told(itemAt(cards, 0))}` : `takes the ${cardName(nameOf(itemAt(cards, 0)))}`}${cards.length > 1 ? `, then ${list(cards.slice(1).map(told))}` : ''}`,
  readBack({ slots, rounds, fewer, packs, wild, pictures }, seats) {
    return [
      `${packs === 1 ? 'One pack' : 'Two packs'}${pictures ? ': 1 to 10, jack, queen and king, four of each' : ': 1 to 10, no pictures, four of each'}${packs === 1 ? '' : ' in each pack'}; ${count(slots, 'hidden card', 'hidden cards')} for each of the ${numberWord(seats)}.`,
      'Draw, or take the discard if it fits; a card goes to its place, and what lay there comes next, until one can’t go.',
      !pictures
        ? 'A turn ends with the first card that has no open place.'
        : wild === 'none'
          ? 'Jacks, queens and kings end the turn.'
          : `A ${cardName(wild)} fits any open place and stays there; the other pictures end the turn.`,
      rounds === 'to-one'
        ? 'A round’s winner plays the next with one place fewer; whoever wins with one place wins it all. That is long.'
        : `${count(rounds, 'round', 'rounds')}; most rounds win.${fewer ? ' A round’s winner plays the next with one place fewer.' : ''}`,
    ]
  },
  prompts: (_rules, notes) =>
    notes.some(({ code }) => code === 'discard-helps')
      ? ['Whom does that discard help?', 'Which places are still open?']
      : [
          'Which places are still open?',
          'What comes before that number, and what after it?',
          'Where does it go, counted from the left?',
        ],
}
