import { awaits, standing, type Result } from '#core/match'
import type { BasePlay } from '#core/plays'
import { sayRound } from '#core/round'
import type { Tape } from '#core/tape'
import { sayEntry, sayResult } from '#core/wording/index'
import type { Working } from '#core/working'

/** What a board shows of a match: nothing in it that the public at the table can't know. */
export interface BoardPicture {
  readonly game: string
  readonly title: string
  /** Entries recorded so far, so that an older picture can be told from a newer one. */
  readonly last: number
  readonly seats: readonly { readonly name: string; readonly pennant: number }[]
  readonly standing: readonly number[]
  readonly best: 'most' | 'fewest'
  readonly goal: number | null
  readonly turn: readonly number[]
  readonly round: string
  readonly rules: unknown
  readonly view: unknown
  readonly newest: { readonly by: number | null; readonly says: string; readonly working: readonly Working[] } | null
  readonly minutes: number | null
  readonly timeCalled: boolean
  readonly result: (Result & { readonly says: string }) | null
}

/** The picture of a match for its board. */
export function drawBoard(tape: Tape, seats: BoardPicture['seats']): BoardPicture {
  const { table, state } = tape
  const { game } = table
  const { rules, result } = state
  return {
    game: game.id,
    title: game.about.title,
    last: tape.lines.length,
    seats: seats.map(({ name, pennant }) => ({ name, pennant })),
    standing: standing(table, state),
    best: game.best ?? 'most',
    goal: game.goal?.(rules) ?? null,
    turn: game.about.turns ? (awaits(table, state)?.seats ?? []) : [],
    round: sayRound(table, state),
    rules,
    view: game.view(rules, state.game),
    newest: newestOf(tape),
    minutes: rules.minutes,
    timeCalled: state.timeCalled,
    result: result ? { ...result, says: sayResult(table, result) } : null,
  }
}

/** The newest play that stands, as the public saw it. Slips and the referee's remarks stay on the desk. */
function newestOf({ table, lines }: Tape): BoardPicture['newest'] {
  const line = lines.findLast(({ play, struck, verdict }) => play && !struck && verdict.stands)
  if (!line?.play) return null
  const play = (table.game.shown?.(line.before.rules, line.before.game, line.play) ?? line.play) as BasePlay
  return { by: play.by ?? null, says: sayEntry(table, { ...line, play }), working: line.verdict.working }
}
