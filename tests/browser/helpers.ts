import AxeBuilder from '@axe-core/playwright'
import { expect, type APIRequestContext, type Locator, type Page } from '@playwright/test'
import type { Step } from '../games/fixture'

export interface MatchParts {
  players?: string[]
  game?: string
  houseRules?: Record<string, unknown>
  first?: number
  source?: 'table' | 'dealt'
  seed?: string
  opening?: unknown
  /** What the table is called. */
  name?: string
  entries?: unknown[]
}

/** The sizes at which every screen must do: laptop, tablet upright, phone, and a laptop at 200 %. */
export const SIZES = [
  [1280, 800],
  [800, 1100],
  [390, 844],
  [640, 400],
] as const

/** A match made through the API, with `entries` recorded in it; returns its id. */
export async function makeMatch(request: APIRequestContext, parts: MatchParts = {}): Promise<string> {
  const {
    players = ['Ines', 'Tomasz'],
    game = 'brim',
    houseRules = {},
    first = 1,
    source = 'table',
    seed = null,
    opening = null,
    entries = [],
    name = '',
  } = parts
  const seats = players.map((name, i) => ({ name, pennant: i + 1 }))
  const made = await request.post('/api/matches', {
    data: { game, name, houseRules, seats, first, source, seed, opening },
  })
  expect(made.status()).toBe(201)
  const { id } = (await made.json()) as { id: string }
  for (const [i, entry] of entries.entries()) {
    const answer = await append(request, id, i, entry)
    expect(answer.ok()).toBe(true)
  }
  return id
}

export function append(
  request: APIRequestContext,
  match: string,
  after: number,
  entry: unknown,
  id = `test-${crypto.randomUUID()}`,
) {
  return request.post(`/api/matches/${match}/entries`, { data: { id, after, entry } })
}

/** By how much the page is wider than the window. */
export const wider = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)

/** Keys in sight that are grey and don't say why. */
export const greyWithoutReason = (page: Page) =>
  page
    .locator('.key:visible')
    .evaluateAll((keys) =>
      keys
        .filter((key) => key.matches(':disabled, [aria-disabled="true"]') && !key.ariaDescription)
        .map((key) => key.ariaLabel ?? key.textContent?.trim()),
    )

/** The accessibility scan of a page. No frames of others are in it, so it is scanned where it is: a page of its own for the result costs time. */
export const axe = (page: Page) =>
  new AxeBuilder({ page })
    .setLegacyMode()
    // Only what is wrong is told; describing what is right takes a third of the time.
    .options({ resultTypes: ['violations'] })
    // Notices lead the focus past themselves with these; they hand it on and never keep it.
    .exclude('span[aria-hidden="true"][tabindex="0"]')

/** Icons without a drawing: a blot in the colour of the text. */
const blots = (page: Page) =>
  page
    .locator('.icon')
    .evaluateAll((icons) =>
      icons.filter((icon) => getComputedStyle(icon).maskImage === 'none').map(({ className }) => className),
    )

/** Names of radios that are not what stands on them. */
const misnamed = (page: Page) =>
  page.getByRole('radio').evaluateAll((radios) =>
    radios.flatMap((radio) => {
      const named = radio.getAttribute('aria-label')
      return named === null || named === radio.closest('label')?.innerText.trim() ? [] : [`named ${named}`]
    }),
  )

