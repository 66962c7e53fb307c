import { GAMES } from '#core/games/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { printablesOf } from '#core/print/forGame'
import { sayCards } from '#core/wording/cards'

test.each(GAMES.map((game) => [game.id, game] as const))(
  '%s: the cards before and after are whole sentences',
  (_id, game) => {
    for (const { rules, most } of game.presets) {
      const seats = Math.min(most ?? 9, Math.max(2, game.about.seats.low))
      const read = readHouseRules(game, rules, seats)
      if (!read.ok) throw new Error('reads')
      const { notice, say, hard } = game.ready.talk(read.rules)
      for (const question of [notice, hard]) expect(question).toMatch(/^[A-Z0-9].+\?$/)
      expect(say).toMatch(/^[A-Z0-9].+\.$/)
      for (const text of [notice, say, hard]) {
        expect(text).not.toMatch(/undefined|NaN|null| -\d|\b1 [a-z]+s\b/)
        expect(text.length).toBeLessThan(140)
        // Sums that are said must be so.
        for (const [, a, b, sum] of text.matchAll(/(\d+) and (\d+) make (\d+)/g))
          expect(Number(a) + Number(b)).toBe(Number(sum))
        for (const [, a, b, sum] of text.matchAll(/(\d+) needs (\d+) to make (\d+)/g))
          expect(Number(a) + Number(b)).toBe(Number(sum))
      }
      const printed = printablesOf(game, read.rules, seats, {
        paper: 'a4',
        faces: 'figure',
        cardSize: 'usual',
        backs: false,
        blank: false,
      }).find(({ id }) => id === 'talk')!
      expect(printed.pages).toHaveLength(1)
    }
  },
)

test.each([
  [
    [
      [1, 4],
      [2, 4],
      [3, 4],
    ],
    'four each of 1 to 3',
  ],
  [
    [
      [0, 2],
      [1, 4],
      [2, 4],
    ],
    'two 0 and four each of 1 to 2',
  ],
  [
    [
      [4, 4],
      [5, 4],
      ['wild', 3],
    ],
    'four each of 4 to 5 and three wild',
  ],
  [
    [
      [2, 1],
      [4, 1],
    ],
    'one 2 and one 4',
  ],
] as const)('a pack in words: %j', (cards, says) => {
  expect(sayCards(cards.map(([face, count]) => ({ face, count })))).toBe(says)
})
