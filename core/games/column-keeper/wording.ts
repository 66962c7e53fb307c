import type { GameWording } from '#core/contract/game'
import type { KeeperCodes } from '#core/games/column-keeper/codes'
import type { KeeperPlay, KeeperRules, KeeperState } from '#core/games/column-keeper/rules'
import { count, list } from '#core/basics/words'

/** Sentences of Column Keeper in English. */
export const wording: GameWording<KeeperRules, KeeperPlay, KeeperState, KeeperCodes> = {
  reasons: {
    'no-such-column': ({ in: where, columns }) => `There is no column for ${where}; there are ${list(columns)}.`,
    'column-full': ({ in: where, perColumn }) => `The ${where} hold ${count(perColumn, 'card', 'cards')} already.`,
    'no-discards-left': ({ by, discards }, { name }) =>
      discards === 0
        ? 'Nothing may be thrown away: it needs a column.'
        : `${name(by)} has thrown away ${discards} already; this one needs a column.`,
  },
  notes: {
    put: ({ by, card, in: where, left }, { name }) =>
      `${name(by)} ${where === 'aside' ? `throws the ${card} away` : `puts the ${card} in the ${where}`}; ${left === 0 ? 'that was the last card' : `${left} to come`}.`,
    told: ({ by, total }, { name }) => `${name(by)} has ${total}.`,
    'round-decided': ({ round, best, number, alone, distance }, { name }) => {
      const by = distance === null ? '' : `, ${distance} away`
      if (alone) return `Round ${round}: ${number}${by}.`
      const seats = best.map((seat) => name(seat))
      return `${list(seats)} ${seats.length === 1 ? 'takes' : 'take'} round ${round} with ${number}${by}.`
    },
  },
  why: { 'most-rounds': 'most rounds' },
  play(play, { name }) {
    if (play.do === 'total') return `${name(play.by)} says the total is ${play.said}`
    return play.in === 'aside'
      ? `${name(play.by)} throws the ${play.card} away`
      : `${name(play.by)} puts the ${play.card} in the ${play.in}`
  },
  readBack({ columns, perColumn, discards, pack, aim, to, rounds }) {
    const names = ['ones', 'tens', 'hundreds', 'thousands'].slice(0, columns)
    return [
      `Digits ${pack.low} to ${pack.high}, ${pack.copies} of each; the whole pack for each round.`,
      `Everyone draws ${columns * perColumn + discards} cards: ${count(perColumn, 'card', 'cards')} in each of ${list(names)}${discards ? `, and ${count(discards, 'card', 'cards')} thrown away` : ''}. What lies stays.`,
      aim === 'nearest' ? `Best is the number nearest to ${to ?? '…'}.` : `The ${aim} number is best.`,
      `${count(rounds, 'round', 'rounds')}; most rounds win.`,
    ]
  },
  prompts({ aim }, notes) {
    if (notes.some(({ code }) => code === 'round-decided'))
      return ['What is the best number these cards could have made?', 'What would you do differently?']
    if (notes.some(({ code }) => code === 'told'))
      return ['Where did you have to carry?', 'How many tens are in that many ones?']
    return [
      'Which column matters most?',
      aim === 'smallest' ? 'Where is a large digit least harmful?' : 'Is this digit good enough for the left?',
      'What may still come?',
    ]
  },
}
