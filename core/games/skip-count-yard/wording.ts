import type { GameWording } from '#core/contract/game'
import type { YardCodes } from '#core/games/skip-count-yard/codes'
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import type { YardPlay, YardState } from '#core/games/skip-count-yard/rules'
import { deckOfSets, type Position } from '#core/games/skip-count-yard/yard'
import { deckSize } from '#core/kit/pack'
import { aCard, capital, count, list, numberWord } from '#core/basics/words'

const NAMES: Readonly<Record<Position, string>> = {
  N: 'the north side',
  E: 'the east side',
  S: 'the south side',
  W: 'the west side',
  NE: 'the north-east corner',
  SE: 'the south-east corner',
  SW: 'the south-west corner',
  NW: 'the north-west corner',
}
const at = (position: Position) => NAMES[position]

/** The multiples of a set by their name: `threes`. */
function setName(set: number): string {
  const word = numberWord(set)
  return `${word.endsWith('x') ? `${word}e` : word}s`
}
const next = (all: readonly { readonly step: number; readonly card: number }[]) =>
  list(all.map(({ step, card }) => `${card} (${setName(step)})`)).replace(' and ', ' or ')

/** Sentences of Skip-Count Yard in English. */
export const wording: GameWording<YardRules, YardPlay, YardState, YardCodes> = {
  reasons: {
    'draw-first': ({ by }, { name }) => `${name(by)} draws a card first.`,
    'place-empty': ({ from }) => `Nothing lies on ${at(from)}.`,
    'wrong-count': ({ from, count: given, length, whole }) =>
      whole
        ? `Only whole runs are moved: ${at(from)} has ${count(length, 'card', 'cards')}.`
        : `${capital(at(from))} has ${count(length, 'card', 'cards')}, not ${given} to move.`,
    'corner-needs-lowest': ({ card, cards, sets }) =>
      cards.length > 1
        ? `${cards.join(', ')} begins no corner: a run there starts with its set’s lowest card.`
        : `A corner begins with a set’s lowest card: ${list(sets).replace(' and ', ' or ')}, not ${card}.`,
    'run-complete': ({ to, run }) => `The run on ${at(to)} is complete with ${run.at(-1)}.`,
    'not-next': ({ to, card, next: open, itself }) =>
      itself ? 'A run can’t be laid onto itself.' : `On ${at(to)} comes ${next(open)}, not ${card}.`,
  },
  notes: {
    drew: ({ by, card, stock }, { name }) =>
      `${name(by)} ${card === null ? 'draws' : `draws ${aCard(card)}`}; ${count(stock, 'card is', 'cards are')} left in the stock.`,
    added: ({ by, left }, { name }) =>
      left === 0 ? `${name(by)} has no card left!` : `${name(by)} has ${count(left, 'card', 'cards')} left.`,
    moved: ({ from, to, cards, bare }) =>
      `${cards.join(', ')} ${cards.length === 1 ? 'goes' : 'go'} to ${at(to)}${bare ? `; ${at(from)} is bare` : ''}.`,
    ended: ({ by, left }, { name }) => `${name(by)} ends the turn with ${count(left, 'card', 'cards')}.`,
  },
  why: { 'no-cards': 'no cards left', 'fewest-cards': 'fewest cards in hand' },
  play(play, { name }, _rules, { yard }) {
    switch (play.do) {
      case 'draw':
        return `${name(play.by)} draws${play.card === undefined ? ' a card' : ` ${aCard(play.card)}`}`
      case 'add': {
        const top = yard[play.to].at(-1)
        return `${name(play.by)} puts ${play.card} on ${at(play.to)}${top === undefined ? '' : `, after ${top}`}`
      }
      case 'move': {
        const run = yard[play.from]
        const cards = run.slice(Math.max(0, run.length - (play.count ?? run.length)))
        return `${name(play.by)} moves ${cards.length ? cards.join(', ') : 'cards'} from ${at(play.from)} to ${at(play.to)}`
      }
      default:
        return `${name(play.by)} ends the turn`
    }
  },
  readBack({ sets, hand, finish, moves }) {
    return [
      `The multiples of ${list(sets)}, up to ten times: ${deckSize(deckOfSets(sets))} cards; ${typeof hand === 'number' ? `${count(hand, 'card', 'cards')} each` : `${list(hand)} cards in hand, by seat`}.`,
      'Four cards lie open on the sides; a corner begins only with a set’s lowest card.',
      `Draw first. Then add cards that continue a run, and move ${moves === 'tail' ? 'runs or the upper part of one' : 'whole runs'}, as often as you like.`,
      {
        'at-once': 'Whoever has no card left wins at once.',
        'even-turns': 'The round in which somebody has no card left is finished; all without cards win.',
        'play-on': 'Whoever has no card left first has won; the others play on for the next places.',
      }[finish],
      'With the stock empty, a round in which nobody adds a card ends it: fewest cards wins.',
    ]
  },
  prompts: (_rules, notes) =>
    notes.some(({ code }) => code === 'added')
      ? ['Does that open a place for another card?', 'Could a run be moved now?']
      : ['Which set could that run be?', 'What comes next, and after that?', 'Which place could you make bare?'],
}
