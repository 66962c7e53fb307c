import { expect, test, type Page } from '@playwright/test'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { GAMES } from '../../core/games/index'
import { readHouseRules } from '../../core/kernel/houseRules'
import { printablesOf } from '../../core/print/forGame'
import { PAPERS, type Paper, type Wishes } from '../../core/contract/sheet'
import { FIXTURES } from '../games/index'
import { choose, expectScanned, makeMatch, SIZES, tap, wider } from './helpers'

/** Printing, through Chromium's own PDF: page count, sizes, and what stands on the pages. */
test.use({ hasTouch: true })

const WISHES: Wishes = { paper: 'a4', faces: 'figure', cardSize: 'usual', backs: false, blank: false }

async function open(page: Page, path: string) {
  await page.goto(path)
  await expect(page.locator('.paper').first()).toBeVisible()
}

interface Printed {
  /** Width and height in millimetres. */
  readonly size: readonly [number, number]
  readonly text: string
}

async function printed(page: Page): Promise<Printed[]> {
  const bytes = await page.pdf({ preferCSSPageSize: true })
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise
  const pages: Printed[] = []
  for (let n = 1; n <= pdf.numPages; n++) {
    const found = await pdf.getPage(n)
    const [, , width, height] = found.view as [number, number, number, number]
    const { items } = await found.getTextContent()
    pages.push({
      size: [(width / 72) * 25.4, (height / 72) * 25.4],
      text: items.map((item) => ('str' in item ? item.str : '')).join(' '),
    })
  }
  await pdf.destroy()
  return pages
}

/** Texts that reach beyond their page. */
const beyond = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll('.paper')].flatMap((paper) => {
      const sheet = paper.getBoundingClientRect()
      return [...paper.querySelectorAll('text')].flatMap((text) => {
        const box = text.getBoundingClientRect()
        return box.left < sheet.left || box.right > sheet.right || box.top < sheet.top || box.bottom > sheet.bottom
          ? [text.textContent]
          : []
      })
    }),
  )

for (const game of GAMES) {
  test(`${game.id}: every sheet under every school comes out on its pages`, async ({ page }) => {
    test.slow()
    const seats = Math.max(2, game.about.seats.low)
    const schools = game.presets.map(({ label, rules }, i) => {
      const paper: Paper = i % 2 ? 'letter' : 'a4'
      const read = readHouseRules(game, rules, seats)
      if (!read.ok) throw new Error('refused')
      return { label, paper, rules: read.rules, expected: printablesOf(game, read.rules, seats, { ...WISHES, paper }) }
    })
    const all = new Set(schools.flatMap(({ expected }) => expected.map(({ id }) => id)))
    await open(page, `/print/${game.id}?seats=${seats}&sheets=${[...all].join(',')}`)
    await tap(page, 'House rules')
    for (const { label, paper, rules, expected } of schools) {
      await page.getByRole('button', { name: label, exact: true }).tap()
      await tap(page, PAPERS[paper].name)
      const wanted = expected.flatMap(({ copies, pages }) => Array.from({ length: copies }, () => pages).flat())
      await expect(page.locator('.paper')).toHaveCount(wanted.length)
      const pages = await printed(page)
      const { width, height } = PAPERS[paper]
      expect(pages.map(({ size }) => size.map(Math.round))).toEqual(
        wanted.map(({ wide }) => (wide ? [height, width] : [width, height]).map(Math.round)),
      )
      expect(await beyond(page)).toEqual([])
      const text = squeezed(pages.map(({ text }) => text).join(' '))
      for (const { title } of expected) expect(text).toContain(squeezed(title))
      for (const sentence of game.wording.readBack(rules, seats)) expect(text).toContain(squeezed(sentence))
    }
  })
}

const squeezed = (text: string) => text.replace(/\s+/g, '')

