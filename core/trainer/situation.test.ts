import * as fc from 'fast-check'
import { randomFor, type Random } from '#core/basics/random'
import type { Game } from '#core/contract/game'
import type { BasePlay } from '#core/contract/plays'
import type { Entered, Parts } from '#core/contract/situation'
import { gameById, GAMES } from '#core/games/index'
import type { GameId } from '#core/games/ids'
import { SITUATIONS } from '#core/games/situations'
import { judgePlay } from '#core/kernel/match'
import { openSituation, restsOn, seatsAsked, whatStands } from '#core/trainer/situation'
import { wrongPlays } from '#core/trainer/wrongPlays'

const situationOf = (game: Game) => SITUATIONS[game.id as GameId]
function asked(game: Game, houseRules: object, entered: unknown) {
  const players = ['Ines', 'Tomasz'].slice(0, seatsAsked(game))
  const found = openSituation({
    ...{ game, situation: situationOf(game), players, entered },
    houseRules: houseRules as Record<string, unknown>,
  })
  if (!found.ok) throw new Error(JSON.stringify(found.problems))
  return found
}
/** Something for every part, within its bounds. */
const drawn = (parts: Parts, random: Random): Entered =>
  Object.fromEntries(
    Object.entries(parts).map(([name, part]) => {
      if (part.kind === 'choice') return [name, random.whole(0, part.choices.length - 1)]
      const one = () => random.whole(part.low, Math.min(part.high, part.low + 40))
      if (part.kind === 'number') return [name, one()]
      return [name, Array.from({ length: random.whole(0, part.most) }, one)]
    }),
  )
/** The first plays of many. */
function first(plays: Iterable<BasePlay>, most: number): BasePlay[] {
  const some: BasePlay[] = []
  for (const play of plays) {
    if (some.length >= most) break
    some.push(play)
  }
  return some
}

/** Reasons that rules are refused for when a match is set up: no play is. */
const OF_RULES: ReadonlySet<string> = new Set(['bad-line', 'goal-out-of-reach', 'never-ends', 'bad-goal', 'needs-goal'])

