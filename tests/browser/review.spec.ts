import { expect, test } from '@playwright/test'
import { entriesOf, holdBack, makeMatch, openDesk, press, score, sideWhole, tape, verdict } from './helpers'

const roll = (by: number, dice: number[], keep?: number[]) => ({
  play: { do: 'roll', by, dice, ...(keep ? { keep } : {}) },
})
const stop = (by: number, said?: number) => ({ play: { do: 'stop', by, ...(said === undefined ? {} : { said }) } })
const HOUSE = { answers: 'must-be-right' }
const MATCH = [roll(1, [6, 5, 4, 3, 1]), stop(1, 19), roll(2, [1, 2, 3, 4, 5]), stop(2, 15)]

test('the match is scrubbed step by step, also by the arrow keys', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, { entries: MATCH }))
  await page.keyboard.press('l')
  const bar = page.getByRole('region', { name: 'Looking back' })
  await expect(bar).toContainText('after entry 4 of 4')
  await page.keyboard.press('ArrowLeft')
  await expect(bar).toContainText('Tomasz rolls 1 2 3 4 5')
  await expect(score(page, 2)).toContainText('0')
  await expect(page.getByRole('region', { name: 'Table' })).toContainText('15 of 20')
  await page.getByRole('slider', { name: 'After entry' }).press('Home')
  await expect(bar).toContainText('before the first entry')
  await expect(score(page, 1)).toContainText('0')
  await page.keyboard.press('Escape')
  await expect(bar).toHaveCount(0)
  await expect(score(page, 2)).toContainText('15')
})

test('an older entry is amended in the pad that entered it; what changes is named before it is recorded', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { houseRules: HOUSE, entries: MATCH })
  await openDesk(page, match)
  await sideWhole(page)
  await press(page, tape(page).getByRole('button', { name: /Ines rolls 6 5 4 3 1/ }), 'click')
  await press(page, tape(page).getByRole('button', { name: 'Put entry 1 right' }), 'click')
  await expect(page.getByText('Entry 1: the table is as it was then')).toBeVisible()
  // The pad holds the play as it was entered.
  await expect(verdict(page)).toContainText('19 of 20')
  await page.getByRole('button', { name: 'Remove the last' }).click()
  await page.getByRole('button', { name: 'Rolled a 2' }).click()
  await expect(verdict(page)).toContainText('20 of 20')
  await page.getByRole('button', { name: 'Record the roll' }).click()

  const panel = page.getByRole('alertdialog', { name: 'What this changes' })
  await expect(panel).toContainText('Entry 1 becomes: Ines rolls 6 5 4 3 2')
  const changed = panel.getByRole('list', { name: 'Entries whose verdict changes' })
  await expect(changed).toContainText('Ines said 19; it is 20.')
  await expect(panel).toContainText(/Ines 19\s*→ 0/)
  expect(await entriesOf(request, match)).toHaveLength(4)

  // The entry that the amend upsets is settled in the same breath.
  await panel.getByRole('button', { name: 'Put 2 right' }).click()
  await page.getByRole('button', { name: /Stop and bank 20, said 20/ }).click()
  await expect(panel).toContainText('Entry 2 becomes: Ines stops and says 20')
  await expect(panel).toContainText(/Ines 19\s*→ 20/)
  await panel.getByLabel('Why').fill('the last die was a 2')
  await panel.getByRole('button', { name: 'Record it' }).click()
  await expect(score(page, 1)).toContainText('20')
  await expect
    .poll(() => entriesOf(request, match))
    .toEqual([
      ...MATCH,
      { amend: 1, play: { do: 'roll', by: 1, dice: [6, 5, 4, 3, 2] }, why: 'the last die was a 2' },
      { amend: 2, play: { do: 'stop', by: 1, said: 20 }, why: 'the last die was a 2' },
    ])
})

