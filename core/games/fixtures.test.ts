import { drawBoard } from '#core/board/board'
import { makeAnswer } from '#core/format/answer'
import { makeMatchFile, readMatch } from '#core/format/matchFile'
import { GAMES } from '#core/games/index'
import { addEntry, type Tape } from '#core/kernel/tape'
import { FIXTURES } from '../../tests/games/index'
import { withFixtures } from '../../tests/games/withFixtures'
import { fileOf, inShort, judged, type FileParts } from '../../tests/unit/judging'

function opened(parts: FileParts): Tape {
  const match = readMatch(fileOf(parts))
  if (!match.ok) throw new Error(JSON.stringify(match.problems))
  return match.tape
}

test.each(GAMES)('$id has a fixture', ({ id }) => expect(Object.keys(FIXTURES)).toContain(id))
test('no fixture is left over, and they stand in the order of the register', () => {
  expect(Object.keys(FIXTURES)).toEqual(GAMES.map(({ id }) => id).filter((id) => id in FIXTURES))
})

describe.each(withFixtures())('%s', (id, game, fixture) => {
  const { open, live, match, slips, sentences, understood, notUnderstood, board, reopening } = fixture

  test('a whole match in notation, verdict by verdict', () => {
    let tape = opened(match.parts)
    const told = match.lines.map(([text]) => {
      const { state } = tape
      const read = game.readPlay(text, state.rules, state.game)
      if (!read.ok) throw new Error(`“${text}” is ${read.why}`)
      tape = addEntry(tape, { play: read.play })
      return [text, tape.lines.at(-1)!.verdict.reason?.code ?? 'ok', game.standing(tape.state.rules, tape.state.game)]
    })
    expect(told).toEqual(match.lines)
    expect(tape.state.result).toEqual(match.result)
    // The file that is written of it is judged to the same.
    const again = makeAnswer(readMatch(JSON.parse(JSON.stringify(makeMatchFile(tape, match.parts.houseRules ?? {})))))
    expect(again).toMatchObject({ accepted: true, result: match.result })
    expect(again.accepted && again.standing.map(({ score }) => score)).toEqual(match.lines.at(-1)![2])
  })

  test.each(Object.entries(slips))('is refused: %s', (code, { after = [], ...parts }) => {
    const verdicts = inShort(judged({ ...parts }))
    expect(verdicts.at(-1)).toBe(code)
    // What came before it stands: the slip is about what it says.
    expect(verdicts.slice(0, -1).filter((verdict) => verdict !== 'ok')).toEqual(after)
  })

  test('every reason that the game has a sentence for is reached', () => {
    expect(Object.keys(game.wording.reasons).filter((code) => !(code in slips))).toEqual([])
  })

  test.each(sentences)('sentence %#', (parts, sentence) =>
    expect(judged({ ...parts }).verdicts.at(-1)!.says).toBe(sentence),
  )

  test.each(understood.map(([text, play, parts]) => [text, play, parts ?? open] as const))(
    '“%s” is understood',
    (text, play, parts) => {
      const { state } = opened(parts)
      expect(game.readPlay(text, state.rules, state.game)).toEqual({ ok: true, play })
    },
  )

  test.each(notUnderstood.map(([text, parts]) => [text, parts ?? open] as const))(
    '“%s” is not understood',
    (text, parts) => {
      const { state } = opened(parts)
      expect(game.readPlay(text, state.rules, state.game)).toMatchObject({ ok: false, why: 'not-understood' })
    },
  )

  test('the match in the middle goes on, and its board holds nothing that it must not', () => {
    const tape = opened(live)
    expect(tape.state.result).toBeNull()
    expect(tape.lines.length).toBeGreaterThan(0)
    const picture = JSON.stringify(
      drawBoard(
        tape,
        tape.table.players.map((name) => ({ name, pennant: 1 })),
      ),
    )
    for (const hidden of board.hides ?? []) if (typeof hidden === 'string') expect(picture).not.toContain(hidden)
  })

  if (reopening)
    test('an opening can be put right: judged again like a setup, the newest not taken back counts', () => {
      const { opening, bad } = reopening
      const tape = [{ amend: 0, opening: bad }, { amend: 0, opening }, { strike: 2 }, { strike: 3 }].reduce(
        addEntry,
        opened(open),
      )
      expect(tape.lines.map(({ verdict }) => verdict.reason?.code ?? 'ok')).toEqual(['bad-opening', 'ok', 'ok', 'ok'])
      const as = (given: unknown) => opened({ ...open, opening: given }).state.game
      expect(tape.opened.game).toEqual(as(opening))
      expect(addEntry(tape, { strike: 2 }).opened.game).toEqual(as(open.opening))
      expect(addEntry(tape, { amend: 2, play: {} }).lines.at(-1)!.verdict.reason?.code).toBe('not-a-play')
    })
  else
    test('without an opening there is none to put right', () => {
      const tape = addEntry(opened(open), { amend: 0, opening: { layouts: [] } })
      expect(tape.lines.at(-1)!.verdict.reason?.code).toBe('bad-opening')
    })
})