type Case = readonly [rules: object, entered: object, play: object, code: string]
const sentence = { ways: [{ makes: 'calculation', does: 'add' }], signs: ['add', 'divide'] }
const said = (calculation: string, numbers = [3, 2]) => ({ do: 'throw', by: 1, numbers, calculation })
/** What is not come upon by getting right plays wrong. */
const CASES: Readonly<Partial<Record<GameId, readonly Case[]>>> = {
  'ask-for-rest': [
    [{ target: 12 }, {}, { do: 'ask', by: 1, of: 2, for: 2, got: false }, 'dead-card'],
    [{}, {}, { do: 'replace', by: 1, card: 3 }, 'card-has-partner'],
    [{}, { other: 1 }, { do: 'ask', by: 1, of: 2, for: 2, got: false }, 'nobody-there'],
    [{ hand: 2 }, { mine: [1, 1] }, { do: 'ask', by: 1, of: 2, for: 2, got: false }, 'cannot-hold-partner'],
    [{}, { mine: [8], shown: [2] }, { do: 'ask', by: 1, of: 2, for: 2, got: false }, 'denied-known-card'],
  ],
  'roof-tiles': [
    [{}, { gone: 1 }, { do: 'take', by: 1, tiles: [[6, 1]] }, 'already-gone'],
    [{}, {}, { do: 'take', by: 1, tiles: [[6, 1]], turned: true }, 'nothing-turned'],
    [{}, {}, { do: 'take', by: 1, tiles: [[9, 1]] }, 'no-such-tile'],
    [
      {},
      { lower: [1, 2, 3] },
      {
        do: 'take',
        by: 1,
        tiles: [
          [6, 1],
          [6, 2],
          [6, 3],
        ],
      },
      'too-many-tiles',
    ],
    [{ passes: 2 }, { stock: 2, turned: [3, 4] }, { do: 'turn', by: 1, card: 4 }, 'seen-different'],
  ],
  'turn-two': [[{}, { seen: [3] }, { do: 'relay' }, 'not-stuck']],
  'call-row': [
    [{ wrongCall: 'sit-out' }, { row: [3, 7], sits: 1 }, { do: 'call', by: 1, cards: [3, 7] }, 'sitting-out'],
    [{}, { row: [3, 7] }, { do: 'call', by: 1, cards: [3, 6, 1] }, 'not-in-row'],
    [{ maxCards: 2 }, { row: [3, 5, 2] }, { do: 'call', by: 1, cards: [3, 5, 2] }, 'too-many-cards'],
    [{}, { row: [3, 7] }, { do: 'call', by: 1, cards: [3, 7], signs: ['+', '-'] }, 'signs-wrong'],
    [
      { pack: { low: 1, high: 10, copies: 1 } },
      { row: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10] },
      { do: 'deal', card: 3 },
      'stock-empty',
    ],
    [{ signs: 'add' }, { row: [3, 4] }, { do: 'call', by: 1, cards: [3, 4] }, 'wrong-total'],
  ],
  'six-heaps': [
    [{}, { stock: 1 }, { do: 'place', by: 1, card: 3, at: [1, 1], drew: 4 }, 'stock-empty'],
    [{}, {}, { do: 'place', by: 1, card: 3, at: [5, 1] }, 'no-such-heap'],
    [{}, {}, { do: 'pass', by: 1 }, 'can-still-place'],
  ],
  brim: [[{}, {}, { do: 'stop', by: 1 }, 'nothing-rolled']],
  'covered-part': [
    [{}, { role: 1 }, { do: 'hide', by: 1, parts: [3, 9], covered: 1, announced: 12 }, 'no-such-face'],
    [
      { combine: 'times', pieces: 'dominoes' },
      { role: 1 },
      { do: 'hide', by: 1, parts: [0, 3], covered: 2, announced: 0 },
      'cannot-be-worked-out',
    ],
    [
      { pieces: 'dominoes' },
      { role: 1, seen: 2, covered: 5, used: 1 },
      { do: 'hide', by: 1, parts: [5, 2], covered: 1, announced: 7 },
      'domino-used',
    ],
  ],
  'token-dip': [
    [
      { key: [{ token: 'coral', worth: 3 }], bag: { coral: 2 } },
      { dish: [0, 0] },
      { do: 'dip', by: 1, token: 'coral', said: 9 },
      'bag-has-no-more',
    ],
    [{}, {}, { do: 'dip', by: 1, token: 'gull', said: 3 }, 'no-such-token'],
    [{}, { dish: [0, 0] }, { do: 'recount', by: 1, counts: { coral: 1 } }, 'recount-differs'],
  ],
  'column-keeper': [[{ columns: 2 }, {}, { do: 'put', by: 1, card: 3, in: 'hundreds' }, 'no-such-column']],
  'place-strike': [[{}, {}, { do: 'strike', by: 1, digit: 1, place: 6, number: 4 }, 'no-such-number']],
  'skip-count-yard': [
    [{}, {}, { do: 'move', by: 1, from: 'S', to: 'E' }, 'place-empty'],
    [{}, { run: [18, 20] }, { do: 'add', by: 1, card: 24, to: 'N' }, 'run-complete'],
  ],
  'perch-and-push': [
    [{}, {}, { do: 'place', by: 1, cards: [1], on: 11 }, 'wrong-card-count'],
    [{}, {}, { do: 'pass', by: 1, cards: [1, 2] }, 'can-still-place'],
    [{ safeStack: 2 }, { result: 1, whose: 2, count: 2 }, { do: 'place', by: 1, cards: [1, 2], on: 11 }, 'safe-stack'],
  ],
  'last-digit-chains': [
    [{}, { row: [1, 8, 9, 7, 6, 3, 9, 2, 1], tops: [3] }, { do: 'take', by: 1, fan: 1, row: 1 }, 'row-full'],
    [{}, {}, { do: 'take', by: 1, fan: 40, row: 1 }, 'no-such-fan'],
    [{}, {}, { do: 'take', by: 1, fan: 1, row: 9 }, 'no-such-row'],
    [{}, { tops: [-1, 5] }, { do: 'take', by: 1, fan: 1, row: 1 }, 'fan-empty'],
  ],
  'fill-in-order': [
    [{}, { filled: [3], top: 3 }, { do: 'turn', by: 1, from: 'discard', cards: [3] }, 'discard-useless'],
  ],
  'own-game': [
    [
      { ways: [{ makes: 'number', does: 'add' }], brings: { kind: 'dice', sides: [6, 6] } },
      {},
      { do: 'throw', by: 1, numbers: [3, 2], number: 33 },
      'not-these-digits',
    ],
    [sentence, {}, said('3+4'), 'not-these-numbers'],
    [sentence, {}, said('3+'), 'not-readable'],
    [sentence, {}, said('3*2'), 'sign-not-agreed'],
    [sentence, {}, said('3'), 'numbers-left'],
    [sentence, {}, said('3/2'), 'does-not-divide'],
  ],
}

