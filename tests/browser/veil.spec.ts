import { expect, test, type APIRequestContext, type Page } from '@playwright/test'
import { makeMatchFile } from '../../core/format/matchFile'
import type { GameId } from '../../core/games/ids'
import type { Face } from '../../core/games/fill-in-order/cards'
import { slotFor, type Turn } from '../../core/games/fill-in-order/rules'
import { gameById, GAMES } from '../../core/games/index'
import { judgePlay } from '../../core/kernel/match'
import { keptBack } from '../../core/kernel/keptBack'
import { nextPlay, openSelfPlay } from '../../core/kernel/selfPlay'
import { addEntry, foldTape, type Tape } from '../../core/kernel/tape'
import { showWorking } from '../../core/contract/working'
import type { BasePlay } from '../../core/contract/plays'
import type { Step } from '../games/fixture'
import { FIXTURES } from '../games/index'
import { silent } from '../unit/silent'
import {
  boardOf,
  entriesOf,
  expectFaultless,
  expectScanned,
  follow,
  makeMatch,
  openDesk,
  SIZES,
  tap,
  tape as tapeOf,
  type MatchParts,
  verdict,
  wider,
} from './helpers'

/** On their own: nothing that a child is to find is shown before it was given, in every game and under every school. */
test.use({ hasTouch: true })

const KEY = 'lantern'
/** Plays that are looked through for one that asks something. */
const MOST = 30

interface Position {
  readonly tape: Tape
  /** The next play, with nothing said. */
  readonly play: BasePlay
  /** What a child is to say; null where the play itself is the answer. */
  readonly answer: readonly number[] | null
  /** The arithmetic, as it must not be seen. */
  readonly workings: readonly string[]
}

/** The first position in which a bot’s play asks an answer, after `from` plays at least; else the last with a working. */
function positionOf(
  game: (typeof GAMES)[number],
  houseRules: object,
  source: 'table' | 'dealt',
  from: number,
): Position | null {
  const players = ['Ines', 'Bao', 'Wren'].slice(0, Math.max(2, game.about.seats.low))
  const { table, state } = openSelfPlay({ game, houseRules: { ...houseRules }, players, key: KEY, source })
  let tape = foldTape(table, state, [])
  let found: Position | null = null
  for (let n = 0; n < MOST; n++) {
    const next = nextPlay(table, tape.state, KEY, n)
    if (next === null) break
    const play = silent(next as object) as unknown as BasePlay
    const { verdict, asks } = judgePlay(table, tape.state, play)
    const workings = verdict.working
      .filter((working) => working.kind !== 'equation' || working.terms.length > 1)
      .map(showWorking)
    if (n >= from && workings.length) {
      const answer = asks?.answer === undefined ? null : [asks.answer].flat()
      if (!found || (found.answer === null && answer !== null)) found = { tape, play, answer, workings }
      if (answer) break
    }
    tape = addEntry(tape, { play: next })
  }
  return found
}

async function veiled(request: APIRequestContext, { tape }: Position, houseRules: object): Promise<string> {
  const made = await request.post('/api/matches/import', { data: makeMatchFile(tape, { ...houseRules }) })
  expect(made.status()).toBe(201)
  const { id } = (await made.json()) as { id: string }
  expect((await request.patch(`/api/matches/${id}`, { data: { veiled: true } })).ok()).toBe(true)
  return id
}

/** All that can be read or heard, but for keys that hold every figure anyway. */
const read = (page: Page, part = 'body') =>
  page.evaluate((within) => {
    const said: string[] = []
    const walk = (node: Node) => {
      if (node instanceof Element) {
        if (node.matches('[aria-label="Number keys"], script, style, input')) return
        if (node.getAttribute('aria-label')) said.push(node.getAttribute('aria-label')!)
      }
      if (node.nodeType === Node.TEXT_NODE && node.textContent?.trim()) said.push(node.textContent.trim())
      node.childNodes.forEach(walk)
    }
    walk(document.querySelector(within)!)
    return said.join(' ').replace(/\s+/g, ' ')
  }, part)

const squeezed = (text: string) => text.replace(/\s+/g, '')
/** The answer stands behind a sign, or a word that tells it. */
const tells = (answer: number) =>
  new RegExp(
    `(=|said|total|banks?|makes?|ends on|stands on|record|then)\\s?${String(answer).replace('-', '−')}(?!\\d)`,
    'i',
  )

