import { CHAINS, wholeRow } from '../../core/games/last-digit-chains/chains'
import { play, type GameFixture } from './fixture'

const take = (by: number, fan: number, row: number) => play({ do: 'take', by, fan, row })
const done = (by: number) => play({ do: 'done', by })

/** A pack that comes out: the four rows taken turn by turn, the first card on top of the first fan. Fans of `size`. */
function easyFans(size: number): number[][] {
  const rows = CHAINS.short.starts.map((_, row) => wholeRow(CHAINS.short, row))
  const order = [...rows.flatMap((row) => row.slice(0, 2)), ...rows.flatMap((row) => row.slice(2))]
  const fans: number[][] = []
  for (let i = 0; i < order.length; i += size) fans.push(order.slice(i, i + size).reverse())
  return fans
}
const FANS = easyFans(4)
const open = { game: 'last-digit-chains', players: ['Ines', 'Tomasz'], opening: { fans: [FANS, FANS] } }
/** Every top is an 8, a 4 or a 2: no row begins with one. */
const STUCK = (() => {
  const cards = FANS.flat()
  const tops = [8, 8, 8, 4, 4, 4, 2, 2, 2]
  const rest = [...cards]
  for (const card of tops) rest.splice(rest.indexOf(card), 1)
  return tops.map((top, i) => [...rest.slice(3 * i, 3 * i + 3), top])
})()
const stuck = { ...open, opening: { fans: [STUCK, FANS] } }
/** The same pack in fans of three. */
const THREES = easyFans(3)

