import { makeAnswer } from '#core/format/answer'
import { makeMatchFile, readMatch } from '#core/format/matchFile'
import { gameById } from '#core/games/index'
import { addEntry, type Tape } from '#core/tape'
import { fileOf, type FileParts } from '../../tests/unit/judging'

/** One line of a match in notation, the verdict in short (`ok` or the reason), and everyone's score after it. */
type Told = readonly [text: string, verdict: string, scores: readonly number[]]

/** Plays lines of notation one after another, as a fast typist would, and tells verdicts and scores. */
function played(parts: FileParts, lines: readonly string[]): { told: Told[]; tape: Tape } {
  const match = readMatch(fileOf(parts))
  if (!match.ok) throw new Error(JSON.stringify(match.problems))
  let { tape } = match
  const told = lines.map((text): Told => {
    const { table, state } = tape
    const read = gameById(table.game.id)!.readPlay(text, state.rules, state.game)
    if (!read.ok) throw new Error(`“${text}” is ${read.why}`)
    tape = addEntry(tape, { play: read.play })
    return [text, tape.lines.at(-1)!.verdict.reason?.code ?? 'ok', table.game.standing(tape.state.rules, tape.state.game)]
  })
  return { told, tape }
}

/** Whole matches, from the first play to the winner, each with slips on the way. */
const MATCHES: readonly (readonly [string, FileParts, readonly Told[], object])[] = [
  [
    'Brim: two rounds, a spill and a wrong sum that must be right',
    { game: 'brim', houseRules: { rounds: 2, answers: 'must-be-right' } },
    [
      ['65431', 'ok', [0, 0]],
      ['s18', 'wrong-answer', [0, 0]],
      ['s19', 'ok', [19, 0]],
      ['66622', 'ok', [19, 0]],
      ['k66 r61', 'wrong-dice-count', [19, 0]],
      ['k66 r611', 'ok', [19, 0]],
      ['k6 r55', 'ok', [19, 0]],
      ['s28', 'ok', [19, 0]],
      ['11111', 'ok', [19, 0]],
      ['r66553', 'ok', [19, 0]],
      ['k6655 r4', 'ok', [19, 0]],
      ['r6', 'ok', [19, 0]],
      ['r1', 'no-rolls-left', [19, 0]],
      ['s28', 'ok', [19, 0]],
      ['55541', 'ok', [19, 0]],
      ['s20', 'ok', [19, 20]],
    ],
    { winners: [2], shared: false, why: 'most-points' },
  ],
  [
    'Ask for the Rest: one of each card, pairs spotted and asked for',
    { game: 'ask-for-rest', houseRules: { hand: 3, pack: { low: 1, high: 9, copies: 1 } } },
    [
      ['l37', 'ok', [1, 0]],
      ['4 y', 'ok', [2, 0]],
      ['4 n', 'cannot-hold-partner', [2, 0]],
      // Tomasz holds a 2; without a stock the turn passes at the refusal.
      ['8 n', 'ok', [2, 0]],
      ['8 y', 'cannot-hold-partner', [2, 0]],
      ['9 n', 'ok', [2, 0]],
      ['8 y', 'ok', [2, 1]],
      // Only the 1 and the 9 are left, and Ines has shown the 1.
      ['9 n', 'denied-known-card', [2, 1]],
      ['l19', 'not-in-hand', [2, 1]],
      ['2: l28', 'too-many-copies', [2, 1]],
      ['9 y', 'ok', [3, 1]],
    ],
    { winners: [1], shared: false, why: 'most-pairs' },
  ],
  [
    'Roof Tiles: side by side, one cleared, one given up',
    { game: 'roof-tiles', houseRules: { rows: 2, passes: 2 }, opening: { layouts: [[[4], [3, 7]], [[9], [5, 6]]] } },
    [
      ['1: 1.1', 'covered', [14, 20]],
      ['1: 2.1 2.2', 'ok', [4, 20]],
      ['2: 2.1 2.2', 'wrong-total', [4, 20]],
      ['2: t5', 'ok', [4, 20]],
      ['2: 2.1 t', 'ok', [4, 15]],
      ['2: 2.1', 'already-gone', [4, 15]],
      ['1: 1.1 t', 'nothing-turned', [4, 15]],
      ['1: t6', 'ok', [4, 15]],
      ['1: 1.1 t', 'ok', [0, 15]],
      ['1: t6', 'not-now', [0, 15]],
      ['2: done', 'ok', [0, 15]],
    ],
    { winners: [1], shared: false, why: 'least-left' },
  ],
  [
    'Perch & Push: sixes, a stack pushed off, goal three',
    { game: 'perch-and-push', houseRules: { combine: 'times', with: 6, pack: { low: 1, high: 10, copies: 4 }, goal: 3 } },
    [
      ['72 48', 'not-an-option', [0, 0]],
      ['72 42', 'ok', [0, 0]],
      ['11 6', 'ok', [0, 0]],
      ['73 42', 'ok', [0, 0]],
      ['p45', 'can-still-place', [0, 0]],
      ['74 42', 'ok', [0, 2]],
      ['15 6', 'ok', [1, 2]],
      ['1t 6', 'ok', [1, 3]],
    ],
    { winners: [2], shared: false, why: 'goal' },
  ],
  [
    'Hundred Stops: to 400, the round is finished',
    { game: 'hundred-stops', houseRules: { end: 400 } },
    [
      ['54 1 t9 h', 'ok', [0, 0]],
      ['54 1 h t1', 'tens-not-spent', [0, 0]],
      ['54 1 h t9 = 290', 'ok', [0, 1]],
      ['16 2 h h t7', 'ok', [1, 1]],
      ['11 1 t1 h t1', 'ok', [1, 3]],
    ],
    { winners: [2], shared: false, why: 'most-tokens' },
  ],
  [
    'Column Keeper: two columns of one, level, then one more round',
    { game: 'column-keeper', houseRules: { columns: 2, perColumn: 1, discards: 0, rounds: 1, tie: 'extra-round' } },
    [
      ['7t', 'ok', [0, 0]],
      ['7t', 'ok', [0, 0]],
      ['3t', 'column-full', [0, 0]],
      ['3o', 'ok', [0, 0]],
      ['3o', 'ok', [0, 0]],
      ['=73', 'ok', [0, 0]],
      ['=37', 'ok', [1, 1]],
      ['9t', 'ok', [1, 1]],
      ['2o', 'ok', [1, 1]],
      ['1o', 'ok', [1, 1]],
      ['8t', 'ok', [1, 1]],
      ['=91', 'ok', [1, 1]],
      ['=82', 'ok', [2, 1]],
    ],
    { winners: [1], shared: false, why: 'most-rounds' },
  ],
]

test.each(MATCHES)('%s', (_what, parts, lines, result) => {
  const { told, tape } = played(parts, lines.map(([text]) => text))
  expect(told).toEqual(lines)
  expect(tape.state.result).toEqual(result)
  // The file that is written of it is judged to the same.
  const again = makeAnswer(readMatch(JSON.parse(JSON.stringify(makeMatchFile(tape, parts.houseRules ?? {})))))
  expect(again).toMatchObject({ accepted: true, result })
  expect(again.accepted && again.standing.map(({ score }) => score)).toEqual(lines.at(-1)![2])
})
