import { expect, test, type Locator, type Page } from '@playwright/test'
import { gameById } from '../../core/games/index'
import { playedByBots } from './bots'
import { makeMatch, openDesk, tape } from './helpers'

/**
 * Colour is never alone: marks are told apart by whoever sees red and green, or blue and yellow, as one, or no colour at all.
 * The browser draws each as they would see it.
 */
const SEEN_AS = ['deuteranopia', 'protanopia', 'tritanopia', 'achromatopsia'] as const
/** How much of two marks must be seen as different, of what either of them covers. */
const LEAST_SHARE = 0.12

/** Each mark drawn as it is seen, as a picture. */
async function drawn(page: Page, marks: readonly Locator[]): Promise<string[]> {
  const pictures: string[] = []
  for (const mark of marks) {
    await mark.scrollIntoViewIfNeeded()
    pictures.push((await mark.screenshot({ animations: 'disabled' })).toString('base64'))
  }
  return pictures
}

/** By pair the share of what either of them covers in which two pictures differ plainly. */
const sharesOf = (page: Page, pictures: readonly string[]) =>
  page.evaluate(async (all) => {
    const SIDE = 40
    const PLAIN = 60
    const pixels = await Promise.all(
      all.map(async (data) => {
        const image = new Image()
        image.src = `data:image/png;base64,${data}`
        await image.decode()
        const canvas = new OffscreenCanvas(SIDE, SIDE)
        const context = canvas.getContext('2d')!
        context.drawImage(image, 0, 0, SIDE, SIDE)
        return context.getImageData(0, 0, SIDE, SIDE).data
      }),
    )
    const apart = (a: Uint8ClampedArray, i: number, b: Uint8ClampedArray, j: number) =>
      [0, 1, 2].reduce((sum, c) => sum + Math.abs(a[i + c]! - b[j + c]!), 0) > PLAIN
    /** Where a pixel of the ground is: the commonest there is. */
    const groundOf = (one: Uint8ClampedArray) => {
      const counts = new Map<string, { at: number; often: number }>()
      for (let i = 0; i < one.length; i += 4) {
        const key = [0, 1, 2].map((c) => one[i + c]! >> 4).join(' ')
        const known = counts.get(key) ?? { at: i, often: 0 }
        counts.set(key, { ...known, often: known.often + 1 })
      }
      return [...counts.values()].sort((a, b) => b.often - a.often)[0]!.at
    }
    return pixels.flatMap((one, m) =>
      pixels.slice(m + 1).map((other, n) => {
        const [ground, under] = [groundOf(one), groundOf(other)]
        let [differs, covered] = [0, 0]
        for (let i = 0; i < one.length; i += 4) {
          if (apart(one, i, one, ground) || apart(other, i, other, under)) covered++
          if (apart(one, i, other, i)) differs++
        }
        return { pair: `${m + 1} and ${m + 2 + n}`, share: covered ? differs / covered : 0 }
      }),
    )
  }, pictures)

async function expectToldApart(page: Page, marks: readonly Locator[]) {
  const session = await page.context().newCDPSession(page)
  for (const type of SEEN_AS) {
    await session.send('Emulation.setEmulatedVisionDeficiency', { type })
    const alike = (await sharesOf(page, await drawn(page, marks))).filter(({ share }) => share < LEAST_SHARE)
    expect([type, alike]).toEqual([type, []])
  }
}

test('the pennants of a full table', async ({ page, request }) => {
  const roofs = gameById('roof-tiles')!
  await openDesk(page, await playedByBots(request, roofs, roofs.about.seats.high, { key: 'colour', plays: 0 }))
  const pennants = await page.getByRole('list', { name: 'Players' }).locator('svg').all()
  expect(pennants).toHaveLength(roofs.about.seats.high)
  await expectToldApart(page, pennants)
})

test('tokens, those of a table’s own too', async ({ page, request }) => {
  const names = ['coral', 'amber', 'teal', 'plum', 'slate', 'white', 'rope', 'shell']
  const key = names.map((token, worth) => ({ token, worth }))
  await openDesk(page, await makeMatch(request, { game: 'token-dip', houseRules: { key } }))
  const tokens = await page.getByRole('region', { name: 'Pad' }).locator('.key svg.token').all()
  expect(tokens).toHaveLength(names.length)
  await expectToldApart(page, tokens)
})

test('verdicts on the tape', async ({ page, request }) => {
  const place = (by: number, card: number, said?: number) => ({
    play: { do: 'place', by, cards: [card], on: 10 + card, ...(said === undefined ? {} : { said: [said] }) },
  })
  const match = await makeMatch(request, {
    game: 'perch-and-push',
    houseRules: { draw: 1, pack: { low: 1, high: 5, copies: 1 }, answers: 'noted', explain: 'off' },
    entries: [place(1, 3, 13), place(2, 2, 11), place(1, 3, 13), { ...place(1, 3, 13), overrule: 'I saw the card' }],
  })
  await openDesk(page, match)
  const stamps = tape(page).locator('.stamp')
  const kinds = ['stands', 'refused', 'noted', 'overruled']
  for (const kind of kinds) await expect(stamps.and(page.locator(`.${kind}`)).first()).toBeVisible()
  await expectToldApart(
    page,
    kinds.map((kind) => stamps.and(page.locator(`.${kind}`)).first()),
  )
})

test('what is sure, shaky, tried too little and only met, on a child’s page', async ({ page, request }) => {
  const { id } = (await (await request.post('/api/people', { data: { name: 'Odalys of the lamps' } })).json()) as {
    id: string
  }
  await page.goto(`/people/${id}`)
  const cells = page.getByRole('grid', { name: 'Addition' }).locator('button')
  await expect(cells.first()).toBeVisible()
  const kinds = ['sure few', 'sure often', 'shaky few', 'unseen few', 'met few', 'none']
  // The marks as the page draws them: which fact has which is tested with the people.
  await cells.evaluateAll(
    (all, classes) => classes.forEach((kind, i) => all[i + 20]!.setAttribute('class', `cell ${kind}`)),
    kinds,
  )
  await expectToldApart(
    page,
    kinds.map((_, i) => cells.nth(i + 20)),
  )
})
