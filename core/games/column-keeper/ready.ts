import { cardsEach, COLUMNS, type KeeperRules } from '#core/games/column-keeper/rules'
import { packCards, span } from '#core/kit/parts'
import type { Ready } from '#core/contract/ready'
import { count, list } from '#core/basics/words'

const best = {
  largest: 'the largest number',
  smallest: 'the smallest number',
  nearest: 'the number nearest to',
} as const

export const ready: Ready<KeeperRules> = {
  cards: ({ pack }) => packCards(pack),
  aloud(rules) {
    const columns = COLUMNS.slice(0, rules.columns)
    return [
      `Draw ${count(cardsEach(rules), 'card', 'cards')}, one after another, and put each at once into ${list([...columns].reverse())}${rules.discards ? ` or away (${count(rules.discards, 'card', 'cards')})` : ''}; what lies stays.`,
      rules.perColumn === 1
        ? 'Then read your number aloud.'
        : 'Then add your columns up: ten of one are one of the next.',
      `In each of ${count(rules.rounds, 'round', 'rounds')} ${best[rules.aim]}${rules.aim === 'nearest' ? ` ${rules.to}` : ''} is best; the most rounds win.`,
    ]
  },
  talk: ({ perColumn }) => ({
    notice: 'Which column makes the most difference?',
    say: `${perColumn === 1 ? 'Seven in the tens is seventy' : 'Twelve ones are one ten and two ones'}.`,
    hard: 'Which card would you put elsewhere now?',
  }),
  sheets({ columns, perColumn, rounds }, seats) {
    const names = COLUMNS.slice(0, columns).toReversed()
    return [
      {
        id: 'columns',
        title: 'Mat: columns for the cards',
        kind: 'places',
        shape: 'card',
        copies: seats,
        rows: span(1, perColumn).map(() => names.map((name) => ({ text: name }))),
      },
      {
        id: 'sums',
        title: 'Adding the columns up',
        kind: 'table',
        copies: seats,
        head: ['', ...names],
        rows: span(1, rounds).flatMap((round) => [
          ...span(1, perColumn).map((line) => [line === 1 ? `Round ${round}` : '', ...names.map(() => '')]),
          ...(perColumn > 1 ? [['Sum', ...names.map(() => '')]] : []),
        ]),
      },
    ]
  },
  ladder: ['single', 'calm', 'usual', 'four'],
}
