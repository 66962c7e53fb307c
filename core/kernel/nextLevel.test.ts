import { readMatch } from '#core/format/matchFile'
import { nextLevel } from '#core/kernel/nextLevel'
import { sayNextLevel } from '#core/wording/nextLevel'
import { fileOf, play, type FileParts } from '../../tests/unit/judging'

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
const brim = (
  right: number,
  wrong: number,
  houseRules: { dice?: number; limit?: number; rolls?: number; sides?: number } = {},
) =>
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
  expect(nextLevel(tape)).toMatchObject({ preset: { id: preset }, way, answers: 10, explained: 0, right, of: 10 })
})

test.each([
  ['neither very right nor very wrong', brim(8, 2)],
  ['too few answers and plays', brim(3, 0)],
  ['at the top of the ladder', brim(10, 0, { sides: 10, limit: 40 })],
  ['at its bottom', brim(2, 8, { dice: 3, limit: 12, rolls: 3 })],
] as const)('%s: nothing', (_what, tape) => {
  expect(nextLevel(tape)).toBeNull()
})

test('answers that make no number fact count, right and wrong', () => {
  // The first total is the spin itself: no sum of two numbers.
  const first = (by: number, said: number) => play({ do: 'spin', by, value: 7, said })
  const tape = tapeOf({
    game: 'ten-turn-haul',
    players: ['Ines'],
    houseRules: { turns: 20 },
    entries: [first(1, 8), ...[14, 21, 28, 35, 42, 49, 56, 63, 70, 77].map((said) => first(1, said))],
  })
  expect(nextLevel(tape)).toMatchObject({ right: 10, of: 11, answers: 11, explained: 0 })
})

test('plays that nobody answered or explained count for nothing, however many stand', () => {
  const roll = play({ do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] })
  const silent = Array.from({ length: 12 }, () => [roll, play({ do: 'stop', by: 1 })]).flat()
  expect(nextLevel(tapeOf({ game: 'brim', players: ['Ines'], houseRules: { rounds: 50 }, entries: silent }))).toBeNull()
})

test('what was explained without an answer counts, passing on it does not, and the sentence says what was counted', () => {
  const roll = (by: number, explained: boolean, how?: string) =>
    play({ do: 'roll', by, dice: [6, 5], ...(explained ? { explained, ...(how ? { how } : {}) } : {}) })
  const entries = Array.from({ length: 10 }, (_, i) => roll((i % 2) + 1, true, i < 2 ? 'passed' : undefined))
  const tape = tapeOf({
    game: 'top-total',
    players: ['Ines', 'Bao'],
    houseRules: { rounds: 20, dice: 2, answers: 'off' },
    entries,
  })
  const next = nextLevel(tape)
  expect(next).toMatchObject({ way: 'harder', right: 8, of: 8, answers: 0, explained: 8 })
  expect(sayNextLevel(next!)).toBe(
    `8 of 8 plays that were explained stood: “${next!.preset.label}” would be the next step.`,
  )
})