describe.each(GAMES.map((game) => [game.id, game] as const))('%s: may I?', (id, game) => {
  const presets = [{}, ...game.presets.map(({ rules }) => rules)].slice(0, 6)

  test('every reason of the game is reached from a situation, and rests on a sentence of the rules', () => {
    const reached = new Map<string, string>()
    for (const houseRules of presets) {
      const random = randomFor('situation', id)
      const opened = asked(game, houseRules, {})
      const right = first(game.plays(opened.tape.state.rules, opened.tape.state.game, 1), 5)
      for (let n = 0; n < 8; n++) {
        const { tape } = asked(game, houseRules, drawn(opened.parts, random))
        const { table, state } = tape
        for (const play of [...right, ...first(game.plays(state.rules, state.game, 1), 3)])
          for (const { verdict } of [
            { verdict: judgePlay(table, state, play).verdict },
            ...wrongPlays({ table, state, right: play, earlier: [], open: [] }, random).slice(0, 40),
          ]) {
            const { code } = verdict.reason ?? {}
            if (code)
              reached.set(code, restsOn(game, situationOf(game), { rules: state.rules, seats: table.seats }, code))
          }
      }
    }
    for (const [houseRules, entered, play, code] of CASES[id as GameId] ?? []) {
      const { table, state } = asked(game, houseRules, entered).tape
      expect([play, judgePlay(table, state, play as BasePlay).verdict.reason?.code]).toEqual([play, code])
      reached.set(code, restsOn(game, situationOf(game), { rules: state.rules, seats: table.seats }, code))
    }
    const missing = Object.keys(game.wording.reasons).filter((code) => !OF_RULES.has(code) && !reached.has(code))
    expect(missing).toEqual([])
    for (const [code, says] of reached) expect([code, says]).toEqual([code, expect.stringMatching(/^[A-Z0-9].*\.$/)])
  })

  test('whatever is entered, what is told to stand does, and nothing throws', () => {
    const { parts } = asked(game, {}, {})
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const { tape, entered } = asked(game, {}, drawn(parts, randomFor(seed, id)))
        const { plays, more } = whatStands(tape, 1, null)
        expect(plays.length).toBeLessThanOrEqual(12)
        expect(more && plays.length < 12).toBe(false)
        // What fits is kept as it was entered.
        expect(asked(game, {}, entered).entered).toEqual(entered)
      }),
      { numRuns: 15 },
    )
  })
})

test('what changed rules do not allow falls away, and nonsense is the usual', () => {
  const brim = gameById('brim')!
  expect(asked(brim, { sides: 6 }, { frozen: [6, 12, 5], rolled: 2 }).entered).toEqual({
    ...{ frozen: [6, 5], loose: [], rolled: 2 },
  })
  for (const entered of [null, 'gulls', 7, [], { frozen: 'x', loose: { 0: 1 }, rolled: 1e9 }])
    expect(asked(brim, {}, entered).entered).toEqual({ frozen: [], loose: [], rolled: 0 })
})

test('a reason rests on the sentence as the table agreed it', () => {
  const brim = gameById('brim')!
  const { tape } = asked(brim, { rolls: 2 }, { frozen: [6], loose: [1, 2, 3, 4], rolled: 2 })
  const { verdict } = judgePlay(tape.table, tape.state, { do: 'roll', by: 1, dice: [1, 1, 1, 1] } as BasePlay)
  expect(verdict.reason?.code).toBe('no-rolls-left')
  expect(restsOn(brim, SITUATIONS.brim, { rules: tape.state.rules, seats: 2 }, 'no-rolls-left')).toBe(
    '5 dice with 6 sides, up to 2 rolls a turn.',
  )
})
