import { expect, test } from '@playwright/test'
import { append, makeMatch, openDesk } from './helpers'

test('verdicts are spoken and chimed when that is switched on, and remembered', async ({ page, request }) => {
  await page.addInitScript(() => {
    const heard: string[] = []
    Object.assign(window, { heard })
    Object.assign(window, {
      SpeechSynthesisUtterance: class {
        lang = ''
        constructor(readonly text: string) {}
      },
    })
    Object.defineProperty(window, 'speechSynthesis', {
      value: { cancel() {}, speak: ({ text }: { text: string }) => heard.push(text) },
    })
    const start = OscillatorNode.prototype.start
    OscillatorNode.prototype.start = function (...args) {
      heard.push(`tone ${this.frequency.value}`)
      start.apply(this, args)
    }
  })
  const match = await makeMatch(request)
  await openDesk(page, match)
  const heard = () => page.evaluate(() => (window as unknown as { heard: string[] }).heard)
  await append(request, match, 0, { play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] } })
  await expect(page.getByRole('region', { name: 'Tape' })).toContainText('Ines rolls')
  expect(await heard()).toEqual([])
  await page.keyboard.press('m')
  for (const name of ['Speak verdicts', 'Chimes']) await page.getByRole('button', { name }).click()
  await page.reload()
  await expect(page.getByRole('button', { name: /Stop and bank 19/ })).toBeVisible()
  await page.keyboard.press('s')
  await expect.poll(heard).toContainEqual(expect.stringContaining('Ines banks 19 and has 19. Tomasz is next.'))
  await expect.poll(async () => (await heard()).some((sound) => sound.startsWith('tone'))).toBe(true)
  await expect(page.getByRole('status').filter({ hasText: 'Tomasz is next' })).toBeAttached()
})

test('one line finds matches, people, rules and actions', async ({ page, request }) => {
  const match = await makeMatch(request, { players: ['Lantern', 'Oar'] })
  await page.goto('/')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await page.keyboard.press('Control+k')
  const drawer = page.getByRole('dialog', { name: 'Look up' })
  const line = drawer.getByRole('textbox', { name: 'Look up' })
  const marked = drawer.locator('[data-highlighted]')
  await line.fill('lantern oar')
  await drawer.getByRole('option', { name: /Brim.*Lantern, Oar/ }).click()
  await expect(page).toHaveURL(`/match/${match}`)
  await expect(drawer).toHaveCount(0)
  await expect(page.getByRole('heading', { level: 1, name: 'Brim' })).toBeVisible()
  await page.keyboard.press('Control+k')
  await line.fill('freeze at least')
  await expect(marked).toContainText('Freeze at least')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/rulebook\/brim#mustFreeze/)
  await page.keyboard.press('Control+k')
  await line.fill('xyzzy')
  await expect(drawer.getByRole('status')).toContainText('Nothing of that name')
  // A letter too many is no hindrance.
  await line.fill('brimm')
  await expect(drawer.getByRole('option', { name: 'Brim' }).first()).toBeVisible()
  // The arrow keys go through all that is found, and what is marked stays in sight.
  await line.fill('')
  await expect(drawer.getByRole('option').nth(20)).toBeAttached()
  for (let i = 0; i < 24; i++) await page.keyboard.press('ArrowDown')
  await expect(marked).toHaveCount(1)
  await expect(marked).toBeInViewport({ ratio: 0.9 })
  // Tab leaves the line, as anywhere.
  await page.keyboard.press('Tab')
  await expect(line).not.toBeFocused()
  await line.fill('all matches')
  await expect(marked).toContainText('All matches')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL('/')
})
