import Papa from 'papaparse'
import { standing } from '#core/kernel/match'
import type { Line, Tape } from '#core/kernel/tape'
import { sayEntry, sayVerdict } from '#core/wording/index'
import { writeWorking } from '#core/contract/working'

/** What `writeCsv` needs beside the tape: when each entry was recorded (ISO 8601), by entry number - 1. */
type Times = readonly (string | undefined)[]

/** The tape as CSV with a heading: a row an entry, the standing after it in a column for each seat. */
export function writeCsv(tape: Tape, times: Times = []): string {
  const { table } = tape
  const rows = tape.lines.map((line) => ({
    entry: line.number,
    at: times[line.number - 1] ?? '',
    kind: line.entry.kind,
    player: line.play?.by === undefined ? '' : (table.players[line.play.by - 1] ?? ''),
    notation: notationOf(tape, line),
    what: sayEntry(table, line),
    stands: line.struck ? 'struck' : line.verdict.stands ? 'yes' : 'no',
    reason: line.verdict.reason?.code ?? '',
    overruled: line.entry.kind === 'play' && line.entry.overrule ? 'yes' : '',
    said: line.play?.said ?? '',
    how: line.play?.how ?? '',
    working: line.verdict.working.map(writeWorking).join('; '),
    verdict: sayVerdict(table, line),
    ...Object.fromEntries(standing(table, line.after).map((score, i) => [`score ${i + 1} ${table.players[i]}`, score])),
  }))
  // A name that begins like a formula must stay a name in a spreadsheet.
  return `${Papa.unparse(rows, { escapeFormulae: true })}\r\n`
}

/** The play in force at a line in its game's notation; empty for other entries. */
export function notationOf({ table }: Pick<Tape, 'table'>, line: Line): string {
  return line.play ? table.game.writePlay(line.play) : ''
}