test('what an entry shows a moment later moves none of its keys', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, { houseRules: HOUSE, entries: MATCH }))
  const back = await holdBack(page, '**/*.js')
  const entry = tape(page).getByRole('listitem').last()
  await entry.getByRole('button').first().click()
  const keys = entry.getByRole('button', { name: /^(The table then|Put entry|Take back entry)/ })
  await expect(keys).toHaveCount(3)
  // Measured from the top of its entry: the tape itself may scroll.
  const places = () =>
    entry.evaluate((li) =>
      [...li.querySelectorAll('.key')]
        .filter(({ textContent }) => /then|Put|Take/.test(textContent))
        .map((key) => key.getBoundingClientRect().top - li.getBoundingClientRect().top),
    )
  const before = await places()
  await expect.poll(() => back.held).toBeGreaterThan(0)
  back.letGo()
  await expect(entry.getByRole('figure')).toBeVisible()
  expect(await places()).toEqual(before)
})

test('taking back an older entry names what it brings with it, and can be let be', async ({ page, request }) => {
  const match = await makeMatch(request, { entries: MATCH })
  await openDesk(page, match)
  await sideWhole(page)
  await press(page, tape(page).getByRole('button', { name: /Ines stops and says 19/ }), 'click')
  await press(page, tape(page).getByRole('button', { name: 'Take back entry 2' }), 'click')
  const panel = page.getByRole('alertdialog', { name: 'What this changes' })
  await expect(panel.getByRole('list', { name: 'Entries whose verdict changes' })).toContainText(
    'It is not Tomasz’s turn',
  )
  await panel.getByRole('button', { name: 'Leave all as it was' }).click()
  await expect(score(page, 1)).toContainText('19')
  expect(await entriesOf(request, match)).toHaveLength(4)
})

test('a ruling by vote changes a rule from here on; points are given; the result shows both', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { houseRules: { rounds: 1 }, entries: MATCH.slice(0, 2) })
  await openDesk(page, match)
  await page.keyboard.press('r')
  const sheet = page.getByRole('dialog', { name: 'Ruling' })
  await sheet.getByRole('button', { name: 'Answers said aloud' }).click()
  await sheet.getByRole('radio', { name: 'Must be right' }).click()
  // Nobody's vote is made up: hands are counted, or nothing is said of them.
  await sheet.getByRole('radio', { name: 'A vote' }).click()
  await expect(sheet.getByLabel('Votes for')).toHaveValue('')
  await sheet.getByLabel('Votes for').fill('2')
  await sheet.getByLabel('Votes against').fill('1')
  await sheet.getByRole('button', { name: 'Record the ruling' }).click()
  await expect(sheet).toHaveCount(0)
  await expect(tape(page)).toContainText('vote, 2 to 1')
  await page.keyboard.press('r')
  await sheet.getByRole('radio', { name: 'Give or take points' }).click()
  await sheet.getByRole('button', { name: 'Tomasz' }).click()
  await sheet.getByLabel(/Points given/).fill('3')
  await sheet.getByRole('radio', { name: 'Other' }).click()
  await sheet.getByLabel('In your own words').fill('helped to tidy up')
  await sheet.getByRole('button', { name: 'Record the ruling' }).click()
  await expect(sheet).toHaveCount(0)
  await expect(score(page, 2)).toContainText('3')
  await page.keyboard.press('r')
  await sheet.getByRole('radio', { name: 'Settle what happened' }).click()
  await sheet.getByLabel('In your own words').fill('the die leant on the lantern: it counts as 2')
  await sheet.getByRole('button', { name: 'Record the ruling' }).click()
  await expect(sheet).toHaveCount(0)
  await expect(tape(page)).toContainText('the die leant on the lantern')
  await page.keyboard.type('11112')
  await page.keyboard.press('Enter')
  await page.keyboard.press('s')
  const announcement = page.getByRole('region', { name: 'Announcement' })
  await expect(announcement.getByRole('heading', { level: 2 })).toHaveText('Ines wins')
  await expect(announcement).toContainText('helped to tidy up')
  await expect(announcement).toContainText('it counts as 2')
  await expect
    .poll(() => entriesOf(request, match))
    .toContainEqual({ ruling: { houseRules: { answers: 'must-be-right' } }, why: 'vote, 2 to 1' })
})

