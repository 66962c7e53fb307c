import { keptBack } from '#core/kernel/keptBack'
import { readMatch } from '#core/format/matchFile'
import { fileOf, play } from '../../tests/unit/judging'

const kept = (parts: Parameters<typeof fileOf>[0]) => {
  const read = readMatch(fileOf(parts))
  if (!read.ok) throw new Error('refused')
  return [...keptBack(read.tape)]
}
const roll = (by: number, dice: number[], keep?: number[]) => play({ do: 'roll', by, dice, ...(keep ? { keep } : {}) })

test.each([
  ['before anything', [], []],
  ['dice that lie there', [roll(1, [6, 4, 5, 1, 1])], [1]],
  ['rolled on', [roll(1, [1, 1, 1, 1, 1]), roll(1, [2, 2, 2, 2], [1])], [1, 2]],
  ['stopped', [roll(1, [6, 4, 5, 1, 1]), play({ do: 'stop', by: 1, said: 17 })], []],
  [
    'the next one rolls',
    [roll(1, [6, 4, 5, 1, 1]), play({ do: 'stop', by: 1, said: 17 }), roll(2, [1, 1, 1, 1, 2])],
    [3],
  ],
  ['taken back', [roll(1, [6, 4, 5, 1, 1]), { strike: 1 }], []],
] as const)('%s', (_what, entries, numbers) => {
  expect(kept({ entries: [...entries] }).sort()).toEqual([...numbers])
})

test('a game whose plays are asked at once keeps nothing back, nor does one that asks nothing', () => {
  expect(kept({ game: 'top-total', entries: [play({ do: 'roll', by: 1, dice: [6, 5] })] })).toEqual([])
  expect(kept({ game: 'call-row', entries: [play({ do: 'deal', card: 4 })] })).toEqual([])
})
