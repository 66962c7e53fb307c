import { existsSync, readFileSync } from 'node:fs'
import { ABOUTS } from '#core/games/abouts'
import { GAMES } from '#core/games/index'
import type { Game } from '#core/contract/game'
import { dealFor } from '#core/kernel/dealer'
import { readHouseRules } from '#core/kernel/houseRules'
import { awaits } from '#core/kernel/match'
import { selfPlay } from '#core/kernel/selfPlay'
import { TABLES } from '../../server/demo/saturday'
import { withFixtures } from '../../tests/games/withFixtures'

/** Whether everything that belongs to a game is there, and true: slips that play on all the same. */
const players = (n: number) => Array.from({ length: n }, (_, i) => `Player ${i + 1}`)

test.each(withFixtures())(
  '%s: so many may play as the rulebook says, and its schools say no more',
  (_id, { about, presets }, { seats: [low, high] }) => {
    expect(about.seats).toEqual({ low, high })
    for (const { most = high } of presets) expect(most).toBeLessThanOrEqual(high)
  },
)

test.each(GAMES)('$id is shown, listed, told of in the README, and played in the demo', ({ id, about }) => {
  expect(existsSync(`app/games/${id}/index.ts`)).toBe(true)
  expect(readFileSync('app/games/index.ts', 'utf8')).toMatch(
    new RegExp(`^\\s+(?:'${id}'|${id}): \\(\\) => import\\('~/games/${id}'\\)`, 'm'),
  )
  expect(ABOUTS.map((each) => each.id)).toContain(id)
  expect(readFileSync('README.md', 'utf8').replace(/\s+/g, ' ')).toContain(about.title)
  const tables = TABLES.filter(({ game }) => game === id)
  expect([tables.some(({ plays }) => plays === undefined), tables.some(({ plays }) => plays !== undefined)]).toEqual([
    true,
    true,
  ])
})

// Lists call a match by the title among its house rules without knowing its game.
test.each(GAMES)(
  '$id is called by its house rules where they have a title, and only there',
  ({ about, houseRules }) => {
    expect(Object.hasOwn(houseRules.shape, 'title')).toBe(about.titled ?? false)
  },
)

/** Every number that chance may show at a place of a reveal, and those that it has shown. */
interface Seen {
  readonly could: ReadonlySet<string>
  readonly did: Set<string>
}

/** What the dealer showed in matches of bots: dice and spinners, by kind and place. */
function shownBy(game: Game, houseRules: Readonly<Record<string, unknown>>, seats: number): Map<string, Seen> {
  const seen = new Map<string, Seen>()
  for (let seed = 1; seed <= 60; seed++) {
    const tape = selfPlay({ game, houseRules, players: players(seats), source: 'dealt', key: `2~${seed}`, most: 60 })
    for (const { play, before } of tape.lines) {
      const shown = play && dealFor(tape.table, before, play)?.shown
      if (!shown || (shown.kind !== 'die' && shown.kind !== 'spinner')) continue
      shown.values.forEach((value, i) => {
        const sides = shown.sides?.[i]
        const could = sides ? Array.from({ length: sides }, (_, n) => n + 1) : (shown.fields?.[i] ?? [])
        const key = `${play.do} ${shown.kind} ${sides ?? could.join()}`
        if (!seen.has(key)) seen.set(key, { could: new Set(could.map(String)), did: new Set() })
        seen.get(key)!.did.add(String(value))
      })
    }
    // Cards alone are dealt here, or everything has come up.
    if (seed > 1 && [...seen.values()].every(({ could, did }) => did.size >= could.size)) break
  }
  return seen
}

test.each(GAMES)(
  '$id: the dealer’s dice and spinners show every number they have, and none that they have not',
  (game) => {
    const low = Math.max(1, game.about.seats.low)
    for (const { rules, most = low } of [{ rules: {}, most: low }, ...game.presets])
      for (const [what, { could, did }] of shownBy(game, rules as Record<string, unknown>, Math.min(low, most)))
        expect([
          what,
          [...could].filter((value) => !did.has(value)),
          [...did].filter((value) => !could.has(value)),
        ]).toEqual([what, [], []])
  },
)

test.each(GAMES)('$id: rounds are counted as they are played', (game) => {
  for (const seats of new Set([Math.max(2, game.about.seats.low), game.about.seats.high]))
    for (const seed of ['tide', 'ebb']) {
      const tape = selfPlay({ game, players: players(seats), source: 'dealt', key: `2~${seed}`, most: 400 })
      let before = game.progress(tape.opened.rules, tape.opened.game)
      expect(before.begun).toBeLessThanOrEqual(1)
      for (const { after } of tape.lines) {
        const now = game.progress(after.rules, after.game)
        // Never fewer, and never two at once; what is between two rounds has not begun the next.
        expect(now.begun - before.begun === 0 || now.begun - before.begun === 1).toBe(true)
        before = now
      }
      const read = readHouseRules(game, {}, seats)
      const { rounds, turns } = (read.ok ? read.rules : {}) as { rounds?: unknown; turns?: unknown }
      const agreed = typeof rounds === 'number' ? rounds : typeof turns === 'number' ? turns : null
      if (agreed === null || !tape.state.result || tape.state.result.ended) continue
      expect(before.begun).toBeLessThanOrEqual(agreed)
      // Where nothing else ends it, all of them were played.
      if (game.goal?.(tape.state.rules) == null && awaits(tape.table, tape.state) === null)
        expect(before.begun).toBe(agreed)
    }
})
