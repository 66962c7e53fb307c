import { titleOf } from '#core/contract/game'
import { notationOf } from '#core/format/csv'
import { standing } from '#core/kernel/match'
import type { Line, Tape } from '#core/kernel/tape'
import { sayEntry, sayReason, sayResult, speaking } from '#core/wording/index'
import { writeWorking } from '#core/contract/working'

/**
 * The tape as plain text in notation, a line an entry: number, a mark (`x` doesn't stand, `~` struck, `*` amended),
 * the play, then the arithmetic or why not.
 */
export function writePlainTape(tape: Tape): string {
  const { table, state } = tape
  const seats = table.players.map((name, i) => `${i + 1} ${name}`).join(', ')
  const lines = tape.lines.map((line) => {
    const what = notationOf(tape, line) || sayEntry(table, line)
    const beside = besideOf(tape, line)
    return `${String(line.number).padStart(4)} ${markOf(line)} ${beside ? `${what.padEnd(32)}  ${beside}` : what}`
  })
  const scores = standing(table, state)
    .map((score, i) => `${table.players[i]} ${score}`)
    .join(', ')
  const end = state.result ? [sayResult(table, state.result)] : []
  return [
    `${titleOf(table.game.about, tape.start.rules)}: ${seats}; ${table.players[table.first - 1]} begins`,
    ...lines,
    `Standing: ${scores}`,
    ...end,
    '',
  ].join('\n')
}

function markOf(line: Line): string {
  return line.struck ? '~' : !line.verdict.stands ? 'x' : line.amendedBy !== null ? '*' : ' '
}

function besideOf({ table }: Tape, { verdict, before, entry, play }: Line): string {
  if (verdict.reason) return sayReason(table.game, verdict.reason, speaking(table, before.rules))
  const overruled = play && entry.kind === 'play' && entry.overrule ? ['let stand by the referee'] : []
  return [...verdict.working.map(writeWorking), ...overruled].join('; ')
}