/** What of the answer can be read now that could not be read before anything was entered. */
function leaks(before: string, now: string, { tape, answer, workings }: Position): string[] {
  const silent = keptBack(tape)
  const earlier = tape.lines.flatMap(({ number, verdict }) =>
    silent.has(number) ? [] : verdict.working.map(showWorking),
  )
  const found = workings.filter((each) => squeezed(now).includes(squeezed(each)) && !earlier.includes(each))
  for (const each of answer ?? []) {
    const [a, b] = [before.match(new RegExp(tells(each), 'gi')), now.match(new RegExp(tells(each), 'gi'))]
    if ((b?.length ?? 0) > (a?.length ?? 0)) found.push(b!.join(', '))
  }
  return found
}

for (const game of GAMES)
  test(`${game.id}: nothing is worked out before it is answered, under every school`, async ({ page, request }) => {
    test.slow()
    await page.emulateMedia({ reducedMotion: 'reduce' })
    let inPad = false
    for (const { label, rules } of game.presets) {
      const typed = positionOf(game, rules, 'table', 4)
      if (!typed) continue
      await openDesk(page, await veiled(request, typed, rules))
      const before = await read(page)
      await page.getByRole('textbox', { name: 'Quick line' }).fill(game.writePlay(typed.play))
      await expect(verdict(page)).toContainText(game.about.finds.asks)
      await page.waitForTimeout(150)
      expect([label, typed.play, leaks(before, await read(page), typed)]).toEqual([label, typed.play, []])

      // With the chance in the pad, where an answer is asked of what the app has dealt; the pad is the same under every school.
      const dealt = inPad ? null : positionOf(game, rules, 'dealt', 0)
      if (!dealt?.answer) continue
      inPad = true
      await openDesk(page, await veiled(request, dealt, rules))
      await page.keyboard.press('Enter')
      await page.waitForTimeout(600)
      expect([label, dealt.play, leaks('', await read(page, '[aria-label="Pad"]'), dealt)]).toEqual([
        label,
        dealt.play,
        [],
      ])
    }
  })

/** Games of which a play can be typed without its answer, each with one; the others have their own tests by touch. */
const TYPED = GAMES.flatMap((game) => {
  for (const { rules } of game.presets) {
    const typed = positionOf(game, rules, 'table', 4)
    if (typed) return [{ game, rules, typed }]
  }
  return []
})

for (const { game, rules, typed } of TYPED)
  test(`${game.id}: a helper’s desk and the board keep it as well`, async ({ page, request, context }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' })
    const match = await veiled(request, typed, rules)
    // This device was let in at this one table; everything else is the server's own answer.
    await page.route('**/api/session', async (route) => {
      const answer = (await (await route.fetch()).json()) as object
      await route.fulfill({ json: { ...answer, passcode: true, mayRecord: false, helps: match } })
    })
    await openDesk(page, match)
    await expect(page.getByText('You help here')).toBeAttached()
    const board = await context.newPage()
    await board.goto(await boardOf(request, match))
    await expect(board.getByRole('region', { name: 'Table' })).toBeVisible()
    const [before, shown] = [await read(page), await read(board)]
    await page.getByRole('textbox', { name: 'Quick line' }).fill(game.writePlay(typed.play))
    await expect(verdict(page)).toContainText(game.about.finds.asks)
    await page.waitForTimeout(150)
    expect([leaks(before, await read(page), typed), leaks(shown, await read(board), typed)]).toEqual([[], []])
  })

