import { expect, test, type Locator, type Page } from '@playwright/test'
import { append, makeMatch, play, score, type MatchParts } from './helpers'

interface Case {
  readonly parts: MatchParts
  /** What the room sees of the table after the first entries. */
  readonly table: (table: Locator) => Promise<void>
  readonly last: string
  /** One more entry, and what follows from it without a reload. */
  readonly next: object
  readonly then: (page: Page) => Promise<void>
}

const CASES: Readonly<Record<string, Case>> = {
  'ask-for-rest': {
    parts: { game: 'ask-for-rest', entries: [play({ do: 'lay', by: 1, cards: [3, 7] })] },
    async table(table) {
      await expect(table.getByRole('list', { name: 'Pairs of Ines: 1' })).toContainText('3+7')
      await expect(table.getByRole('img', { name: '3 cards in hand' })).toBeVisible()
      await expect(table).toContainText('stock 26')
    },
    last: '3 + 7 = 10',
    next: play({ do: 'ask', by: 1, of: 2, for: 6, got: true }),
    async then(page) {
      await expect(score(page, 1)).toContainText('2')
      await expect(page.locator('li[aria-current]')).toContainText('Tomasz')
    },
  },
  'roof-tiles': {
    parts: { game: 'roof-tiles', houseRules: { rows: 2 }, opening: { layouts: [[[4], [3, 7]], [[9], [5, 6]]] }, entries: [play({ do: 'turn', by: 2, card: 4 })] },
    async table(table) {
      await expect(table.getByRole('img', { name: '37 cards in the stock' })).toBeVisible()
      await expect(table.getByRole('img', { name: '36 cards in the stock' })).toBeVisible()
      await expect(table.locator('.tile')).toHaveCount(6)
    },
    last: 'Tomasz turns a 4',
    next: play({ do: 'take', by: 1, tiles: [[2, 1], [2, 2]] }),
    async then(page) {
      await expect(score(page, 1)).toContainText('4')
      await expect(page.getByRole('region', { name: 'Table' }).locator('.tile')).toHaveCount(4)
      // Side by side it is nobody's turn.
      await expect(page.locator('li[aria-current]')).toHaveCount(0)
    },
  },
  'perch-and-push': {
    parts: { game: 'perch-and-push', entries: [play({ do: 'place', by: 1, cards: [3, 7], on: 13 }), play({ do: 'place', by: 2, cards: [1, 1], on: 11 }), play({ do: 'place', by: 1, cards: [3, 7], on: 13 })] },
    async table(table) {
      await expect(table.getByRole('img', { name: '13: 2 of Ines' })).toBeVisible()
      await expect(table.getByRole('img', { name: '17: bare' })).toBeVisible()
      await expect(table.getByRole('button')).toHaveCount(0)
    },
    last: '3 + 10 = 13',
    next: play({ do: 'place', by: 2, cards: [3, 9], on: 13 }),
    async then(page) {
      await expect(score(page, 2)).toContainText('2')
      await expect(page.getByRole('img', { name: '13: 1 of Tomasz' })).toBeVisible()
    },
  },
  'hundred-stops': {
    parts: { game: 'hundred-stops', entries: [play({ do: 'travel', by: 1, dice: [5, 4], hundreds: 2, order: ['h', 't9', 'h'] })] },
    async table(table) {
      await expect(table.locator('li.way')).toHaveCount(12)
      await expect(table.locator('li.from')).toContainText('100')
    },
    last: '100 + 100 + 90 + 100 = 390',
    next: play({ do: 'travel', by: 2, dice: [5, 5], hundreds: 1, order: ['h', 't10'] }),
    async then(page) {
      await expect(score(page, 2)).toContainText('2')
      await expect(page.getByRole('region', { name: 'Last play' })).toContainText('Tomasz rolls 5 5')
    },
  },
  'column-keeper': {
    parts: { game: 'column-keeper', houseRules: { columns: 2, perColumn: 1, discards: 0, rounds: 1 }, entries: [play({ do: 'put', by: 1, card: 5, in: 'tens' }), play({ do: 'put', by: 2, card: 4, in: 'tens' }), play({ do: 'put', by: 1, card: 1, in: 'ones' }), play({ do: 'put', by: 2, card: 2, in: 'ones' }), play({ do: 'total', by: 1, said: 51 })] },
    async table(table) {
      await expect(table).toContainText('51')
      await expect(table).not.toContainText('42')
      await expect(table.getByRole('button')).toHaveCount(0)
    },
    last: 'tens 5',
    next: play({ do: 'total', by: 2, said: 42 }),
    async then(page) {
      await expect(page.getByRole('region', { name: 'Announcement' })).toContainText('Ines wins')
      await expect(page.getByRole('region', { name: 'Last play' })).toContainText('51 > 42')
    },
  },
}

for (const [game, { parts, table, last, next, then }] of Object.entries(CASES))
  test(`the room sees ${game} as it lies, and what comes next without a reload`, async ({ page, request }) => {
    const match = await makeMatch(request, parts)
    const { board } = (await (await request.get(`/api/matches/${match}`)).json()) as { board: string }
    await page.goto(`/board/${board}`)
    await table(page.getByRole('region', { name: 'Table' }))
    await expect(page.getByRole('region', { name: 'Last play' })).toContainText(last)
    const answer = await append(request, match, parts.entries!.length, next)
    expect(await answer.json()).toMatchObject({ stands: true })
    await then(page)
  })
