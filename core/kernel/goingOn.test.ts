import { readMatch } from '#core/format/matchFile'
import { waysOn } from '#core/kernel/goingOn'
import { withFixtures } from '../../tests/games/withFixtures'
import { fileOf, type FileParts } from '../../tests/unit/judging'

const ways = (parts: FileParts) => {
  const read = readMatch(fileOf(parts))
  return read.ok ? waysOn(read.tape.table, read.tape.state).map(({ houseRules }) => houseRules) : []
}
const roll = (by: number, dice: number[]) => ({ play: { do: 'roll', by, dice } })
const LEVEL = [roll(1, [6, 5]), roll(2, [5, 6])]
const game = 'top-total'

test.each([
  ['still in play', { game, entries: [LEVEL[0]] }, []],
  ['won', { game, houseRules: { rounds: 1 }, entries: [LEVEL[0], roll(2, [1, 1])] }, [{ rounds: 2 }]],
  ['level', { game, houseRules: { rounds: 1 }, entries: LEVEL }, [{ rounds: 2 }, { tie: 'extra-round' }]],
  ['ended by the referee', { game, houseRules: { rounds: 1 }, entries: [LEVEL[0], { call: 'finish' }] }, []],
])('%s', (_what, parts, found) => expect(ways(parts)).toEqual(found))

test.each(withFixtures())('%s: no way on while it is played', (_id, _game, { live }) => expect(ways(live)).toEqual([]))
