import { expect, test, type Page } from '@playwright/test'
import { gameById, GAMES } from '../../core/games/index'
import { makeRound } from '../../core/trainer/round'
import { watchedTapes } from '../../core/trainer/watched'
import { textsOverTexts } from './bots'
import { expectScanned, faultsOf, SIZES, wider } from './helpers'

/** Learning a game: a match that plays itself, and plays to be judged. */
const told = (page: Page) => page.getByRole('region', { name: 'Play' })
const BOTS = ['Ines', 'Tomasz', 'Odalys', 'Bao', 'Wren', 'Kofi', 'Linnea', 'Yusuf']
const playersOf = (game: (typeof GAMES)[number]) =>
  BOTS.slice(0, Math.max(game.about.seats.low, Math.min(2, game.about.seats.high)))

for (const game of GAMES)
  test(`${game.id}: one is watched step by step, forth and back; one is refereed`, async ({ page }) => {
    const errors: Error[] = []
    page.on('pageerror', (error) => errors.push(error))
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await page.goto(`/watch/${game.id}?key=2~learn`)
    await expect(told(page)).toBeVisible()
    await page.keyboard.press(' ')
    await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
    // However far it has come by itself until then.
    await expect(async () => {
      await page.keyboard.press('ArrowLeft')
      await expect(told(page)).toContainText('Ines begins.', { timeout: 300 })
    }).toPass()
    await page.keyboard.press('ArrowRight')
    await expect(told(page)).toContainText('Does it stand?')
    const announced = await told(page).locator('p').first().textContent()
    await page.keyboard.press('ArrowRight')
    await expect(told(page)).not.toContainText('Does it stand?')
    await expect(told(page).locator('p').first()).toHaveText(announced!)
    for (let n = 0; n < 6; n++) await page.keyboard.press('ArrowRight')
    await page.keyboard.press('ArrowLeft')
    await expect(told(page)).toContainText('Does it stand?')
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height })
      expect([width, await wider(page)]).toEqual([width, 0])
    }
    await page.setViewportSize({ width: 1280, height: 800 })
    await page.goto(`/referee/${game.id}?key=2~learn`)
    const [first] = makeRound({ game, houseRules: {}, players: playersOf(game), key: '2~learn' })
    await expect(told(page)).toContainText(first!.says)
    expect(await textsOverTexts(page, '.trainer')).toEqual([])
    await page.keyboard.press('s')
    await expect(told(page).getByRole('status')).toContainText(first!.code === null ? 'Right.' : 'Not so.')
    expect(errors).toEqual([])
  })

test('it plays by itself, is held, goes on, and ends with the winner; a slip is called', async ({ page }) => {
  const game = gameById('exact-landing')!
  await page.goto('/watch/exact-landing?key=2~end')
  await page.getByRole('radio', { name: 'quick' }).click()
  await expect(told(page)).toContainText('Does it stand?')
  await page.keyboard.press(' ')
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible()
  const tapes = watchedTapes({ game, houseRules: {}, players: playersOf(game), slips: false, key: '2~end' })
  // Arrows among the paces choose a pace.
  await page.getByRole('heading', { level: 1 }).click()
  for (let n = 0; n < 2 * tapes.length; n++) await page.keyboard.press('ArrowRight')
  await expect(told(page)).toContainText(/ wins/)
  await page.getByRole('button', { name: 'Another match' }).click()
  await expect(told(page)).toContainText('Ines begins.')

  await page.goto('/watch/brim?key=2~slips')
  await page.getByRole('switch', { name: 'With slips' }).click()
  // Another match is drawn with them: the slip is looked for step by step.
  for (let n = 0; n < 200; n++) {
    await page.keyboard.press('ArrowRight')
    if (/Doesn’t stand/.test((await told(page).textContent()) ?? '')) break
  }
  await page.keyboard.press('ArrowLeft')
  await page.getByRole('button', { name: 'Stop, that is wrong' }).click()
  await expect(told(page)).toContainText('Well seen!')
  await expect(told(page)).toContainText('Doesn’t stand')
})