/** What is wrong with the page: what the scan finds, icons without a drawing, radios called otherwise than they read. */
export async function faultsOf(page: Page, scan = axe(page)) {
  const { violations } = await scan.analyze()
  const found = violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`)
  return [...found, ...(await blots(page)), ...(await misnamed(page))]
}

/** Nothing is wrong with the page as it stands. */
export async function expectScanned(page: Page) {
  expect(await faultsOf(page)).toEqual([])
}

/** At no size is the page wider than the window, and the scan finds nothing; leaves it at the size of a laptop. */
export async function expectFaultless(page: Page) {
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(() => wider(page)).toBe(0)
  }
  await page.setViewportSize({ width: 1280, height: 800 })
  await expectScanned(page)
}

/** The parts of the running app by which a page of it is left for another. */
interface Running {
  readonly __vue_app__?: {
    readonly config: {
      readonly globalProperties: { readonly $router: { readonly push: (to: string) => Promise<unknown> } }
    }
  }
}

/** Goes to an address as the app's own links do, where another page of it is open: coming anew takes a second of a core. */
export async function visit(page: Page, path: string) {
  const within = await page.evaluate(async (to) => {
    const app = (document.querySelector('#__nuxt') as Running | null)?.__vue_app__
    if (!app || location.pathname + location.search === to) return false
    document.querySelector('h1')?.setAttribute('data-left', '')
    await app.config.globalProperties.$router.push(to)
    return true
  }, path)
  if (within) await expect(page.locator('h1[data-left]')).toHaveCount(0)
  else await page.goto(path)
}

/**
 * Stands between a page that is there and the server. A busy machine may tell such a page of it later than of the next key, whose
 * request then goes by: what is asked before shows that it was told.
 */
export async function standBetween(page: Page, ...given: Parameters<Page['route']>) {
  const asked = /\/api\/alive\?between$/
  await page.route(...given)
  await page.route(asked, (route) => route.fulfill({ json: 'between' }))
  await expect
    .poll(() =>
      page.evaluate(async () => ((await (await fetch('/api/alive?between')).json()) as unknown) === 'between'),
    )
    .toBe(true)
  await page.unroute(asked)
}

export async function openDesk(page: Page, match: string) {
  await visit(page, `/match/${match}`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
}

/** Holds back what the page asks for until it is let go, and counts it. */
export async function holdBack(page: Page, asked: string) {
  let letGo = () => {}
  const gate = new Promise<void>((go) => (letGo = go))
  const back = { held: 0, letGo }
  await page.route(asked, async (route) => {
    back.held++
    await gate
    await route.continue()
  })
  return back
}

/** Until the referee's eye is whole: parts of it that come later take room from the tape, and what is touched there moves. */
export const sideWhole = (page: Page) => page.waitForLoadState('networkidle')

/** Seconds from a finger's coming to its going, and to its coming again in a double tap. */
const [HELD_S, AGAIN_S] = [0.03, 0.1]

/** Milliseconds between two touches that make a double tap. */
const DOUBLE_MS = 340
declare global {
  /** When clicks came, in a page that is tapped twice. */
  var clicks: number[] | undefined
}

/**
 * A double tap, each touch with the time at which a finger makes it: a machine that is busy between two would make two single
 * ones of them, each of which is meant. It may also take them for a touch that is held: then nothing was touched, and both are
 * made again, but only once nothing can still be on its way: the first would be a third touch then. Resolves with whether the
 * page had them as a double tap: where a machine is slow all the same, another one has to be made.
 */
export async function doubleTap(page: Page, [x, y]: readonly [number, number]): Promise<boolean> {
  const device = await page.context().newCDPSession(page)
  const came = (count: number, timeout: number) =>
    page.waitForFunction((least) => clicks!.length >= least, count, { timeout }).then(Boolean, () => false)
  await page.evaluate(() => {
    const known = window.clicks !== undefined
    window.clicks = []
    if (!known) addEventListener('click', ({ timeStamp }) => clicks!.push(timeStamp), { capture: true })
  })
  for (let tries = 0; tries < 3; tries++) {
    const began = Date.now() / 1000 - AGAIN_S - HELD_S
    const sent = [began, began + AGAIN_S].flatMap((at) => [
      device.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }], timestamp: at }),
      device.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [], timestamp: at + HELD_S }),
    ])
    await Promise.all(sent)
    if (await came(1, 10_000)) break
  }
  await device.detach()
  await came(2, 500)
  const [first = 0, second = first, third] = await page.evaluate(() => clicks!)
  return second - first <= DOUBLE_MS && third === undefined
}

/** An entry of the tape that is a play. */
export const play = (fields: object) => ({ play: fields })

/** Where each page was touched last, and when. */
const touches = new WeakMap<Page, { readonly x: number; readonly y: number; readonly at: number }>()
/** Milliseconds that a finger needs between two touches of one spot that are not a double tap. */
const FINGER_MS = 400

/** Presses a key as a hand does, by finger or mouse: not twice in one spot as fast as a machine. */
export async function press(page: Page, key: Locator, how: 'tap' | 'click' = 'tap') {
  const last = touches.get(page)
  const soon = () => last !== undefined && Date.now() - last.at < FINGER_MS
  // Where it will be touched; it may have to be scrolled to first.
  if (soon()) await key.scrollIntoViewIfNeeded()
  const box = await key.boundingBox()
  const [x, y] = box ? [box.x + box.width / 2, box.y + box.height / 2] : [NaN, NaN]
  if (last && soon() && Math.hypot(x - last.x, y - last.y) < 40)
    await page.waitForTimeout(FINGER_MS - (Date.now() - last.at))
  await key[how]()
  touches.set(page, { x, y, at: Date.now() })
}

/** Touches the first button or radio of this name. */
export async function tap(page: Page, name: string | RegExp) {
  const exact = typeof name === 'string'
  const roles = ['radio', 'menuitem', 'menuitemcheckbox'] as const
  const keys = roles.reduce(
    (all, role) => all.or(page.getByRole(role, { name, exact })),
    page.getByRole('button', { name, exact }),
  )
  await press(page, keys.first())
}

/** Chooses from a list by its name, as with a mouse. */
export async function choose(page: Page, list: string, choice: string | RegExp) {
  await page
    .getByRole('button', { name: list, exact: true })
    .or(page.getByRole('combobox', { name: list, exact: true }))
    .click()
  await page.getByRole('option', { name: choice, exact: typeof choice === 'string' }).click()
  // Once it is closed the list gives the focus back.
  await expect(page.getByRole('listbox')).toHaveCount(0)
}

/** Moves with Tab until the focus is on what has this name. */
export async function tabTo(page: Page, name: RegExp) {
  for (let i = 0; i < 120; i++) {
    await page.keyboard.press('Tab')
    const here = await page.evaluate(() => {
      const element = document.activeElement as HTMLInputElement | null
      return element?.getAttribute('aria-label') ?? element?.labels?.[0]?.textContent ?? element?.textContent ?? ''
    })
    if (name.test(here.trim())) return
  }
  throw new Error(`Tab never reaches ${name}`)
}

/** The score shown for a seat on the desk. */
export function score(page: Page, seat: number) {
  return page.locator(`[data-score="${seat}"]`)
}

export const verdict = (page: Page) => page.getByTestId('verdict')

/** At no size anything is cut off of what the verdict says, or of its keys. */
export async function expectVerdictWhole(page: Page, says: string) {
  const cut = () =>
    page
      .locator('.verdict, .verdict .says, .verdict [role="group"], .verdict button')
      .evaluateAll((parts) =>
        parts.flatMap(({ scrollHeight, clientHeight, scrollWidth, clientWidth, className }) =>
          scrollHeight > clientHeight + 2 || scrollWidth > clientWidth + 2
            ? [`${className}: ${scrollWidth}x${scrollHeight} in ${clientWidth}x${clientHeight}`]
            : [],
        ),
      )
  for (const [width, height] of SIZES) {
    await page.setViewportSize({ width, height })
    await expect.poll(async () => [width, says, await cut()]).toEqual([width, says, []])
  }
}

export const tape = (page: Page) => page.getByRole('region', { name: 'Tape' })
export const pad = (page: Page) => page.getByRole('region', { name: 'Pad' })

/** Whose turn it is, on desk and board. */
export const onTurn = (page: Page) => page.locator('li[aria-current]')

/** The headline of the announcement. */
export const winner = (page: Page) =>
  page.getByRole('region', { name: 'Announcement' }).getByRole('heading', { level: 2 })

/** Where the board of a match is. */
export async function boardOf(request: APIRequestContext, match: string): Promise<string> {
  const { board } = (await (await request.get(`/api/matches/${match}`)).json()) as { board: string }
  return `/board/${board}`
}

/** Does one step of a fixture after the other; what is said to be seen must be seen. */
export async function follow(page: Page, steps: readonly Step[]) {
  for (const step of steps) {
    if ('tap' in step) await tap(page, step.tap)
    else if ('keys' in step) await page.keyboard.type(step.keys)
    else if ('press' in step) await page.keyboard.press(step.press)
    else if ('verdict' in step) await expect(verdict(page)).toContainText(step.verdict)
    else if ('tape' in step) await expect(tape(page)).toContainText(step.tape)
    else if ('turn' in step) await expect(onTurn(page)).toContainText(step.turn)
    else if ('score' in step) await expect(score(page, step.score[0])).toContainText(step.score[1])
    else await expect(winner(page)).toHaveText(step.wins)
  }
}

/** What the server has of a match. */
export async function entriesOf(request: APIRequestContext, match: string): Promise<unknown[]> {
  const answer = await request.get(`/api/matches/${match}`)
  const { entries } = (await answer.json()) as { entries: { entry: unknown }[] }
  return entries.map(({ entry }) => entry)
}

interface Archive {
  readonly matches: readonly { readonly id: string }[]
  readonly namedRules: readonly { readonly id: string }[]
}

/**
 * The archive cut to one match or one set of house rules. All specs share a server: a whole archive that is brought back
 * brings back what another spec has deleted meanwhile.
 */
export async function archiveOf(request: APIRequestContext, id: string): Promise<Archive> {
  const archive = (await (await request.get('/api/archive')).json()) as Archive
  const only = <T extends { id: string }>(all: readonly T[]) => all.filter((one) => one.id === id)
  return { ...archive, matches: only(archive.matches), namedRules: only(archive.namedRules) }
}

export const isPlay = (entry: unknown) =>
  typeof entry === 'object' && entry !== null && 'play' in entry && !('amend' in entry)

/** Long enough for a pad that would record by itself to have done so. */
export const later = (page: Page) => page.waitForTimeout(1000)

/** Takes the newest entry back, and looks that this is all that happens. */
export async function takeBack(page: Page, request: APIRequestContext, match: string, how: () => Promise<void>) {
  const before = await entriesOf(request, match)
  await how()
  await expect.poll(async () => (await entriesOf(request, match)).length).toBe(before.length + 1)
  await later(page)
  expect((await entriesOf(request, match)).slice(before.length)).toEqual([{ strike: expect.any(Number) }])
}
