import { expect, test } from '@playwright/test'
import { entriesOf, makeMatch, openDesk, play, tap, tape, type MatchParts } from './helpers'

test.use({ hasTouch: true })

interface Case {
  readonly what: string
  readonly parts: MatchParts
  /** The entry that was mistaken, and how it reads on the tape. */
  readonly entry: number
  readonly reads: RegExp
  /** What is touched in the pad, which holds the play as it was entered. */
  readonly touch: readonly (string | RegExp)[]
  readonly becomes: string
  readonly play: object
}

/** In each game an entry is amended in the pad that entered it. */
const CASES: readonly Case[] = [
  {
    what: 'brim: another sum was said',
    parts: { entries: [play({ do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] }), play({ do: 'stop', by: 1, said: 18 })] },
    entry: 2,
    reads: /Ines stops and says 18/,
    touch: [/^Stop and bank 19, said 19/],
    becomes: 'Ines stops and says 19',
    play: { do: 'stop', by: 1, said: 19 },
  },
  {
    what: 'ask for the rest: another pair was laid',
    parts: { game: 'ask-for-rest', entries: [play({ do: 'lay', by: 2, cards: [3, 7] })] },
    entry: 1,
    reads: /Tomasz lays 3 and 7/,
    touch: ['Card 4', 'Card 6'],
    becomes: 'Tomasz lays 4 and 6',
    play: { do: 'lay', by: 2, cards: [4, 6] },
  },
  {
    what: 'roof tiles: another card was turned',
    parts: {
      game: 'roof-tiles', houseRules: { rows: 3 }, names: ['Ines'], opening: { layouts: [[[4], [6, 5], [3, 7, 8]]] },
      entries: [play({ do: 'take', by: 1, tiles: [[3, 1], [3, 2]] }), play({ do: 'turn', by: 1, card: 4 })],
    },
    entry: 2,
    reads: /Ines turns a 4/,
    touch: ['Turned a 9'],
    becomes: 'Ines turns a 9',
    play: { do: 'turn', by: 1, card: 9 },
  },
  {
    what: 'roof tiles: other tiles were taken',
    parts: {
      game: 'roof-tiles', houseRules: { rows: 3 }, names: ['Ines'], opening: { layouts: [[[4], [6, 5], [3, 7, 3]]] },
      entries: [play({ do: 'take', by: 1, tiles: [[3, 1], [3, 2]] })],
    },
    entry: 1,
    reads: /Ines takes 3\.1 and 3\.2/,
    touch: [/^Tile 3\.2: 7/, /^Tile 3\.3: 3/],
    becomes: 'Ines takes 3.2 and 3.3',
    play: { do: 'take', by: 1, tiles: [[3, 2], [3, 3]] },
  },
  {
    what: 'perch & push: the marker was on the other result',
    parts: { game: 'perch-and-push', entries: [play({ do: 'place', by: 1, cards: [3, 7], on: 13 }), play({ do: 'place', by: 2, cards: [1, 1], on: 11 })] },
    entry: 1,
    reads: /Ines draws 3 and 7 and perches on 13/,
    touch: [/^Perch on 17/],
    becomes: 'Ines draws 3 and 7 and perches on 17',
    play: { do: 'place', by: 1, cards: [3, 7], on: 17 },
  },
  {
    what: 'hundred stops: one step less was walked before the last hop',
    parts: { game: 'hundred-stops', houseRules: { dice: 1 }, entries: [play({ do: 'travel', by: 1, dice: [2], hundreds: 1, order: ['t2', 'h'] })] },
    entry: 1,
    reads: /Ines rolls 2, spins 1/,
    touch: ['Remove the last', 'Remove the last', /^Hop 100/, /^Walk 10/, /^Ends on 220, said 220/],
    becomes: 'Ines rolls 2, spins 1: walks 1 ten, hops 100 and walks 1 ten and says 220',
    play: { do: 'travel', by: 1, dice: [2], hundreds: 1, order: ['t1', 'h', 't1'], said: 220 },
  },
  {
    what: 'column keeper: the digit went into another column',
    parts: { game: 'column-keeper', entries: [play({ do: 'put', by: 1, card: 7, in: 'ones' }), play({ do: 'put', by: 2, card: 8, in: 'tens' })] },
    entry: 1,
    reads: /Ines puts the 7 in the ones/,
    touch: ['Put it in the hundreds'],
    becomes: 'Ines puts the 7 in the hundreds',
    play: { do: 'put', by: 1, card: 7, in: 'hundreds' },
  },
]

for (const { what, parts, entry, reads, touch, becomes, play: right } of CASES)
  test(`amended in its pad: ${what}`, async ({ page, request }) => {
    const match = await makeMatch(request, parts)
    await openDesk(page, match)
    await tape(page).getByRole('button', { name: reads }).tap()
    await tap(page, `Amend entry ${entry}`)
    await expect(page.getByText(`Amending entry ${entry}`)).toBeVisible()
    for (const name of touch) await tap(page, name)
    const panel = page.getByRole('alertdialog', { name: 'What this changes' })
    await expect(panel).toContainText(`Entry ${entry} becomes: ${becomes}`)
    // Nothing is recorded before the referee has seen what it brings.
    expect(await entriesOf(request, match)).toEqual(parts.entries)
    await panel.getByRole('button', { name: 'Record it' }).tap()
    await expect.poll(() => entriesOf(request, match)).toEqual([...parts.entries!, { amend: entry, play: right }])
    await expect(tape(page).getByRole('button', { name: becomes }).first()).toBeVisible()
    // Taking the amend back brings the first play back.
    await tap(page, 'Take back')
    await expect(tape(page).getByRole('button', { name: reads }).first()).toBeVisible()
  })