/** What the pads of games whose plays are themselves the answer keep to themselves: after these steps nothing of `hides` can be read. */
const PADS: readonly { id: GameId; houseRules?: object; steps: readonly Step[]; hides: readonly RegExp[] }[] = [
  {
    id: 'ask-for-rest',
    steps: [{ tap: 'For a 4' }],
    hides: [/6 \+ 4/, /what is known/],
  },
  {
    id: 'roof-tiles',
    steps: [{ tap: 'Tile 3.1: 3' }, { tap: 'Tile 3.3: 8' }],
    hides: [/= 11/, /takes? (is|are) open/, /That makes/],
  },
  {
    id: 'turn-two',
    steps: [
      { tap: 'Place 1' },
      { tap: 'Shows a 1' },
      { tap: 'Place 2' },
      { tap: 'Shows a 2' },
      { verdict: 'Do they match?' },
      { tap: /^They make/ },
      { verdict: 'Not yet. Look at it once more.' },
      { tap: 'Try again' },
    ],
    hides: [/Peek/, /= 3/],
  },
  {
    id: 'call-row',
    steps: [
      { tap: 'Dealt a 8' },
      { tap: 'Dealt a 2' },
      { tap: 'Tomasz' },
      { tap: 'Card 8 of the row, place 1' },
      { tap: 'Card 2 of the row, place 2' },
    ],
    hides: [/8 \+ 2/, /= 10/],
  },
  {
    id: 'perch-and-push',
    steps: [{ tap: 'Drew a 3' }, { tap: 'Drew a 7' }],
    hides: [/Was put on/, /Both said right/, /3 \+ 10/, /perches/],
  },
  {
    id: 'hundred-stops',
    steps: [{ tap: 'Rolled a 6' }, { tap: 'Rolled a 6' }, { tap: 'Spun 3 hundred' }, { tap: /^Hop 100/ }],
    hides: [/Go to/, /the rest is dropped/],
  },
  {
    id: 'exact-landing',
    houseRules: { start: 8 },
    steps: [{ tap: 'Spun +3' }, { tap: 'It goes off the line' }, { verdict: 'off the line' }, { tap: 'Spun −1' }],
    hides: [/Stands on/, /to go/],
  },
  {
    id: 'say-it-first',
    steps: [{ tap: 'Turned a 8' }, { tap: 'Turned a 5' }],
    hides: [/said 13/, /= 13/],
  },
  {
    id: 'covered-part',
    steps: [
      { tap: 'Rolled a 5' },
      { tap: 'Rolled a 3' },
      { tap: 'Figure 9' },
      { tap: /Cover the 5/ },
      { verdict: 'Not yet. Look at it once more.' },
    ],
    hides: [/announced 8/, /than 8/, /it is 8/],
  },
  {
    id: 'place-strike',
    steps: [{ tap: 'Digit 5' }, { tap: /^tens 2/ }],
    hides: [/Show matches/],
  },
  {
    id: 'skip-count-yard',
    steps: [{ tap: /^Draws a card/ }, { tap: 'Card 15' }],
    hides: [/×\d/],
  },
  {
    id: 'last-digit-chains',
    steps: [],
    hides: [/Rows need/, /\d \+ \d =/],
  },
  {
    id: 'fill-in-order',
    houseRules: { slots: 3, rounds: 1, wild: 'K' },
    steps: [
      { tap: 'Came up: 3' },
      { tap: 'To place 2' },
      { tap: 'To place 3' },
      { tap: 'Came up: J' },
      { tap: 'It can’t go' },
      { turn: 'Tomasz' },
    ],
    hides: [],
  },
]

for (const { id, houseRules, steps, hides } of PADS)
  test(`${id}: the pad does not find for the child what is the child’s to find`, async ({ page, request }) => {
    await page.setViewportSize({ width: 1024, height: 1000 })
    const { parts } = FIXTURES[id].byHand
    const match = await makeMatch(request, { ...parts, ...(houseRules ? { houseRules } : {}) } as MatchParts)
    expect((await request.patch(`/api/matches/${match}`, { data: { veiled: true } })).ok()).toBe(true)
    await openDesk(page, match)
    await follow(page, steps)
    await page.waitForTimeout(200)
    const now = await read(page)
    for (const hidden of hides) expect(now).not.toMatch(hidden)
    await expect(page.locator('.option, .reach, .found, .place.open, .fits')).toHaveCount(0)
  })

