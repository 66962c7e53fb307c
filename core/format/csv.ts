import { localTime, makeSpreadsheet } from '#core/format/spreadsheet'
import { standing } from '#core/kernel/match'
import type { Line, Tape } from '#core/kernel/tape'
import { sayEntry, sayVerdict } from '#core/wording/index'
import { writeWorking } from '#core/contract/working'

/** What `writeCsv` needs beside the tape: when each entry was recorded (ISO 8601), by entry number - 1. */
type Times = readonly (string | undefined)[]

const COLUMNS = [
  'entry',
  'at',
  'kind',
  'player',
  'notation',
  'what',
  'stands',
  'reason',
  'overruled',
  'said',
  'how',
  'working',
  'verdict',
]

/** The tape as CSV with a heading: a row an entry, the standing after it in a column for each seat; times by a zone's clocks. */
export function writeCsv(tape: Tape, times: Times = [], zone = 'UTC'): string {
  const { table } = tape
  const scores = table.players.map((player, i) => `score ${i + 1} ${player}`)
  const rows = tape.lines.map((line) => ({
    entry: line.number,
    at: localTime(times[line.number - 1], zone),
    kind: line.entry.kind,
    player: line.play?.by === undefined ? '' : (table.players[line.play.by - 1] ?? ''),
    notation: notationOf(tape, line),
    what: sayEntry(table, line),
    stands: line.struck ? 'struck' : line.verdict.stands ? 'yes' : 'no',
    reason: line.verdict.reason?.code ?? '',
    overruled: line.entry.kind === 'play' && line.entry.overrule ? 'yes' : '',
    said: [line.play?.said ?? []].flat().join('; '),
    how: line.play?.how ?? '',
    working: line.verdict.working.map(writeWorking).join('; '),
    verdict: sayVerdict(table, line),
    ...Object.fromEntries(standing(table, line.after).map((score, i) => [scores[i]!, score])),
  }))
  return makeSpreadsheet(rows, { columns: [...COLUMNS, ...scores] })
}

/** The play in force at a line in its game's notation; empty for other entries. */
export function notationOf({ table }: Pick<Tape, 'table'>, line: Line): string {
  return line.play ? table.game.writePlay(line.play) : ''
}
