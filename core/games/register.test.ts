import fc from 'fast-check'
import { drawBoard } from '#core/board/board'
import { GAMES } from '#core/games/index'
import type { Game } from '#core/contract/game'
import { dealFor } from '#core/kernel/dealer'
import { houseRulesSchema, readHouseRules, ruleMeta } from '#core/kernel/houseRules'
import { awaits, judgePlay, openMatch } from '#core/kernel/match'
import { randomFor } from '#core/basics/random'
import { openSelfPlay, selfPlay, selfPlayState } from '#core/kernel/selfPlay'
import type { MatchState, Table } from '#core/contract/table'
import { foldTape, type Tape } from '#core/kernel/tape'
import { sayEntry, sayVerdict } from '#core/wording/index'
import { REASONS } from '#core/kernel/reasons'

/** What must hold of every game there is or will be. */
const MOST_PLAYS = 3000

const named = (game: Game, seats: number, seed: number, houseRules: Readonly<Record<string, unknown>> = {}) => ({
  game,
  houseRules,
  seed,
  key: String(seed),
  first: 1 + (seed % seats),
  source: 'dealt' as const,
  players: Array.from({ length: seats }, (_, i) => `Player ${i + 1}`),
})

function openFor(game: Game, seats: number, seed: number): { table: Table; state: MatchState } {
  return openSelfPlay(named(game, seats, seed))
}

/** A match played by bots to its end; every step is checked to stand. */
function botMatch(game: Game, seats: number, seed: number, houseRules: Readonly<Record<string, unknown>> = {}): Tape {
  const tape = selfPlay({ ...named(game, seats, seed, houseRules), most: MOST_PLAYS })
  if (!tape.state.result) throw new Error(`${game.id} does not end (seed ${seed})`)
  const refused = tape.lines.find(({ verdict }) => !verdict.stands)
  if (refused) throw new Error(`${game.id}: a bot's play is refused: ${JSON.stringify([refused.raw, refused.verdict])}`)
  return tape
}

const seatsOf = (game: Game) => fc.integer({ min: game.about.seats.low, max: game.about.seats.high })
const seeds = fc.integer({ min: 1, max: 1_000_000 })

function deepFreeze<T>(value: T): T {
  if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) {
    Object.freeze(value)
    Object.values(value).forEach(deepFreeze)
  }
  return value
}

