import { execFileSync } from 'node:child_process'
import { expect, test } from '@playwright/test'
import { entriesOf, makeMatch, openDesk, tape } from './helpers'

type Rolled = { play: { dice: number[] } }

test('the dealer’s roll is the same after a refresh and after taking back', async ({ page, request }) => {
  const match = await makeMatch(request, { source: 'dealt', seed: 'lantern-7' })
  await openDesk(page, match)
  await page.getByRole('button', { name: 'Roll 5 dice' }).click()
  await expect(page.getByRole('region', { name: 'The dealer' })).toBeVisible()
  // Leaving while the dice still tumble changes nothing.
  await page.reload()
  await page.getByRole('button', { name: 'Roll 5 dice' }).click()
  await page.keyboard.press('Space')
  await expect(tape(page)).toContainText('Ines rolls')
  await expect.poll(async () => (await entriesOf(request, match)).length).toBe(1)
  await page.keyboard.press('z')
  await page.getByRole('button', { name: 'Roll 5 dice' }).click()
  await page.getByRole('button', { name: 'Skip' }).click()
  await expect.poll(async () => (await entriesOf(request, match)).length).toBe(3)
  const [first, , second] = (await entriesOf(request, match)) as Rolled[]
  expect(second!.play.dice).toEqual(first!.play.dice)
})

test('without motion the roll is there at once; the seed is shown at the end and bin/judge checks it', async ({
  browser,
  request,
  baseURL,
}) => {
  const context = await browser.newContext({ reducedMotion: 'reduce', baseURL })
  const page = await context.newPage()
  const match = await makeMatch(request, {
    source: 'dealt',
    seed: 'buoy-3',
    players: ['Odalys'],
    houseRules: { rounds: 1 },
  })
  await openDesk(page, match)
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /^Stop (at|and bank)/ }).click()
  await expect(page.getByRole('region', { name: 'Announcement' })).toContainText('buoy-3')
  const file = (await (await request.get(`/api/matches/${match}/export?as=json`)).json()) as { entries: Rolled[] }
  const judge = (json: object) =>
    JSON.parse(execFileSync('bin/judge', { input: JSON.stringify(json), encoding: 'utf8' })) as {
      verdicts: { notes?: { code: string }[] }[]
    }
  const dealt = (answer: ReturnType<typeof judge>) =>
    answer.verdicts[0]!.notes?.some(({ code }) => code === 'not-as-dealt') ?? false
  expect(dealt(judge(file))).toBe(false)
  file.entries[0]!.play.dice[0] = (file.entries[0]!.play.dice[0]! % 6) + 1
  expect(dealt(judge(file))).toBe(true)
  await context.close()
})
