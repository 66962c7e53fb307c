import { drawBoard, type BoardPicture } from '#core/board/board'
import { gameById } from '#core/games/index'
import { selfPlay } from '#core/kernel/selfPlay'
import { foldTape } from '#core/kernel/tape'
import { readMatch } from '#core/format/matchFile'
import { FIXTURES } from '../../tests/games/index'
import { fileOf, play, type FileParts } from '../../tests/unit/judging'

function board(parts: FileParts, veiled = false): BoardPicture {
  const read = readMatch(fileOf(parts))
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return drawBoard(
    read.tape,
    read.tape.table.players.map((name, i) => ({ name, pennant: i + 1 })),
    '',
    veiled,
  )
}
const roll = play({ do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] })

test('shows the newest play that stands, as it was seen; slips, struck plays and remarks stay on the desk', () => {
  const newest = (entries: unknown[]) => board({ entries }).newest?.says
  expect(newest([])).toBeUndefined()
  expect(newest([roll])).toBe('Ines rolls 6 5 4 3 1')
  expect(newest([roll, play({ do: 'stop', by: 2 }), { call: 'note', why: 'Bao cried' }])).toBe('Ines rolls 6 5 4 3 1')
  expect(newest([roll, play({ do: 'stop', by: 1 }), { strike: 2 }])).toBe('Ines rolls 6 5 4 3 1')
})

test('says what came of a play, without slips, and nothing of what only the referee saw', () => {
  const came = (entries: unknown[], parts: FileParts = {}, veiled = false) =>
    board({ ...parts, entries }, veiled).newest?.came
  const stop = (said: number) => play({ do: 'stop', by: 1, said })
  expect(came([roll, stop(19)])).toBe('Ines banks 19 and has 19.')
  expect(came([roll, stop(18)])).toBe('Ines banks 19 and has 19.')
  expect(came([play({ do: 'roll', by: 1, dice: [6, 6, 6, 4, 1] }), stop(23)])).toContain('3 over')
  const roof = { game: 'roof-tiles', houseRules: { rows: 1 }, opening: { layouts: [[[4]], [[5]]] } }
  const done = [play({ do: 'done', by: 1 })]
  expect([came(done, roof) === '', came(done, roof, true)]).toEqual([false, ''])
})

test('of cards that lie face down again nothing came', () => {
  const game = gameById('turn-two')!
  const { table, start, lines } = selfPlay({ game, players: ['Ines', 'Bao'], key: 'board', source: 'dealt', most: 30 })
  const missed = lines.filter(({ verdict }) => verdict.notes.some(({ code }) => code === 'missed'))
  expect(missed.length).toBeGreaterThan(2)
  for (const { number } of missed) {
    const raws = lines.slice(0, number).map(({ raw }) => raw)
    const seats = table.players.map((name, i) => ({ name, pennant: i + 1 }))
    expect(drawBoard(foldTape(table, start, raws), seats).newest?.came).toBe('')
  }
})

test('knows the standing, whose turn, the round, and how it ended', () => {
  const live = board({ entries: [roll, play({ do: 'stop', by: 1 })], houseRules: { minutes: 5 } })
  expect(live).toMatchObject({
    game: 'brim',
    last: 2,
    standing: [19, 0],
    turn: [2],
    round: 'Round 1 of 5',
    goal: null,
    best: 'most',
    minutes: 5,
    timeCalled: false,
    result: null,
  })
  expect(board({ entries: [roll, { call: 'time' }] }).timeCalled).toBe(true)
  expect(board({ entries: [roll, { call: 'finish' }] }).result).toMatchObject({
    winners: [1, 2],
    says: 'Ines and Tomasz share the win: most points. The referee ended the match; the standing decides.',
  })
})

test('bars grow toward the goal where there is one; fewest best is said; side by side it is nobody’s turn', () => {
  expect(board({ game: 'perch-and-push', houseRules: { goal: 7 } })).toMatchObject({ goal: 7, turn: [1], round: '' })
  expect(board({ game: 'roof-tiles', houseRules: { rows: 1 }, opening: { layouts: [[[4]], [[5]]] } })).toMatchObject({
    best: 'fewest',
    turn: [],
    standing: [4, 5],
  })
})

test('of hidden hands it holds sizes only', () => {
  const picture = board({ game: 'ask-for-rest', source: 'dealt', seed: 'gull', entries: [play({ do: 'draw', by: 1 })] })
  expect(picture.view).toEqual({ seats: 2, turn: 1, owed: null, hands: [5, 5], stock: 26, piles: [[], []], out: [] })
})

test('a wild turned hides no total that was said before it', () => {
  const flip = (by: number, card: unknown, said?: number) => ({
    play: { do: 'flip', by, card, ...(said === undefined ? {} : { said }) },
  })
  const boardAfter = (entries: unknown[]) => {
    const read = readMatch({
      format: 'nimble-tally/match',
      version: 1,
      game: 'ebb-and-flow',
      players: ['Ines', 'Bao'],
      houseRules: { wilds: 4 },
      entries,
    })
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    return drawBoard(
      read.tape,
      ['Ines', 'Bao'].map((name) => ({ name, pennant: 1 })),
    )
  }
  expect(boardAfter([flip(1, 4, 4)]).secret).toBe(false)
  expect(boardAfter([flip(1, 4, 4), flip(2, 'wild')]).secret).toBe(false)
})

test('on their own the board keeps what is still to be said, whatever the table makes of answers, and a score to be worked out', () => {
  const unasked = { houseRules: { answers: 'off' } }
  expect(board({ ...unasked, entries: [roll] }).secret).toBe(false)
  expect(board({ ...unasked, entries: [roll] }, true).secret).toBe(true)
  expect(board({ ...unasked, entries: [roll, play({ do: 'stop', by: 1, said: 19 })] }, true).secret).toBe(false)
  const { open } = FIXTURES['roof-tiles']
  expect([board(open).keepsScore, board(open, true).keepsScore, board({ entries: [roll] }, true).keepsScore]).toEqual([
    false,
    true,
    false,
  ])
  expect(board({ ...open, entries: [{ call: 'finish' }] }, true).keepsScore).toBe(false)
})
