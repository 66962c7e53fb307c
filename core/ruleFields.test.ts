import { gameById } from '#core/games/index'
import { roundNow, sayRound } from '#core/round'
import { ruleFields, sayRuleValue } from '#core/ruleFields'
import { readMatch } from '#core/format/matchFile'
import { fileOf, play } from '../tests/unit/judging'

const field = (game: string, name: string) => ruleFields(gameById(game)!).find((each) => each.name === name)!

test.each([
  ['brim', 'dice', 'number', 5, '5'],
  ['brim', 'minutes', 'number', null, 'No clock'],
  ['brim', 'tie', 'choice', 'extra-round', 'Extra round'],
  ['perch-and-push', 'draw', 'choice', 2, 'Two, choose one'],
  ['perch-and-push', 'pack', 'pack', { low: 0, high: 10, copies: 4 }, '0 to 10, 4 of each'],
  ['hundred-stops', 'hundreds', 'numbers', [1, 1, 2, 3], '1, 1, 2, 3'],
  ['column-keeper', 'to', 'number', null, 'not set'],
])('%s %s is a %s; %j reads “%s”', (game, name, kind, value, text) => {
  const found = field(game, name)
  expect([found.kind, sayRuleValue(found, value)]).toEqual([kind, text])
})

test('only what may change in the middle of a match is offered to a ruling', () => {
  const changeable = (game: string) => ruleFields(gameById(game)!).filter((each) => each.changeable).map(({ name }) => name)
  expect(changeable('perch-and-push')).toEqual(['goal', 'afterPush', 'safeStack', 'explain', 'minutes'])
  expect(changeable('roof-tiles')).toEqual(['passes', 'explain', 'minutes'])
  expect(changeable('hundred-stops')).toEqual(['finish', 'answers', 'explain', 'minutes'])
})

test('the round in progress, and those beyond the agreed ones', () => {
  const turn = (by: number) => [play({ do: 'roll', by, dice: [1, 1, 1, 1, 1] }), play({ do: 'stop', by })]
  const at = (entries: unknown[], houseRules: Record<string, unknown> = {}) => {
    const read = readMatch(fileOf({ entries, houseRules: { rounds: 1, tie: 'extra-round', ...houseRules } }))
    if (!read.ok) throw new Error('refused')
    return [roundNow(read.tape.table, read.tape.state), sayRound(read.tape.table, read.tape.state)]
  }
  expect(at([])).toEqual([{ at: 1, of: 1, extra: 0 }, 'Round 1 of 1'])
  expect(at([...turn(1), ...turn(2)])).toEqual([{ at: 2, of: 1, extra: 1 }, 'Extra round 1'])
  expect(at([...turn(1), ...turn(2)], { tie: 'share' })[1]).toBe('Round 1 of 1')
})
