import Papa from 'papaparse'
import { readArchived, readArchiveFrame } from '#core/format/archive'
import { writeCsv } from '#core/format/csv'
import { readMatch } from '#core/format/matchFile'
import { atOnce } from '#core/kernel/tape'
import { writePlainTape } from '#core/format/plainTape'
import { fileOf, play, type FileParts } from '../../tests/unit/judging'

const ENTRIES = [
  play({ do: 'roll', by: 1, dice: [6, 5, 4, 3, 1] }),
  play({ do: 'stop', by: 2 }),
  play({ do: 'stop', by: 1, said: 18, explained: true, how: 'made-ten' }),
  { amend: 3, play: { do: 'stop', by: 1, said: 19 } },
  { call: 'note', why: 'a gull, "loud"' },
  { strike: 5 },
]
function tapeOf(parts: FileParts) {
  const read = readMatch(fileOf(parts))
  if (!read.ok) throw new Error('refused')
  return read.tape
}

describe('CSV', () => {
  const rows = (parts: FileParts) =>
    Papa.parse<Record<string, string>>(writeCsv(tapeOf(parts), ['2026-11-21T10:00:00Z']).trim(), { header: true }).data
  test('a row an entry, with what stands there after all corrections', () => {
    const found = rows({ entries: ENTRIES })
    expect(found).toHaveLength(6)
    expect(found[0]).toMatchObject({
      entry: '1',
      at: '2026-11-21 10:00:00',
      kind: 'play',
      player: 'Ines',
      notation: '1: roll 6 5 4 3 1',
      stands: 'yes',
      working: '6 + 5 + 4 + 3 + 1 = 19',
      'score 1 Ines': '0',
    })
    expect(found[1]).toMatchObject({ stands: 'no', reason: 'not-their-turn' })
    expect(found[2]).toMatchObject({ said: '19', how: '', 'score 1 Ines': '19' })
    expect(found[4]).toMatchObject({ kind: 'call', stands: 'struck', what: 'Note: a gull, "loud"' })
  })
  test('a name that begins like a formula stays a name', () => {
    expect(rows({ players: ['=1+1', '@gull'], entries: ENTRIES.slice(0, 1) })[0]!.player).toBe('\u2060=1+1')
  })
})

test('the plain tape marks what doesn’t stand, what is struck, what is amended', () => {
  expect(writePlainTape(tapeOf({ entries: ENTRIES })).split('\n')).toEqual([
    'Brim: 1 Ines, 2 Tomasz; Ines begins',
    '   1   1: roll 6 5 4 3 1                 6 + 5 + 4 + 3 + 1 = 19',
    '   2 x 2: stop                           It is not Tomasz’s turn. Ines is next: roll or stop.',
    '   3 * 1: stop 19                        6 + 5 + 4 + 3 + 1 = 19',
    '   4   Entry 3 was put right',
    '   5 ~ Note: a gull, "loud"',
    '   6   Entry 5 taken back',
    'Standing: Ines 19, Tomasz 0',
    '',
  ])
  expect(writePlainTape(tapeOf({ entries: [...ENTRIES, { call: 'finish' }] }))).toContain('Ines wins: most points.')
})

describe('an archive', () => {
  const at = '2026-11-21T10:00:00.000Z'
  const match = (changes: object = {}) => ({
    id: 'one',
    createdAt: at,
    updatedAt: at,
    used: 0,
    seats: [
      { pennant: 1, personId: 'p1' },
      { pennant: 2, personId: null },
    ],
    recorded: ENTRIES.map((_, i) => ({ id: `e${i}`, at })),
    match: fileOf({ entries: ENTRIES }),
    ...changes,
  })
  const archive = (changes: object = {}) =>
    JSON.stringify({
      format: 'nimble-tally/archive',
      version: 1,
      madeAt: at,
      people: [{ id: 'p1', name: 'Ines', pennant: 1 }],
      matches: [match()],
      ...changes,
    })

  const read = (text: string) => {
    const { matches = [], ...rest } = JSON.parse(text) as { matches?: unknown[] }
    const frame = readArchiveFrame(Array.isArray(JSON.parse(text)) ? [] : rest)
    return frame.ok ? matches.map((match, i) => atOnce(readArchived(match, i))) : [frame]
  }
  const problemsIn = (text: string) =>
    read(text).flatMap((found) => (found.ok ? [] : found.problems.map(({ path, code }) => [path, code])))

  test('is read with every match judged', () => {
    expect(read(archive()).map((found) => found.ok && 'match' in found && found.match.tape.lines.length)).toEqual([6])
    expect(problemsIn(archive())).toEqual([])
  })
  test('a broken match keeps no other one out', () => {
    const two = archive({ matches: [match({ id: 'broken', match: 5 }), match()] })
    expect(read(two).map(({ ok }) => ok)).toEqual([false, true])
  })
  test.each([
    ['[]', '', 'bad-archive'],
    [archive({ format: 'other' }), 'format', 'bad-archive'],
    [archive({ madeAt: 'yesterday' }), 'madeAt', 'bad-archive'],
    [archive({ people: [{ id: 'p1', name: '', pennant: 1 }] }), 'people.0.name', 'bad-archive'],
    [
      archive({
        people: [
          { id: 'p1', name: 'A', pennant: 1 },
          { id: 'p1', name: 'B', pennant: 2 },
        ],
      }),
      'people',
      'bad-archive',
    ],
    [archive({ matches: [match({ seats: [] })] }), 'matches.0.seats', 'bad-archive'],
    [archive({ matches: [match({ recorded: [] })] }), 'matches.0.recorded', 'bad-archive'],
    [archive({ matches: [match({ match: fileOf({ game: 'nope' }) })] }), 'matches.0.match.game', 'unknown-game'],
    [
      archive({ matches: [match(), match({ match: fileOf({ houseRules: { dice: 99 } }) })] }),
      'matches.1.match.houseRules.dice',
      'bad-house-rule',
    ],
  ])('%# says where it is broken: %s', (text, path, code) => {
    expect(problemsIn(text)).toContainEqual([path, code])
  })
})
