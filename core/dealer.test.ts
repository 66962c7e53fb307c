import { dealFor, isAsDealt } from '#core/dealer'
import { gameById } from '#core/games/index'
import { judgePlay, openMatch, type MatchState, type Table } from '#core/match'

function dealt(game: string, seed: string | null = 'lantern', source: 'dealt' | 'table' = 'dealt'): { table: Table; state: MatchState } {
  const opened = openMatch(gameById(game)!, { houseRules: {}, players: ['Ines', 'Tomasz'], first: 1, source, seed, opening: null })
  if (!opened.ok) throw new Error('refused')
  return opened
}

test('the same seed and the same number of plays bring the same, whatever was wished', () => {
  const { table, state } = dealt('brim')
  const roll = dealFor(table, state, {})
  expect(dealFor(table, state, { keep: [] })).toEqual(roll)
  expect(dealFor(table, state, { do: 'roll', by: 1, dice: [1, 1, 1, 1, 1] })).toEqual(roll)
  const next = judgePlay(table, state, roll).state
  expect(dealFor(table, next, {})).not.toEqual(roll)
  expect(dealFor(table, { ...next, played: state.played, game: state.game }, {})).toEqual(roll)
  expect(dealFor(dealt('brim', 'oar').table, state, {})).not.toEqual(roll)
})

test('another chance than the seed’s is noted and stands', () => {
  const { table, state } = dealt('perch-and-push')
  const own = dealFor(table, state, {}) as { do: 'place'; by: number; cards: number[]; on: number }
  expect(judgePlay(table, state, own).verdict.notes.map(({ code }) => code)).not.toContain('not-as-dealt')
  // Which of the two results is taken is the player's.
  expect(isAsDealt(table, state, { ...own, on: own.cards[1]! + 10 } as never)).toBe(true)
  const other = { ...own, cards: [own.cards[1]!, own.cards[0]!] }
  expect(judgePlay(table, state, other).verdict).toMatchObject({ stands: true, notes: expect.arrayContaining([{ code: 'not-as-dealt', facts: { by: 1 } }]) })
  expect(isAsDealt(table, state, { do: 'reshuffle' })).toBe(true)
})

test('at a real table, or without a seed, there is nothing to compare', () => {
  const play = { do: 'roll', by: 1, dice: [1, 1, 1, 1, 1] }
  for (const { table, state } of [dealt('brim', 'lantern', 'table'), dealt('brim', null)]) expect(isAsDealt(table, state, play)).toBe(true)
})