test('sheets, paper, cards and rules are chosen by touch, kept in the address, and remembered', async ({ page }) => {
  await open(page, '/print/roof-tiles')
  await expect(page.locator('.paper')).toHaveCount(2)
  await page.getByLabel(/^Cards to cut out/).check()
  await tap(page, 'Ten-frames')
  await tap(page, 'US Letter')
  await page.getByText('Backs, for printing on both sides').tap()
  await tap(page, 'One player fewer')
  await expect(page.getByRole('button', { name: 'Print 7 pages' })).toBeVisible()
  await expect(page).toHaveURL(
    /sheets=roof%2Ccards&paper=letter&faces=frames&cards=usual&backs=1|sheets=roof,cards&paper=letter&faces=frames&cards=usual&backs=1/,
  )
  await expect(page).toHaveURL(/seats=1/)
  await page.reload()
  await expect(page.getByRole('button', { name: 'Print 7 pages' })).toBeVisible()
  await tap(page, 'House rules')
  await tap(page, 'Small roof')
  await expect(page.getByText('Mat: a roof of 4 rows').first()).toBeVisible()
  // Another game begins with the paper chosen last.
  await open(page, '/print/brim')
  expect((await printed(page))[0]!.size.map(Math.round)).toEqual([216, 279])
})

test('by keyboard; one touch prints', async ({ page }) => {
  await page.addInitScript(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes')
  })
  await open(page, '/print/exact-landing')
  await page.getByLabel(/^Number line/).focus()
  await page.keyboard.press('Space')
  await expect(page.getByText('Nothing is chosen: touch a sheet.')).toBeVisible()
  await page.keyboard.press('Space')
  await page.getByLabel(/^Spinners/).focus()
  await page.keyboard.press('Space')
  await expect(page.locator('.paper')).toHaveCount(2)
  await page.getByRole('button', { name: 'Print 2 pages' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes')
})

test('from New match with the rules as they stand, and from a table with its tape', async ({ page, request }) => {
  await page.goto('/new?game=exact-landing')
  await page.getByRole('button', { name: 'Around zero' }).tap()
  await page.getByRole('link', { name: 'Print boards, sheets, cards' }).tap()
  await expect(page.getByText('Number line from -10 to 10').first()).toBeVisible()
  const { parts, lines } = FIXTURES.brim!.match
  expect(lines.length).toBeGreaterThan(3)
  const match = await makeMatch(request, {
    ...parts,
    entries: [{ play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } }, { play: { do: 'stop', by: 1 } }],
  })
  await open(page, `/print/brim?match=${match}`)
  const [receipt] = await printed(page)
  expect(squeezed(receipt!.text)).toContain(squeezed('rolls 6 5 4 3 1'))
  expect(squeezed(receipt!.text)).toContain(squeezed('6 + 5 + 4 + 3 + 1 = 19'))
})

test('nonsense in the address is let be, and what is not there is said', async ({ page }) => {
  await open(page, '/print/brim?rules=%7Bnonsense&seats=99&sheets=nothing&paper=a3')
  await expect(page.getByRole('button', { name: 'Print 1 page' })).toBeVisible()
  await page.goto('/print/brim?rules=' + encodeURIComponent('{"limit":9999}'))
  await expect(page.getByText('A house rule does not fit yet.')).toBeVisible()
  await page.goto('/print/brim?match=nobody')
  await expect(page.getByText('There is no such match')).toBeVisible()
  await page.goto('/print/nothing')
  await expect(page.getByRole('heading', { name: 'No such game' })).toBeVisible()
})

test('the page passes the scan, light and dark, and nothing is cut off sideways', async ({ page }) => {
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    await open(page, '/print/hundred-stops?sheets=track,letter')
    await expectScanned(page)
  }
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(() => wider(page)).toBe(0)
  }
})

