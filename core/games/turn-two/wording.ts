import type { GameWording } from '#core/game'
import type { PairPlay, PairRules, PairState } from '#core/games/turn-two/rules'
import { aCard, count, list, numberWord } from '#core/wording/words'

/** Sentences of Turn Two in English. */
export const wording: GameWording<PairRules, PairPlay, PairState> = {
  reasons: {
    'wrong-count': ({ places, cards, perTurn }) =>
      `${numberWord(perTurn)} cards are turned each time; here are ${count(places, 'place', 'places')} and ${count(cards, 'card', 'cards')}.`,
    'same-place': ({ place }) => `Place ${String(place)} was named twice: turn another card.`,
    'empty-place': ({ place, places }) =>
      Number(place) >= 1 && Number(place) <= Number(places)
        ? `Nothing lies at place ${String(place)}.`
        : `There is no place ${String(place)}.`,
    'seen-different': ({ place, seen, card }) =>
      `At place ${String(place)} ${aCard(seen)} was seen before, not ${aCard(card)}: was it mistyped, or has somebody moved it?`,
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
        ? `${(cards as number[]).join(' + ')} is ${String(sum)}, not ${String(target)}: they go back.`
        : `These do not make ${String(target)}: they go back.`,
    kept: ({ by, cards, kept, again, filled }, { name }) => {
      const places = Number(filled) ? ` ${count(filled, 'place is', 'places are')} filled from the stock.` : ''
      return `${name(Number(by))} keeps ${list(cards as number[])}: ${String(kept)} cards now.${places}${again ? ` ${name(Number(by))} turns again.` : ''}`
    },
    'laid-again': ({ laid, stock }) =>
      `All is shuffled and laid out again: ${String(laid)} places, ${String(stock)} in the stock.`,
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