test('a round is judged by keys and by touch; what was missed is told, remembered, and comes again', async ({
  page,
}) => {
  const game = gameById('brim')!
  const round = makeRound({ game, houseRules: {}, players: playersOf(game), key: '2~round' })
  await page.goto('/referee/brim?key=2~round')
  await expect(told(page)).toBeVisible()
  for (const { code, reasons } of round) {
    if (code === null) await page.keyboard.press('s')
    else {
      await page.getByRole('button', { name: 'Doesn’t stand' }).click()
      const at = reasons.findIndex((reason) => reason.code === code)
      if (reasons.length > 1) await page.keyboard.press(String(at + 1))
    }
    await expect(told(page).getByRole('status')).toContainText('Right.')
    await page.getByRole('button', { name: /The next one|How it went/ }).click()
  }
  const went = page.getByRole('region', { name: 'How it went' })
  await expect(went).toContainText('10 of 10 right')
  await expect(went).toContainText('Nothing was missed')
  await expect(went).toContainText(/It took \d:\d\d: as quick as a table wants it/)

  // The same once more, with everything said to stand: each slip is told, and remembered on this device.
  await page.goto('/referee/brim?key=2~round')
  await expect(told(page)).toBeVisible()
  for (let n = 0; n < round.length; n++) {
    await page.keyboard.press('s')
    await page.getByRole('button', { name: /The next one|How it went/ }).click()
  }
  const wrong = round.filter(({ code }) => code !== null)
  await expect(went).toContainText(`${round.length - wrong.length} of 10 right`)
  await expect(went).toContainText(`In all ${2 * round.length - wrong.length} of 20`)
  const [missed] = wrong
  await expect(went.getByRole('listitem').filter({ hasText: missed!.why! })).toHaveCount(1)
  const kept = JSON.parse((await page.evaluate(() => localStorage.getItem('referee')))!) as {
    brim: { missed: string[]; asked: number }
  }
  expect(kept.brim.asked).toBe(20)
  expect([...kept.brim.missed].sort()).toEqual([...new Set(wrong.map(({ code }) => code!))].sort())
  await page.getByRole('button', { name: 'Another round' }).click()
  await expect(page.getByText('1 of 10')).toBeVisible()
})

test('a round takes two minutes of judging: the verdict is read unhurried; without the clock it ends with its tenth play', async ({
  page,
}) => {
  const round = makeRound({
    game: gameById('brim')!,
    houseRules: {},
    players: playersOf(gameById('brim')!),
    key: '2~round',
  })
  await page.clock.install()
  await page.goto('/referee/brim?key=2~round')
  const left = page.getByRole('timer', { name: 'Time left' })
  await expect(left).toBeVisible()
  await page.clock.runFor(30_000)
  await expect(left).toHaveText(/^1:(30|29|28)$/)
  const judged = async () => {
    await page.keyboard.press('s')
    await expect(told(page).getByRole('status')).toBeVisible()
  }
  await judged()
  const before = await left.innerText()
  await page.clock.runFor(300_000)
  await expect(left).toHaveText(before)
  await page.getByRole('button', { name: 'The next one' }).click()
  await page.clock.runFor(100_000)
  await expect(left).toHaveText('0:00')
  // What lies there is judged still; then it is over.
  await judged()
  await page.getByRole('button', { name: 'How it went' }).click()
  const went = page.getByRole('region', { name: 'How it went' })
  const right = round.slice(0, 2).filter(({ code }) => code === null).length
  await expect(went).toContainText(`${right} of 2 right`)
  await expect(went).toContainText('8 plays were not asked about')
  await page.getByRole('button', { name: 'Another round' }).click()
  await expect(left).toHaveText(/^(2:00|1:5\d)$/)
  await page.getByRole('button', { name: 'Two minutes' }).click()
  await expect(left).toHaveCount(0)
  await page.reload()
  await expect(page.getByRole('button', { name: 'Two minutes' })).toHaveAttribute('aria-pressed', 'false')
  await page.clock.runFor(200_000)
  await judged()
  await expect(page.getByRole('button', { name: 'The next one' })).toBeVisible()
})

