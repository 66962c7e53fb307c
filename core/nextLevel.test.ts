import { readMatch } from '#core/format/matchFile'
import { nextLevel } from '#core/nextLevel'
import { sayNextLevel } from '#core/wording/nextLevel'
import { fileOf, play, type FileParts } from '../tests/unit/judging'

function tapeOf(parts: FileParts) {
  const read = readMatch(fileOf(parts))
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return read.tape
}

/** Turns of Brim in which so many say the sum right, the others one too many. */
const turns = (right: number, wrong: number, dice = [6, 5, 4, 3, 1]) =>
  Array.from({ length: right + wrong }, (_, i) => [
    play({ do: 'roll', by: 1, dice }),
    play({ do: 'stop', by: 1, said: dice.reduce((a, b) => a + b, i < right ? 0 : 1), explained: true }),
  ]).flat()
const brim = (right: number, wrong: number, houseRules: { dice?: number; limit?: number; rolls?: number; sides?: number } = {}) =>
  tapeOf({
    game: 'brim',
    players: ['Ines'],
    houseRules: { rounds: 50, ...houseRules },
    entries: turns(right, wrong, houseRules.dice === 3 ? [5, 4, 1] : undefined),
  })

test.each([
  ['nine of ten right: one step up', brim(9, 1), 'bold', 'harder', 9],
  ['half of ten right: one step down', brim(5, 5), 'first-steps', 'easier', 5],
  ['the nearest preset counts', brim(10, 0, { dice: 3, limit: 12, rolls: 3 }), 'short', 'harder', 10],
] as const)('%s', (_what, tape, preset, way, right) => {
  expect(nextLevel(tape)).toMatchObject({ preset: { id: preset }, way, from: 'answers', right, of: 10 })
})

test.each([
  ['neither very right nor very wrong', brim(8, 2)],
  ['too few answers and plays', brim(3, 0)],
  ['at the top of the ladder', brim(10, 0, { sides: 10, limit: 40 })],
  ['at its bottom', brim(2, 8, { dice: 3, limit: 12, rolls: 3 })],
] as const)('%s: nothing', (_what, tape) => {
  expect(nextLevel(tape)).toBeNull()
})

test('where little is said, plays that did not stand count; those out of turn do not', () => {
  const roll = (dice: readonly number[]) => play({ do: 'roll', by: 1, dice })
  const slips = Array.from({ length: 6 }, () => roll([9, 9, 9, 9, 9]))
  const fine = [roll([6, 5, 4, 3, 1]), play({ do: 'stop', by: 1 })]
  const early = [play({ do: 'stop', by: 2 })]
  const tape = tapeOf({ game: 'brim', players: ['Ines'], entries: [...early, ...slips, ...fine] })
  expect(nextLevel(tape)).toMatchObject({ way: 'easier', from: 'plays', right: 2, of: 8 })
  expect(sayNextLevel(nextLevel(tape)!)).toBe('2 of 8 plays stood: “First steps” would be easier to go on with.')
})