export const lastDigitChains: GameFixture = {
  seats: [1, 4],
  points: false,
  open,
  live: { ...open, entries: [take(1, 1, 1), take(1, 1, 1), take(2, 1, 1), take(1, 1, 2)] },
  match: {
    parts: { ...open, players: ['Ines'], opening: { fans: [FANS] }, houseRules: { redeals: 0 } },
    lines: [
      ['1>1', 'ok', [35]],
      ['1>2', 'not-the-next', [35]],
      ['8', 'ok', [34]],
      ['1>1', 'starts-first', [34]],
      ['10>1', 'no-such-fan', [34]],
      ['1>5', 'no-such-row', [34]],
      ['take 1>2', 'ok', [33]],
      ['1>2', 'ok', [32]],
      ['1>3', 'fan-empty', [32]],
      ['2>3', 'ok', [31]],
      ['2', 'ok', [30]],
      ['redeal 123', 'no-redeals-left', [30]],
      ['7', 'ok', [29]],
      ['2>4', 'ok', [28]],
      ['3>1', 'ok', [27]],
      ['3>4', 'not-the-next', [27]],
      ['done', 'ok', [27]],
    ],
    result: { winners: [1], shared: false, why: 'fewest-left' },
  },
  slips: {
    'no-such-fan': { ...open, entries: [take(1, 10, 1)] },
    'no-such-row': { ...open, entries: [take(1, 1, 5)] },
    'fan-empty': { ...open, entries: [take(1, 1, 1), take(1, 1, 1), take(1, 1, 2), take(1, 1, 2), take(1, 1, 3)] },
    'row-full': {
      ...open,
      players: ['Ines'],
      opening: { fans: [easyFans(4)] },
      entries: [
        ...[1, 1, 2, 2, 3, 3, 4, 4].map((row, i) => take(1, 1 + Math.floor(i / 4), row)),
        ...[1, 1, 1, 1, 1, 1, 1].map((row, i) => take(1, 3 + Math.floor(i / 4), row)),
        take(1, 4, 1),
      ],
    },
    'starts-first': { ...open, entries: [take(1, 1, 1), take(1, 1, 1), take(1, 1, 1)] },
    'not-the-next': { ...open, entries: [take(1, 1, 2)] },
    'no-redeals-left': { ...open, houseRules: { redeals: 0 }, entries: [play({ do: 'redeal', by: 1, fans: [] })] },
    'not-stuck': { ...open, entries: [play({ do: 'redeal', by: 1, fans: THREES })] },
    'wrong-fan-size': { ...stuck, entries: [play({ do: 'redeal', by: 1, fans: FANS })] },
    'cards-differ': { ...stuck, entries: [play({ do: 'redeal', by: 1, fans: [[9, 9, 9], ...THREES.slice(1)] })] },
  },
  sentences: [
    [{ ...open, entries: [take(1, 1, 1)] }, 'The 1 goes to row 1; 35 cards are left.'],
    [{ ...open, entries: [done(1)] }, 'Ines stops with 36 cards left.'],
    [{ ...open, entries: [take(1, 1, 2)] }, 'Doesn’t stand: Row 2 begins with another card: 3 comes here, not 1.'],
    [
      { ...open, entries: [play({ do: 'redeal', by: 1, fans: THREES })] },
      'Doesn’t stand: Not stuck yet: the 1 on fan 1 goes to row 1.',
    ],
    [{ ...stuck, entries: [play({ do: 'redeal', by: 1, fans: THREES })] }, 'Dealt again into 12 fans of 3.'],
    [
      { ...stuck, entries: [play({ do: 'redeal', by: 1, fans: FANS })] },
      'Doesn’t stand: Now each fan has 3 cards; only the last may be smaller.',
    ],
    [
      { ...open, entries: [take(1, 1, 1), take(1, 1, 1), take(1, 1, 1)] },
      'Doesn’t stand: First the starting cards: 3 rows still lack one.',
    ],
  ],
  understood: [
    ['8', { do: 'take', by: 1, fan: 1, row: 1 }, { ...open, entries: [take(1, 1, 1)] }],
    ['2: 3>2 !knew-it', { do: 'take', by: 2, fan: 3, row: 2, explained: true, how: 'knew-it' }],
    [
      '2: redeal 314 15',
      {
        do: 'redeal',
        by: 2,
        fans: [
          [3, 1, 4],
          [1, 5],
        ],
      },
    ],
    ['redeal (3,14) ()', { do: 'redeal', by: 1, fans: [[3, 14], []] }],
    ['redeal', { do: 'redeal', by: 1, fans: [] }],
    ['done', { do: 'done', by: 1 }],
  ],
  notUnderstood: [[''], ['5'], ['3>'], ['redeal x'], ['take 3']],
  may: { redeals: 2 },
  amend: {
    parts: { ...open, entries: [take(1, 1, 1), take(2, 1, 1)] },
    entry: 1,
    reads: /Ines takes the 1 of fan 1 to row 1/,
    touch: ['Fan 2: 9'],
    becomes: 'Ines takes the 9 of fan 2 to row 3',
    play: { do: 'take', by: 1, fan: 2, row: 3 },
  },
  byHand: {
    parts: { ...stuck, houseRules: { startsFirst: true } },
    steps: [
      { tap: 'What fits, and what lies under it' },
      { tap: 'Deal again' },
      { keys: THREES.flat().join('') },
      { verdict: 'Dealt again into 12 fans of 3.' },
      { tap: 'Fan 1: 1' },
      { score: [1, '35'] },
      { tap: 'Fan 1: 8' },
      { tap: 'Fan 3: 7' },
      { score: [1, '33'] },
      { tap: 'Ines stops' },
      { tap: 'Fan 1: 1' },
      { tap: 'Tomasz stops' },
      { wins: 'Ines wins' },
    ],
    entries: [
      play({ do: 'redeal', by: 1, fans: THREES }),
      take(1, 1, 1),
      take(1, 1, 1),
      take(1, 3, 4),
      done(1),
      take(2, 1, 1),
      done(2),
    ],
  },
  board: {
    shows: ['Ines', 'Tomasz'],
    last: 'Ines takes the 3 of fan 1 to row 2',
    next: take(2, 1, 1),
    then: [{ score: [2, '34'] }],
  },
  reopening: { opening: { fans: [STUCK, STUCK] }, bad: { fans: [FANS, FANS.slice(1)] } },
}
