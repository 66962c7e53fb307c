import { expect, test } from '@playwright/test'
import { append, makeMatch, openDesk } from './helpers'

test('verdicts are spoken and chimed when that is switched on, and remembered', async ({ page, request }) => {
  await page.addInitScript(() => {
    const heard: string[] = []
    const voices = [
      { name: 'away', lang: 'en-GB', localService: false },
      { name: 'own', lang: 'en-GB', localService: true },
    ]
    Object.assign(window, { heard })
    Object.assign(window, {
      SpeechSynthesisUtterance: class {
        lang = ''
        constructor(readonly text: string) {}
      },
    })
    Object.defineProperty(window, 'speechSynthesis', {
      value: {
        cancel() {},
        addEventListener() {},
        removeEventListener() {},
        getVoices: () => voices,
        speak: ({ text, voice }: { text: string; voice: { name: string } }) => heard.push(`${voice.name}: ${text}`),
      },
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
  await page.getByRole('menuitem', { name: 'Heard' }).click()
  for (const name of ['Read questions', 'Read verdicts', 'Chimes']) {
    await page.getByRole('menuitemcheckbox', { name }).click()
    await expect(page.getByRole('menuitemcheckbox', { name })).toBeChecked()
  }
  await page.reload()
  await expect(page.getByRole('button', { name: /Stop and bank 19/ })).toBeVisible()
  await page.keyboard.press('s')
  await expect
    .poll(heard)
    .toContainEqual(expect.stringContaining('own: Ines stops and says 19. Ines banks 19 and has 19. Tomasz is next.'))
  await expect.poll(async () => (await heard()).some((sound) => sound.startsWith('tone'))).toBe(true)
  await expect(page.getByRole('status').filter({ hasText: 'Tomasz is next' })).toBeAttached()

  // What is asked is read out once the dice lie there, before anybody has said a number.
  const asked = await makeMatch(request, { game: 'top-total' })
  await openDesk(page, asked)
  for (const face of ['6', '5']) await page.getByRole('button', { name: `Rolled a ${face}` }).click()
  await expect.poll(heard).toContainEqual('own: How much is it?')
})

test('where the machine has no voice of its own nothing is read, and the desk says so', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request))
  await page.keyboard.press('m')
  await page.getByRole('menuitem', { name: 'Heard' }).click()
  for (const name of ['Read questions', 'Read verdicts']) {
    const item = page.getByRole('menuitemcheckbox', { name })
    await expect(item).toBeDisabled()
    await expect(item).toContainText('nothing is sent away to be read')
  }
})

test('one line finds matches, people, rules and actions', async ({ page, request }) => {
  const fresh = `Wharf ${Date.now() % 1_000_000}`
  // However many tables bear the name of a game, they crowd nothing out.
  for (let n = 0; n < 12; n++) await makeMatch(request)
  const match = await makeMatch(request, { players: ['Lantern', 'Oar'], name: fresh })
  await page.goto('/')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await page.keyboard.press('Control+k')
  const drawer = page.getByRole('dialog', { name: 'Look up' })
  const line = drawer.getByRole('textbox', { name: 'Look up' })
  const marked = drawer.locator('[data-highlighted]')
  await expect(line).toBeFocused()
  await page.keyboard.press('Escape')
  await expect(drawer).toHaveCount(0)
  const name = `Buoy ${match.slice(0, 4)}`
  const { id } = (await (await request.post('/api/people', { data: { name } })).json()) as { id: string }
  // Typing lands in the line; a name leads to its page, and with it a match is begun.
  await page.getByRole('button', { name: 'Look up' }).click()
  await expect(line).toBeFocused()
  await page.keyboard.type(name)
  await expect(drawer.getByRole('option', { name: /^New match with Buoy/ })).toBeVisible()
  await drawer.getByRole('option', { name: /^Buoy .*what they can do/ }).click()
  await expect(page).toHaveURL(`/people/${id}`)
  await page.keyboard.press('Control+k')
  await line.fill(`${fresh} lantern oar`)
  await drawer.getByRole('option', { name: new RegExp(`${fresh}.*Lantern, Oar`) }).click()
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
  await expect(drawer.getByRole('option', { name: 'New match: Brim' })).toBeVisible()
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