test('a rule that can’t be so is refused in words before it is recorded', async ({ page, request }) => {
  const match = await makeMatch(request, { entries: [...MATCH, roll(1, [1, 1, 1, 1, 1])] })
  await openDesk(page, match)
  await page.getByRole('button', { name: 'More' }).click()
  await page.getByRole('menuitem', { name: 'Ruling' }).click()
  const sheet = page.getByRole('dialog', { name: 'Ruling' })
  await sheet.getByLabel('Rounds').fill('1')
  await sheet.getByLabel('In your own words').click()
  await expect(sheet.getByRole('status')).toContainText('have begun already')
  await expect(sheet.getByRole('button', { name: 'Record the ruling' })).toBeDisabled()
})

test('the match is ended early on the standing, and the result says so', async ({ page, request }) => {
  await openDesk(page, await makeMatch(request, { entries: MATCH }))
  await page.getByRole('button', { name: 'More' }).click()
  await page.getByRole('menuitem', { name: 'End the match now' }).click()
  await page
    .getByRole('dialog', { name: 'End the match now?' })
    .getByRole('button', { name: 'End the match', exact: true })
    .click()
  await expect(page.getByRole('region', { name: 'Announcement' })).toContainText(
    'The referee ended the match; the standing decides',
  )
})

test('switching tables loses nothing typed, and takes one key', async ({ page, request }) => {
  const here = await makeMatch(request, { players: ['Ines', 'Bao'] })
  await openDesk(page, here)
  await page.keyboard.type('654')
  const other = await makeMatch(request, { players: ['Wren', 'Kofi'] })
  await page.getByRole('navigation', { name: 'Other tables' }).locator(`a[href="/match/${other}"]`).click()
  await expect(page).toHaveURL(new RegExp(other))
  await expect(page.getByRole('list', { name: 'Players' })).toContainText('Wren')
  await page.getByRole('navigation', { name: 'Other tables' }).locator(`a[href="/match/${here}"]`).click()
  await expect(page.getByRole('button', { name: '2 dice to enter' })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('button', { name: '2 dice to enter' })).toBeVisible()
  // Pressed before the list has come: it counts all the same.
  await page.keyboard.press('Alt+Digit1')
  await expect(page).not.toHaveURL(new RegExp(here))
})

test('a vote among several: hands counted for each, the numbers on the tape; a vote may keep the rule', async ({
  page,
  request,
}) => {
  const match = await makeMatch(request, { houseRules: { rounds: 2 }, entries: MATCH.slice(0, 2) })
  await openDesk(page, match)
  const sheet = page.getByRole('dialog', { name: 'Ruling' })
  const vote = async (hands: Record<string, string>) => {
    await page.keyboard.press('r')
    await sheet.getByRole('button', { name: 'Explaining' }).click()
    await sheet.getByRole('radio', { name: 'Among several' }).click()
    await expect(sheet.getByRole('status')).toContainText('Count the hands')
    for (const [choice, count] of Object.entries(hands)) await sheet.getByLabel(`Hands for ${choice}`).fill(count)
    await sheet.getByLabel('In your own words').click()
  }
  await vote({ 'Not asked': '1', Invited: '2', Required: '5' })
  await sheet.getByRole('button', { name: 'Record the ruling' }).click()
  await expect(sheet).toHaveCount(0)
  await vote({ 'Not asked': '3', Invited: '0', Required: '3' })
  await expect(sheet.getByRole('status')).toContainText('The rule stays as it is')
  await sheet.getByRole('button', { name: 'Record the ruling' }).click()
  await expect(sheet).toHaveCount(0)
  await expect
    .poll(async () => (await entriesOf(request, match)).slice(-2))
    .toEqual([
      { ruling: { houseRules: { explain: 'required' } }, why: 'vote: Required 5, Invited 2 and Not asked 1' },
      { ruling: { houseRules: { explain: 'required' } }, why: 'vote: Not asked 3, Required 3 and Invited 0' },
    ])
})
