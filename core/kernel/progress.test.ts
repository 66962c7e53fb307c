import { readMatch } from '#core/format/matchFile'
import { progressNow, sayProgress } from '#core/kernel/progress'
import { fileOf, play } from '../../tests/unit/judging'

test('the round in progress, and those beyond the agreed ones', () => {
  const turn = (by: number) => [play({ do: 'roll', by, dice: [1, 1, 1, 1, 1] }), play({ do: 'stop', by })]
  const at = (entries: unknown[], houseRules: Record<string, unknown> = {}) => {
    const read = readMatch(fileOf({ entries, houseRules: { rounds: 1, tie: 'extra-round', ...houseRules } }))
    if (!read.ok) throw new Error('refused')
    return [progressNow(read.tape.table, read.tape.state), sayProgress(read.tape.table, read.tape.state)]
  }
  expect(at([])).toEqual([{ unit: 'round', at: 1, of: 1, extra: 0 }, 'Round 1 of 1'])
  expect(at([...turn(1), ...turn(2)])).toEqual([{ unit: 'round', at: 2, of: 1, extra: 1 }, 'Extra round 1'])
  expect(at([...turn(1), ...turn(2)], { tie: 'share' })[1]).toBe('Round 1 of 1')
})

test('where no rounds were agreed none are counted aloud', () => {
  const read = readMatch(
    fileOf({ game: 'perch-and-push', entries: [play({ do: 'place', by: 1, cards: [3, 7], on: 13 })] }),
  )
  expect(
    read.ok && [progressNow(read.tape.table, read.tape.state), sayProgress(read.tape.table, read.tape.state)],
  ).toEqual([null, ''])
})
