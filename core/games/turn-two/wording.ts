import type { GameWording } from '#core/contract/game'
import type { PairCodes } from '#core/games/turn-two/codes'
import type { PairPlay, PairRules, PairState } from '#core/games/turn-two/rules'
import { aCard, capital, count, list, numberWord } from '#core/basics/words'

/** Sentences of Turn Two in English. */
export const wording: GameWording<PairRules, PairPlay, PairState, PairCodes> = {
  reasons: {
    'wrong-count': ({ places, cards, perTurn }) =>
      `${capital(numberWord(perTurn))} cards are turned each time; here are ${count(places, 'place', 'places')} and ${count(cards, 'card', 'cards')}.`,
    'same-place': ({ place }) => `Place ${place} was named twice: turn another card.`,
    'empty-place': ({ place, places }) =>
      place >= 1 && place <= places ? `Nothing lies at place ${place}.` : `There is no place ${place}.`,
    'seen-different': ({ place, seen, card }) =>
      `At place ${place} ${aCard(seen)} was seen before, not ${aCard(card)}: was it mistyped, or has somebody moved it?`,
    'not-stuck': ({ why, unseen }) =>
      why === 'unseen'
        ? `Not yet: ${count(unseen, 'place has', 'places have')} not been seen.`
        : why === 'match'
          ? 'There is still a match among the cards that lie there.'
          : 'Laying it out again would not help.',
  },
  notes: {
    missed: ({ cards, target, sum, signs }) =>
      signs === 'add'
        ? `${cards.join(' + ')} is ${sum}, not ${target}: they go back.`
        : `These do not make ${target}: they go back.`,
    kept: ({ by, cards, kept, again, filled }, { name }) => {
      const places = filled ? ` ${count(filled, 'place is', 'places are')} filled from the stock.` : ''
      return `${name(by)} keeps ${list(cards)}: ${kept} cards now.${places}${again ? ` ${name(by)} turns again.` : ''}`
    },
    'laid-again': ({ laid, stock }) => `All is shuffled and laid out again: ${laid} places, ${stock} in the stock.`,
  },
  why: { 'most-cards': 'most cards', 'no-match-left': 'no match is left; most cards' },
  play(play, { name }) {
    if (play.do === 'relay') return 'The cards are laid out again'
    const { at, cards } = play
    // Cards that went back are nobody’s business afterwards.
    if (!cards.length) return `${name(play.by)} turns places ${list(at)}`
    return `${name(play.by)} turns ${list(at.length === cards.length ? at.map((place, i) => `${cards[i]} at ${place}`) : cards)}`
  },
  readBack({ target, pack, layout, perTurn, signs, refill, again }) {
    return [
      `Cards ${pack.low} to ${pack.high}, ${pack.copies} of each; ${layout === 'all' ? 'all are' : `${layout} are`} laid out face down.`,
      `Turn ${numberWord(perTurn)}: whoever makes ${target}${signs === 'add' ? '' : ', adding and taking away,'} keeps them; others go back.`,
      ...(layout === 'all'
        ? []
        : [
            refill
              ? 'Empty places are filled from the stock, the lowest first.'
              : 'Empty places stay empty; the stock is not used.',
          ]),
      ...(again ? ['Whoever keeps cards turns again.'] : []),
      'Until no match is left; most cards win.',
    ]
  },
  prompts: ({ target }, notes) =>
    notes.some(({ code }) => code === 'kept')
      ? ['How did you remember where it was?', 'Which other two make it?']
      : [
          `You have turned one: what do you need to ${target}?`,
          'Have you seen that card somewhere?',
          'Which place is new to everybody?',
        ],
}
