import { fromBox } from '#core/print/box'
import { GAMES } from '#core/games/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { packCards } from '#core/kit/parts'

const faces = (list: readonly { readonly face: number | string; readonly count: number }[]) =>
  list.map(({ face, count }) => `${count}x${face}`).join(' ')

test.each([
  [
    '1 to 9',
    packCards({ low: 1, high: 9, copies: 4 }),
    1,
    '4x1 4x2 4x3 4x4 4x5 4x6 4x7 4x8 4x9',
    '4x10 4xJ 4xQ 4xK',
    '',
  ],
  [
    'five of each take two packs',
    packCards({ low: 1, high: 2, copies: 5 }),
    2,
    '5x1 5x2',
    '3x1 3x2 8x3 8x4 8x5 8x6 8x7 8x8 8x9 8x10 8xJ 8xQ 8xK',
    '',
  ],
  ['zeros and elevens are nobody’s', packCards({ low: 0, high: 0, copies: 4 }), 0, '', '', '4x0'],
  [
    'warm and cool are suits',
    [
      { face: 'warm 3', count: 2 },
      { face: 'cool 3', count: 2 },
      { face: 'wild', count: 4 },
    ],
    1,
    '2xwarm 3 2xcool 3',
    '4x1 4x2 4x4 4x5 4x6 4x7 4x8 4x9 4x10 4xJ 4xQ 4xK',
    '4xwild',
  ],
] as const)('%s', (_what, cards, packs, keep, out, own) => {
  const box = fromBox(cards)
  expect([box.packs, faces(box.keep), faces(box.out), faces(box.own)]).toEqual([packs, keep, out, own])
})

test.each(GAMES.map((game) => [game.id, game] as const))(
  '%s: kept and own cards are the whole pack, kept and taken out whole packs',
  (_id, game) => {
    for (const { rules } of game.presets) {
      const seats = Math.max(2, game.about.seats.low)
      const read = readHouseRules(game, rules, seats)
      const cards = read.ok ? game.ready.cards?.(read.rules, seats) : undefined
      if (!cards) continue
      const box = fromBox(cards)
      const sum = (list: readonly { readonly count: number }[]) => list.reduce((total, { count }) => total + count, 0)
      expect(sum(box.keep) + sum(box.own)).toBe(sum(cards))
      expect(sum(box.keep) + sum(box.out)).toBe(box.packs * 52)
    }
  },
)