test('a wrong answer is tried again, a right one is told with its working; showing it is help', async ({
  page,
  request,
}) => {
  const people = await Promise.all(
    ['Wren', 'Kofi'].map(async (first, i) => {
      const name = `${first} ${Date.now() % 100_000}`
      const made = await request.post('/api/people', { data: { name, pennant: i + 1 } })
      return { name, id: ((await made.json()) as { id: string }).id }
    }),
  )
  const seats = people.map(({ id, name }, i) => ({ name, pennant: i + 1, personId: id }))
  const made = await request.post('/api/matches', { data: { game: 'top-total', seats, first: 1, veiled: true } })
  const { id } = (await made.json()) as { id: string }
  await openDesk(page, id)
  const die = async (face: number) => tap(page, `Rolled a ${face}`)
  const figure = async (n: number) => tap(page, `Figure ${n}`)
  await die(6)
  await die(5)
  await expect(verdict(page)).toContainText('How much is it?')
  const record = page.getByRole('button', { name: /The sum is/ })
  await expect(record).toBeDisabled()
  await figure(1)
  await figure(2)
  await expect(verdict(page)).toContainText('How much is it?')
  await record.tap()
  await expect(verdict(page)).toContainText('Not yet. Look at it once more.')
  await expect(verdict(page)).not.toContainText('11')
  // Nor does anything beside it tell, or draw, what it is.
  expect(await read(page)).not.toMatch(/\b11\b|Draw the sum|Another way/)
  await tap(page, 'Try again')
  await figure(1)
  await figure(1)
  await record.tap()
  await expect(verdict(page)).toContainText('6 + 5 = 11')
  await expect(tapeOf(page)).toContainText('says 11')
  await die(3)
  await die(3)
  await tap(page, 'Show it')
  await expect(verdict(page)).toContainText('3 + 3 = 6')
  await page.getByRole('button', { name: /said 6/ }).tap()
  await expect(tapeOf(page)).toContainText('says 6')
  const restsOn = async (person: string) =>
    (
      (await (await request.get(`/api/people/${person}/facts?limit=9`)).json()) as { facts: { evidence: string }[] }
    ).facts.map(({ evidence }) => evidence)
  // The tape shows what the server may still be about to keep.
  await expect.poll(() => restsOn(people[0]!.id)).toEqual(['said'])
  await expect.poll(() => restsOn(people[1]!.id)).toEqual(['helped'])
  // The veil is lifted for one play alone.
  await die(2)
  await die(2)
  await expect(verdict(page)).toContainText('How much is it?')
})

test('one touch draws the veil, at the desk and for everybody there; the referee’s eye is held open', async ({
  page,
  request,
  context,
}) => {
  const made = await request.post('/api/matches', {
    data: { game: 'ask-for-rest', seats: [1, 2].map((n) => ({ name: `Crew ${n}`, pennant: n })), first: 1 },
  })
  const { id } = (await made.json()) as { id: string }
  await openDesk(page, id)
  const other = await context.newPage()
  await openDesk(other, id)
  await tap(page, 'On their own')
  await expect(page.getByRole('button', { name: 'On their own' }).first()).toHaveAttribute('aria-pressed', 'true')
  await expect(other.getByRole('button', { name: 'The referee looks' })).toBeVisible()
  await expect(other.getByRole('button', { name: 'what is known' })).toHaveCount(0)
  const held = page.getByRole('button', { name: 'The referee looks' })
  await held.click()
  await expect(held).toBeVisible()
  await held.click({ delay: 900 })
  await expect(held).toHaveCount(0)
  for (const [width, height] of SIZES) {
    await other.setViewportSize({ width, height })
    await expect.poll(() => wider(other)).toBe(0)
  }
  await expectScanned(other)
})

test('the ladder of help: a drawing to work on, half of it, all of it, and never the number; told with the play', async ({
  page,
  request,
}) => {
  const seats = [1, 2].map((n) => ({ name: `Crew ${n}`, pennant: n }))
  const begin = async (game: string, houseRules = {}) => {
    const made = await request.post('/api/matches', { data: { game, houseRules, seats, first: 1, veiled: true } })
    const { id } = (await made.json()) as { id: string }
    await openDesk(page, id)
    return id
  }
  const sheet = page.getByRole('dialog')
  const laid = (what: RegExp) => sheet.getByRole('button', { name: what, pressed: true })

  const match = await begin('top-total')
  for (const face of [6, 5]) await tap(page, `Rolled a ${face}`)
  await tap(page, 'Help')
  await expect(sheet).toContainText('6 + 5')
  await expect(laid(/^Cell/)).toHaveCount(0)
  await sheet.getByRole('button', { name: 'Cell 3' }).first().tap()
  await expect(laid(/^Cell/)).toHaveCount(1)
  await tap(page, 'Half of it')
  await expect(laid(/^Cell/)).toHaveCount(6)
  await tap(page, 'All to count')
  await expect(laid(/^Cell/)).toHaveCount(11)
  expect(await read(page, '[role="dialog"]')).not.toMatch(/\b11\b/)
  await expectFaultless(page)
  await tap(page, 'Now say it')
  for (const n of [1, 1]) await tap(page, `Figure ${n}`)
  await page.getByRole('button', { name: /The sum is/ }).tap()
  await expect(verdict(page)).toContainText('6 + 5 = 11')
  await expect
    .poll(() => entriesOf(request, match))
    .toEqual([
      { call: 'note', why: 'helped by a drawing, all of it laid' },
      { play: { do: 'roll', by: 1, dice: [6, 5], said: 11, how: 'used-an-aid' } },
    ])

  await begin('table-ladder', { factors: [4, 7] })
  await tap(page, 'Rolled a 3')
  await tap(page, 'Help')
  await tap(page, 'Half of it')
  await expect(laid(/^Row/)).toHaveCount(2)
  await tap(page, 'Row 3')
  await expect(laid(/^Row/)).toHaveCount(3)
  expect(await read(page, '[role="dialog"]')).not.toMatch(/\b12\b/)

  await begin('exact-landing', { start: 8 })
  await tap(page, 'Spun −1')
  await tap(page, 'Help')
  await tap(page, 'Half of it')
  await expect(laid(/^Bead/)).toHaveCount(8)
  await sheet.getByRole('button', { name: 'Bead 3' }).first().tap()
  await expect(laid(/^Bead/)).toHaveCount(2)
  await tap(page, 'Number line')
  await tap(page, 'Empty')
  await tap(page, 'Hop −1')
  await tap(page, 'The last hop back')
  await expect(sheet.getByRole('button', { name: 'The last hop back' })).toBeDisabled()
})

