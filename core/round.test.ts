import { readMatch } from '#core/format/matchFile'
import { roundNow, sayRound } from '#core/round'
import { fileOf, play, type FileParts } from '../tests/unit/judging'

const roll = (by: number) => play({ do: 'roll', by, dice: [5, 1, 1, 1, 1] })
const turn = (by: number) => [roll(by), play({ do: 'stop', by })]
const round = [...turn(1), ...turn(2)]

function now(parts: FileParts) {
  const read = readMatch(fileOf(parts))
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  const { table, state } = read.tape
  return { ...roundNow(table, state), says: sayRound(table, state) }
}

test.each<[string, FileParts, object]>([
  ['before the first play', { entries: [] }, { at: 1, of: 5, extra: 0, says: 'Round 1 of 5' }],
  ['in mid-turn', { entries: [roll(1)] }, { at: 1, of: 5, says: 'Round 1 of 5' }],
  ['in mid-round', { entries: turn(1) }, { at: 1, says: 'Round 1 of 5' }],
  ['between rounds the next one is told', { entries: round }, { at: 2, says: 'Round 2 of 5' }],
  ['rounds changed by ruling', { entries: [...round, { ruling: { houseRules: { rounds: 9 } } }] }, { at: 2, of: 9, says: 'Round 2 of 9' }],
  ['an extra round', { houseRules: { rounds: 1, tie: 'extra-round' }, entries: round }, { at: 2, extra: 1, says: 'Extra round 1' }],
  ['a second extra round', { houseRules: { rounds: 1, tie: 'extra-round' }, entries: [...round, ...round, roll(1)] }, { at: 3, extra: 2, says: 'Extra round 2' }],
  ['over by itself', { houseRules: { rounds: 1 }, entries: round }, { at: 1, says: 'Round 1 of 1' }],
  ['ended early', { entries: [...round, ...turn(1), { call: 'finish' }] }, { at: 2, says: 'Round 2 of 5' }],
  ['a game without rounds', { game: 'perch-and-push' }, { says: '' }],
])('%s', (_what, parts, told) => expect(now(parts)).toMatchObject(told))