test('a ladder for each child of a class, by name; the letter home edited and dated', async ({ page, request }) => {
  const of = `Terns ${Date.now() % 100_000}`
  const list = await request.post('/api/people/list', { data: { of, known: [], names: [`Ines ${of}`, `Bao ${of}`] } })
  expect([list.status(), await list.text()]).toEqual([expect.any(Number), expect.stringContaining('ids')])
  await open(page, '/print/table-ladder?sheets=ladders,letter&seats=2')
  await expect(page.locator('.paper').first()).toContainText('Name')
  await choose(page, 'Names on sheets that children keep', `${of}, one each`)
  await expect(page.locator('.paper').filter({ hasText: `Ines ${of}` })).toHaveCount(1)
  await expect(page.locator('.paper').filter({ hasText: `Bao ${of}` })).toHaveCount(1)
  const letter = page.getByRole('textbox', { name: 'The letter home' })
  await expect(letter).toContainText('today we played Table Ladder')
  await expect(letter.getByRole('heading', { name: 'How it goes' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'As it was' })).toHaveCount(0)
  await letter.press('Control+a')
  await page.keyboard.type('today we climbed the ladder of three.')
  await page.keyboard.press('Enter')
  await tap(page, 'Heading')
  await page.keyboard.type('Bring along')
  await page.keyboard.press('Enter')
  await page.keyboard.type('- a pencil')
  await page.keyboard.press('Enter')
  await page.keyboard.type('a sharpener')
  const paper = page.locator('.paper').filter({ hasText: 'Dear family of' })
  await expect(paper).toContainText('today we climbed the ladder of three.')
  await expect(paper).toContainText('–a pencil–a sharpener')
  await expect(paper).toContainText(String(new Date().getFullYear()))
  await expect(paper).not.toContainText('How it goes')
  // A heading is larger than what stands below it.
  const size = async (text: string) => Number(await paper.getByText(text, { exact: true }).getAttribute('font-size'))
  expect(await size('Bring along')).toBeGreaterThan(await size('a pencil'))
  // Taken back like any typing; and all of it at once.
  await tap(page, 'Undo')
  await expect(paper).not.toContainText('a sharpener')
  await tap(page, 'As it was')
  await expect(paper).toContainText('How it goes')
  await expect(letter).toContainText('How it goes')
})

test('a letter gets no longer than a letter, and a pasted page leaves what can be printed', async ({ page }) => {
  await open(page, '/print/brim?sheets=letter&seats=2')
  const letter = page.getByRole('textbox', { name: 'The letter home' })
  const paste = (html: string) =>
    letter.evaluate((field, html) => {
      const clipboardData = new DataTransfer()
      clipboardData.setData('text/html', html)
      field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
    }, html)
  await letter.press('Control+a')
  await paste(
    '<h1>From the quay</h1><hr><p>We <b>rowed</b> out.</p><ol><li>a <i>buoy</i></li></ol><img src="x" onerror="document.title=1">',
  )
  const paper = page.locator('.paper')
  await expect(paper).toContainText('We rowed out.')
  await expect(letter.locator('hr, img, b, strong, ol')).toHaveCount(0)
  await expect(letter).toContainText('From the quay')
  await letter.press('Control+End')
  await paste(`<p>${'gull '.repeat(1300)}</p>`)
  await expect(page.getByText('a letter has at most 6000 letters')).toBeVisible()
  await expect(paper).not.toContainText('gull')
  await page.keyboard.type('.')
  await expect(page.getByText('a letter has at most 6000 letters')).toHaveCount(0)
})

test('nothing that is printed shows a key to be touched', async ({ page, request }) => {
  test.slow()
  const match = await makeMatch(request)
  await page.emulateMedia({ media: 'print' })
  const found: string[] = []
  for (const path of [
    '/day/today',
    '/ways',
    '/people',
    '/choices',
    '/rulebook/brim',
    '/print/brim',
    '/print/helpers',
    '/logbook',
    `/match/${match}`,
  ]) {
    await page.goto(path)
    await page.waitForLoadState('networkidle')
    const keys = await page.locator('.key:visible').evaluateAll((all) => all.map((each) => each.textContent?.trim()))
    if (keys.length) found.push(`${path}: ${keys.slice(0, 3).join(', ')}`)
  }
  expect(found).toEqual([])
})