test('blocks are laid, traded ten for one and taken away; the drawing that one likes is remembered', async ({
  page,
  request,
}) => {
  const seats = [1, 2].map((n) => ({ name: `Crew ${n}`, pennant: n }))
  const houseRules = { dice: 3, sides: 12 }
  const made = await request.post('/api/matches', {
    data: { game: 'top-total', houseRules, seats, first: 1, veiled: true },
  })
  await openDesk(page, ((await made.json()) as { id: string }).id)
  const sheet = page.getByRole('dialog')
  const lie = async () =>
    Promise.all(
      ['hundred', 'ten', 'one'].map((one) => sheet.getByRole('button', { name: `A ${one} away`, exact: true }).count()),
    )
  for (const face of [9, 8, 7]) await tap(page, `Rolled a ${face}`)
  await tap(page, 'Help')
  await tap(page, 'Blocks')
  expect(await lie()).toEqual([0, 0, 0])
  await expect(sheet.getByRole('button', { name: 'Ten ones for a ten' })).toBeDisabled()
  await tap(page, 'All to count')
  expect(await lie()).toEqual([0, 0, 24])
  await tap(page, 'Ten ones for a ten')
  await tap(page, 'Ten ones for a ten')
  expect(await lie()).toEqual([0, 2, 4])
  await tap(page, 'A ten for ten ones')
  expect(await lie()).toEqual([0, 1, 14])
  await tap(page, 'A hundred')
  await sheet.getByRole('button', { name: 'A hundred away' }).tap()
  expect(await lie()).toEqual([0, 1, 14])
  expect(await read(page, '[role="dialog"]')).not.toMatch(/\b24\b/)
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(() => wider(page)).toBe(0)
  }
  await expectScanned(page)
  await tap(page, 'Now say it')
  await tap(page, 'Help')
  await expect(sheet.getByRole('radio', { name: 'Blocks' })).toBeChecked()
})

test('fill-in-order: what the app turns up is given its places one by one', async ({ page, request }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' })
  const players = ['Ines', 'Bao']
  const game = gameById('fill-in-order')!
  const { table, state } = openSelfPlay({ game, players, key: KEY, source: 'dealt' })
  const turn = nextPlay(table, state, KEY, 0) as Turn
  const match = await makeMatch(request, { game: game.id, players, source: 'dealt', seed: KEY })
  expect((await request.patch(`/api/matches/${match}`, { data: { veiled: true } })).ok()).toBe(true)
  await openDesk(page, match)
  await page.keyboard.press('Enter')
  const layout: (Face | null)[] = Array.from({ length: 10 }, () => null)
  for (const [i, card] of turn.cards.entries()) {
    const slot = slotFor(layout, card)
    if (!i) {
      await tap(page, slot === 1 ? 'To place 2' : 'To place 1')
      await expect(page.getByText('Not yet. Look at it once more.')).toBeVisible()
    }
    await tap(page, slot === null ? 'It can’t go' : `To place ${slot}`)
    if (slot !== null) layout[slot - 1] = card as Face
  }
  await expect.poll(() => entriesOf(request, match)).toEqual([{ play: turn }])
})
