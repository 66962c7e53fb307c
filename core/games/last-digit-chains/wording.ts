import type { GameWording } from '#core/contract/game'
import type { ChainCodes } from '#core/games/last-digit-chains/codes'
import { chainOf, type ChainPlay, type ChainRules, type ChainState } from '#core/games/last-digit-chains/rules'
import { aCard, count, numberWord } from '#core/basics/words'

/** Sentences of Last-Digit Chains in English. */
export const wording: GameWording<ChainRules, ChainPlay, ChainState, ChainCodes> = {
  reasons: {
    'no-such-fan': ({ fan, fans }) => `There is no fan ${fan}; there are ${fans}.`,
    'no-such-row': ({ row, rows }) => `There is no row ${row}; there are ${numberWord(rows)}.`,
    'fan-empty': ({ fan }) => `Fan ${fan} is empty.`,
    'row-full': ({ row }) => `Row ${row} is full.`,
    'starts-first': ({ missing }) =>
      `First the starting cards: ${count(missing, 'row still lacks', 'rows still lack')} one.`,
    'not-the-next': ({ card, row, next, two: pair, sum }) =>
      pair === null
        ? `Row ${row} begins with another card: ${next} comes here, not ${card}.`
        : `${pair.join(' + ')} = ${sum}, so ${next} is next in row ${row}, not ${card}.`,
    'no-redeals-left': ({ redeals }) =>
      redeals === 0 ? 'Dealing again was not agreed.' : 'The fans were dealt again as often as was agreed.',
    'not-stuck': ({ card, fan, row }) => `Not stuck yet: the ${card} on fan ${fan} goes to row ${row}.`,
    'wrong-fan-size': ({ size }) => `Now each fan has ${count(size, 'card', 'cards')}; only the last may be smaller.`,
    'cards-differ': ({ card, given, expected }) =>
      `These are not the cards that remain: ${aCard(card)} is there ${times(given)} instead of ${times(expected)}.`,
  },
  notes: {
    taken: ({ card, row, left }) => `The ${card} goes to row ${row}; ${count(left, 'card is', 'cards are')} left.`,
    stuck: ({ size }) => `Nothing can be taken now: deal what remains into fans of ${size}.`,
    redealt: ({ fans, size }) => `Dealt again into ${count(fans, 'fan', 'fans')} of ${size}.`,
    'layout-ended': ({ by, why, left }, { name }) =>
      why === 'complete'
        ? `All four rows are complete: ${name(by)} has no card left.`
        : why === 'stuck'
          ? `Nothing can be taken and no redeal is left: ${name(by)} keeps ${count(left, 'card', 'cards')}.`
          : `${name(by)} stops with ${count(left, 'card', 'cards')} left.`,
  },
  why: { 'fewest-left': 'fewest cards left' },
  play(play, { name }, _rules, { layouts }) {
    if (play.do === 'done') return `${name(play.by)} stops`
    if (play.do === 'redeal') return `${name(play.by)} deals the fans again`
    const card = layouts[play.by - 1]?.fans[play.fan - 1]?.at(-1)
    return `${name(play.by)} takes ${card === undefined ? `from fan ${play.fan}` : `the ${card} of fan ${play.fan}`} to row ${play.row}`
  },
  readBack(rules) {
    const { fan, redeals, startsFirst } = rules
    const { cards, length, starts } = chainOf(rules)
    return [
      `${cards} cards each, in fans of ${fan}; only the top of each fan is in reach.`,
      `Four rows of ${length}, beginning with ${starts.map((pair) => pair.join('-')).join(', ')}.${startsFirst ? ' All starting cards come first.' : ''}`,
      'Each next card is the last digit of the sum of the two before it.',
      redeals === 0
        ? 'Whoever is stuck is done.'
        : `Whoever is stuck deals again, ${redeals === 1 ? 'once' : `${numberWord(redeals)} times`}, into fans one smaller.`,
      'Fewest cards left wins.',
    ]
  },
  prompts: (_rules, notes) =>
    notes.some(({ code }) => code === 'stuck')
      ? ['Which digit would have helped?', 'What lies under that top?']
      : [
          'Which two make that sum?',
          'Only the last digit: what becomes of the ten?',
          'Two tops are alike: under which lies the better card?',
        ],
}

const times = (n: unknown) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${numberWord(n)} times`)