test('both pass the scan, light and dark, and are reached from the rulebook; rules that can’t be played are said', async ({
  page,
}) => {
  await page.goto('/rulebook/brim')
  await page.getByRole('link', { name: 'Watch one' }).click()
  await expect(told(page)).toBeVisible()
  for (const path of ['/watch/brim', '/watch/roof-tiles', '/referee/brim', '/referee/last-digit-chains'])
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
      await page.goto(`${path}?key=2~scan`)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      expect([path, await faultsOf(page)]).toEqual([path, []])
    }
  await page.goto(`/watch/brim?rules=${encodeURIComponent('{"limit":-4}')}`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('These house rules can’t be played')
  await page.goto('/referee/nothing')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No such game')
})

test('the first minutes with a game never seen: watched, refereed, and asked about, by touch alone', async ({
  browser,
}) => {
  test.slow()
  const context = await browser.newContext({ hasTouch: true, reducedMotion: 'reduce' })
  const page = await context.newPage()
  await page.goto('/rulebook/perch-and-push')
  await page.getByRole('link', { name: 'Watch one' }).tap()
  await expect(told(page)).toBeVisible()
  // Announced, then worked out: four plays, step by step.
  for (let beat = 0; beat < 8; beat++) {
    await page.getByRole('button', { name: 'On a step' }).tap()
    await expect(told(page)).not.toBeEmpty()
  }
  await page.getByRole('link', { name: 'Back to the rulebook' }).tap()
  await page.getByRole('link', { name: 'Be the referee' }).tap()
  for (let n = 0; n < 10; n++) {
    await page.getByRole('button', { name: 'Stands', exact: true }).tap()
    await expect(told(page).getByRole('status')).toContainText(/Right\.|Not so\./)
    await page.getByRole('button', { name: /The next one|How it went/ }).tap()
  }
  await expect(page.getByRole('region', { name: 'How it went' })).toContainText('of 10 right')
  await page.getByRole('link', { name: 'Back to the rulebook' }).last().tap()
  await page.getByRole('link', { name: 'May I?' }).tap()
  // A rival's stack of two stands on 14: may it be pushed off?
  await page.getByRole('button', { name: 'A result', exact: true }).tap()
  await page.getByRole('option', { name: '14', exact: true }).tap()
  await page.getByRole('radio', { name: 'a stack of another' }).tap()
  await page.getByRole('button', { name: 'Increment' }).first().tap()
  await page.getByRole('textbox', { name: 'Quick line' }).fill('47 14')
  const answer = page.getByRole('region', { name: 'The answer' })
  await expect(answer).toContainText('Ines')
  await expect(answer).toContainText(/pushes 2/)
  await context.close()
})

test('questions are answered under the rules that are named, opened by a link, and found in people’s words', async ({
  page,
}) => {
  const rules = encodeURIComponent(JSON.stringify({ answers: 'must-be-right', tie: 'extra-round' }))
  await page.goto(`/rulebook/brim?ask=tie&rules=${rules}`)
  await expect(page.getByText('Level at the end: another round for everyone, until it breaks.')).toBeVisible()
  await page.getByRole('button', { name: 'What if somebody says a wrong sum?' }).click()
  await expect(page.getByText('must be said, and be right, before a play counts')).toBeVisible()
  await expectScanned(page)
  await page.goto('/')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await page.keyboard.press('Control+k')
  const drawer = page.getByRole('dialog', { name: 'Look up' })
  await drawer.getByRole('textbox', { name: 'Look up' }).fill('same points exact landing')
  await drawer.getByText('What if it is level at the end?').first().click()
  await expect(page).toHaveURL(/\/rulebook\/exact-landing\?ask=tie/)
  await expect(page.getByText('Level at the end: all who are level win.')).toBeVisible()
})
