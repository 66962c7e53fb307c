import { readMatch } from '#core/format/matchFile'
import { twoMinutesMore, waysOn } from '#core/kernel/goingOn'
import { addEntry } from '#core/kernel/tape'
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

const TIME = { call: 'time', why: 'the clock ran out' }
test.each([
  ['still in play', { game, entries: [LEVEL[0]!] }, 0, null],
  ['the round in progress is being finished', { game, entries: [LEVEL[0]!, TIME] }, 0, null],
  ['time', { game, houseRules: { minutes: 5 }, entries: [...LEVEL, TIME] }, 299_000, 7],
  ['time, called by the room', { game, entries: [...LEVEL, TIME] }, 61_000, 4],
  ['ended by the referee', { game, entries: [LEVEL[0]!, { call: 'finish' }] }, 0, null],
  [
    'by the rules, in the last round',
    { game, houseRules: { rounds: 1 }, entries: [LEVEL[0]!, TIME, LEVEL[1]!] },
    0,
    null,
  ],
  ['no clock is that long', { game, houseRules: { minutes: 89 }, entries: [...LEVEL, TIME] }, 0, null],
])('two minutes more, %s: %#', (_what, parts, used, minutes) => {
  const read = readMatch(fileOf(parts))
  if (!read.ok) throw new Error('a file that is in order')
  const entries = twoMinutesMore(read.tape, used)
  expect(entries && entries.at(-1)).toEqual(minutes && { ruling: { houseRules: { minutes } } })
  if (entries) expect(entries.reduce(addEntry, read.tape).state).toMatchObject({ result: null, timeCalled: false })
})

test.each(withFixtures())('%s: no way on while it is played', (_id, _game, { live }) => expect(ways(live)).toEqual([]))
