import { dealFor, isAsDealt } from '#core/kernel/dealer'
import { gameById, GAMES } from '#core/games/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { awaits, judgePlay, openMatch } from '#core/kernel/match'
import { randomFor } from '#core/basics/random'
import type { MatchState, Table } from '#core/contract/table'
import { refuse } from '#core/contract/verdict'

function dealt(
  game: string,
  seed: string | null = 'lantern',
  source: 'dealt' | 'table' = 'dealt',
): { table: Table; state: MatchState } {
  const opened = openMatch(gameById(game)!, {
    houseRules: {},
    players: ['Ines', 'Tomasz'],
    first: 1,
    source,
    seed,
    opening: null,
  })
  if (!opened.ok) throw new Error('refused')
  return opened
}

const ROLL = { do: 'roll', by: 1 }

test('the same seed and the same number of plays bring the same, whatever was wished', () => {
  const { table, state } = dealt('brim')
  const roll = dealFor(table, state, ROLL)!
  const keeping = { ...ROLL, keep: [], dice: [1, 1, 1, 1, 1] }
  expect(dealFor(table, state, keeping)).toEqual(roll)
  expect(roll.shown).toEqual({ kind: 'die', values: roll.brings.dice, sides: [6, 6, 6, 6, 6] })
  const next = judgePlay(table, state, { ...ROLL, ...roll.brings }).state
  expect(dealFor(table, next, ROLL)).not.toEqual(roll)
  expect(dealFor(table, { ...next, played: state.played, game: state.game }, ROLL)).toEqual(roll)
  expect(dealFor(dealt('brim', 'oar').table, state, ROLL)).not.toEqual(roll)
  expect(dealFor(table, state, { do: 'stop', by: 1 })).toBeNull()
})

test('another chance than the seed’s is noted, left to the referee, and stands', () => {
  const { table, state } = dealt('perch-and-push')
  const { cards } = dealFor(table, state, { do: 'place', by: 1 })!.brings as { cards: [number, number] }
  const own = { do: 'place', by: 1, cards, on: cards[0] + 10 }
  expect(judgePlay(table, state, own).verdict.notes.map(({ code }) => code)).not.toContain('not-as-dealt')
  // Which of the two results is taken is the player's.
  expect(isAsDealt(table, state, { ...own, on: cards[1] + 10 } as never)).toBe(true)
  const other = { ...own, cards: [cards[1], cards[0]] }
  expect(judgePlay(table, state, other).verdict).toMatchObject({
    stands: true,
    notes: expect.arrayContaining([{ code: 'not-as-dealt', facts: { by: 1 }, weight: 'call' }]),
  })
  expect(isAsDealt(table, state, { do: 'reshuffle' })).toBe(true)
})

test('at a real table, or without a seed, there is nothing to compare', () => {
  const play = { do: 'roll', by: 1, dice: [1, 1, 1, 1, 1] }
  for (const { table, state } of [dealt('brim', 'lantern', 'table'), dealt('brim', null)])
    expect(isAsDealt(table, state, play)).toBe(true)
})

test('a refusal with a penalty spends what was dealt: the next player gets other numbers', () => {
  const { table, state } = dealt('top-total')
  const harsh: Table = {
    ...table,
    game: { ...table.game, judge: (_, game) => ({ ...refuse('out-of-order', {}), next: game }) },
  }
  const wish = { do: 'roll', by: 1 }
  const rolled = dealFor(table, state, wish)!.brings
  const after = judgePlay(harsh, state, { ...wish, ...rolled }).state
  expect(dealFor(table, after, { do: 'roll', by: 2 })!.brings).not.toEqual(rolled)
  // Where no chance was in it nothing is spent.
  const { table: row, state: start } = dealt('call-row')
  const strict: Table = {
    ...row,
    game: { ...row.game, timing: () => 'now', judge: (_, game) => ({ ...refuse('wrong-total', {}), next: game }) },
  }
  expect(judgePlay(strict, start, { do: 'call', by: 1, cards: [8] }).state.played).toBe(start.played)
})

test.each(GAMES)('$id: each die that is shown tells how many faces it has', ({ id }) => {
  const players = ['Ines', 'Tomasz', 'Bao'].slice(0, Math.max(2, gameById(id)!.about.seats.low))
  const game = gameById(id)!
  const read = readHouseRules(game, {}, players.length)
  const opening = read.ok
    ? (game.dealOpening?.(read.rules, players.length, randomFor('dice', 'opening')) ?? null)
    : null
  const opened = openMatch(game, { houseRules: {}, players, first: 1, source: 'dealt', seed: 'dice', opening })
  if (!opened.ok) throw new Error(id)
  for (const kind of awaits(opened.table, opened.state)?.plays ?? []) {
    const shown = dealFor(opened.table, opened.state, { do: kind, by: 1 })?.shown
    if (shown?.kind !== 'die') continue
    expect(shown.sides).toHaveLength(shown.values.length)
    shown.values.forEach((value, i) => expect(value).toBeLessThanOrEqual(shown.sides![i]!))
  }
})