describe.each(GAMES.map((game) => [game.id, game] as const))('%s', (id, game) => {
  test('bot matches end, and their replay equals the live state', () => {
    fc.assert(
      fc.property(seatsOf(game), seeds, (seats, seed) => {
        const tape = botMatch(game, seats, seed)
        const again = foldTape(tape.table, tape.start, JSON.parse(JSON.stringify(tape.lines.map((line) => line.raw))))
        expect(again.state).toEqual(tape.state)
        expect(tape.state.result!.winners.length).toBeGreaterThan(0)
        expect(selfPlayState(named(game, seats, seed))).toEqual(tape.state)
      }),
      { numRuns: 15 },
    )
  })

  test('what the dealer brings is as dealt; the same wish gets the same; another chance is noted', () => {
    fc.assert(
      fc.property(seatsOf(game), seeds, (seats, seed) => {
        const tape = botMatch(game, seats, seed)
        expect(
          tape.lines.flatMap(({ verdict }) => verdict.notes).filter(({ code }) => code === 'not-as-dealt'),
        ).toEqual([])
        for (const { play, before } of tape.lines.slice(0, 40)) {
          const dealt = dealFor(tape.table, before, play!)
          if (!dealt) continue
          expect(play).toMatchObject(dealt.brings)
          expect(dealFor(tape.table, before, { do: play!.do, by: play!.by })).not.toBeUndefined()
          // What chance brought and nothing else is compared.
          for (const field of Object.keys(dealt.brings))
            expect(['do', 'by', 'said', 'explained', 'how']).not.toContain(field)
        }
      }),
      { numRuns: 10 },
    )
  })

  test('every preset can be opened and played to its end', () => {
    for (const preset of game.presets) {
      const seats = preset.most ?? game.about.seats.high
      expect(() => botMatch(game, seats, 7, preset.rules as Record<string, unknown>)).not.toThrow()
    }
  })

  test('state survives JSON, and judging leaves its input unchanged', () => {
    fc.assert(
      fc.property(seatsOf(game), seeds, fc.nat(60), (seats, seed, steps) => {
        const { table, state: start } = openFor(game, seats, seed)
        let state = deepFreeze(start)
        for (let n = 0; n < steps && state.result === null; n++) {
          const seat = awaits(table, state)!.seats[0]!
          const play = deepFreeze(game.bot(state.rules, state.game, seat, randomFor(seed, n)))
          const throughJson = JSON.parse(JSON.stringify(state)) as MatchState
          expect(throughJson).toEqual(state)
          const judged = judgePlay(table, state, play)
          expect(judgePlay(table, throughJson, JSON.parse(JSON.stringify(play)))).toEqual(judged)
          state = deepFreeze(judged.state)
        }
      }),
      { numRuns: 25 },
    )
  })

  test('judging never throws, whatever JSON it is given, and a refused play changes nothing', () => {
    const { table, state } = openFor(game, game.about.seats.high, 3)
    const kinds = awaits(table, state)!.plays
    const nearly = fc.record(
      {
        do: fc.oneof(fc.constantFrom(...kinds), fc.string()),
        by: fc.oneof(fc.integer({ min: -1, max: 9 }), fc.jsonValue()),
        said: fc.oneof(fc.integer(), fc.jsonValue()),
      },
      { requiredKeys: ['do'] },
    )
    fc.assert(
      fc.property(fc.oneof(fc.jsonValue(), nearly), (raw) => {
        const judged = judgePlay(table, state, raw)
        if (!judged.verdict.stands) expect(judged.state).toBe(state)
      }),
      { numRuns: 500 },
    )
  })

  test('every enumerated play stands, and notation reads back what it writes', () => {
    fc.assert(
      fc.property(seatsOf(game), seeds, fc.nat(40), (seats, seed, steps) => {
        const { table, state: start } = openFor(game, seats, seed)
        let state = start
        for (let n = 0; n < steps && state.result === null; n++) {
          const seat = awaits(table, state)!.seats[0]!
          state = judgePlay(table, state, game.bot(state.rules, state.game, seat, randomFor(seed, n))).state
        }
        if (state.result) return
        let seen = 0
        for (let seat = 1; seat <= seats; seat++)
          for (const play of game.plays(state.rules, state.game, seat)) {
            if (++seen > 400) return
            const { verdict } = judgePlay(table, state, play)
            expect([play, verdict.reason]).toEqual([play, null])
            const text = game.writePlay(play)
            expect([text, game.readPlay(text, state.rules, state.game)]).toEqual([text, { ok: true, play }])
          }
        expect(seen).toBeGreaterThan(0)
      }),
      { numRuns: 20 },
    )
  })

  test('the board holds nothing that the public can’t know: the seed changes nothing on it', () => {
    fc.assert(
      fc.property(seatsOf(game), seeds, fc.nat(30), (seats, seed, most) => {
        const tape = botMatch(game, seats, seed)
        const plays = tape.lines.slice(0, most).map((line) => line.raw)
        const { opening, players, first } = tape.table
        const asTable = openMatch(game, { houseRules: {}, players, first, source: 'table', seed: null, opening })
        if (!asTable.ok) throw new Error('refused')
        const pictures = [foldTape(tape.table, tape.start, plays), foldTape(asTable.table, asTable.state, plays)].map(
          (each) =>
            JSON.stringify(
              drawBoard(
                each,
                players.map((name) => ({ name, pennant: 1 })),
              ),
            ),
        )
        expect(pictures[0]).toBe(pictures[1])
      }),
      { numRuns: 15 },
    )
  })

  test('reading notation never throws', () => {
    const { state } = openFor(game, game.about.seats.low, 5)
    fc.assert(
      fc.property(fc.string(), (text) => void game.readPlay(text, state.rules, state.game)),
      { numRuns: 300 },
    )
  })

  test('what a match says has no gap in it', () => {
    const tape = botMatch(game, game.about.seats.high, 11)
    for (const line of tape.lines)
      for (const text of [sayEntry(tape.table, line), sayVerdict(tape.table, line)])
        expect(text).not.toMatch(/undefined|NaN|null|\[object/)
  })

  test('every house rule has a label, a hint and a default', () => {
    for (const [rule, field] of Object.entries(houseRulesSchema(game).shape)) {
      const meta = ruleMeta(field)
      expect([rule, typeof meta?.label, typeof meta?.hint]).toEqual([rule, 'string', 'string'])
    }
    expect(readHouseRules(game, {}, game.about.seats.low).ok).toBe(true)
  })

  test('whatever a bot match says has a sentence', () => {
    const tape = botMatch(game, game.about.seats.high, 17)
    for (const { verdict } of tape.lines)
      for (const { code } of verdict.notes)
        expect([code, code in game.wording.notes || code in REASONS]).toEqual([code, true])
  })

  test('facts are true', () => {
    const tape = botMatch(game, game.about.seats.low, 13)
    for (const line of tape.lines)
      for (const fact of game.facts(line.before.rules, line.before.game, line.play!)) {
        const sum = fact.terms.reduce((a, b) =>
          fact.operation === 'times' ? a * b : fact.operation === 'subtract' ? a - b : a + b,
        )
        if (fact.operation !== 'compare') expect(fact.answer).toBe(sum)
      }
  })
})
