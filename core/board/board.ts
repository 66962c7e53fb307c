import type { BasePlay } from '#core/contract/plays'
import { titleOf, type Best } from '#core/contract/game'
import { awaits, bestNow, standing, takesTurns } from '#core/kernel/match'
import { sayProgress } from '#core/kernel/progress'
import { memberAt, type SeatedSide } from '#core/kernel/members'
import type { Result } from '#core/contract/table'
import type { Tape } from '#core/kernel/tape'
import { isNoted } from '#core/contract/verdict'
import { sayCame, sayPlay, sayResult } from '#core/wording/index'
import type { Working } from '#core/contract/working'

/** Who sits there: where it is a side that is on turn, with the name of the member whose go it is. */
interface SeatPicture {
  readonly name: string
  readonly pennant: number
  readonly member: string | null
}

/** What a board shows of a match: nothing in it that the public at the table can't know. */
export interface BoardPicture {
  readonly game: string
  readonly title: string
  /** Entries recorded so far, so that an older picture can be told from a newer one. */
  readonly last: number
  readonly seats: readonly SeatPicture[]
  readonly standing: readonly number[]
  readonly best: Best
  readonly goal: number | null
  readonly turn: readonly number[]
  readonly round: string
  /** What the cards or dice come to is still to be said by a child: the board doesn't tell it unless it is told to. */
  readonly secret: boolean
  /** The children play on their own, and the score is theirs to work out. */
  readonly keepsScore: boolean
  readonly rules: unknown
  readonly view: unknown
  readonly newest: {
    readonly by: number | null
    readonly says: string
    /** What came of it, in words; empty while that is a child's to say. */
    readonly came: string
    readonly working: readonly Working[]
  } | null
  /** What is asked while a sum is secret. */
  readonly asks: string
  readonly minutes: number | null
  readonly timeCalled: boolean
  readonly result: (Result & { readonly says: string }) | null
}

/** The picture of a match for its board; `lot` is what members of a side are drawn by, `veiled` where children play on their own. */
export function drawBoard(
  tape: Tape,
  seats: readonly (SeatedSide & Pick<SeatPicture, 'name' | 'pennant'>)[],
  lot = '',
  veiled = false,
): BoardPicture {
  const { table, state } = tape
  const { game } = table
  const { rules, result } = state
  const waiting = awaits(table, state)?.seats ?? []
  const secret = isSecret(tape, veiled)
  return {
    game: game.id,
    title: titleOf(game.about, rules),
    last: tape.lines.length,
    seats: seats.map((seat, i) => ({
      name: seat.name,
      pennant: seat.pennant,
      member: waiting.includes(i + 1) ? memberNamed(tape, i + 1, seat, lot) : null,
    })),
    standing: standing(table, state),
    best: bestNow(table, state),
    goal: game.goal?.(rules) ?? null,
    turn: takesTurns(table, state) ? waiting : [],
    round: sayProgress(table, state),
    secret,
    keepsScore: veiled && game.about.finds.score === true && !result,
    rules,
    view: game.view(rules, state.game),
    newest: newestOf(tape, secret || (veiled && game.about.finds.score === true)),
    asks: game.about.finds.asks,
    minutes: rules.minutes,
    timeCalled: state.timeCalled,
    result: result ? { ...result, says: sayResult(table, result) } : null,
  }
}

/** The member of a side whose go it is; null where the seat is no side. */
function memberNamed(tape: Tape, seat: number, side: SeatedSide, lot: string): string | null {
  const member = memberAt(tape, seat, side, lot)
  return (member && side.members?.[member - 1]) || null
}

/** A spoken answer is asked for in this game, and the newest play that stands was none that asked for one. */
function isSecret({ table, lines, state }: Tape, veiled: boolean): boolean {
  if (!table.game.answerCalled?.(state.rules) || state.result) return false
  if (state.rules.answers === 'off' && !veiled) return false
  const newest = newestLine(lines)
  // What comes to nothing (a wild turned) hides nothing that was said before it.
  return newest !== undefined && !newest.answered && newest.verdict.working.length > 0
}

const newestLine = (lines: Tape['lines']) =>
  lines.findLast(({ play, struck, verdict }) => play && !struck && verdict.stands)

/** Whether something that the play names is shown otherwise than it was. */
const hasHidden = (shown: BasePlay, play: BasePlay) =>
  Object.entries(shown).some(
    ([field, value]) =>
      JSON.stringify(value) !== JSON.stringify((play as unknown as Readonly<Record<string, unknown>>)[field]),
  )

/**
 * The newest play that stands, as the public saw it. Slips and the referee's remarks stay on the desk, and a wrong
 * answer is nobody's business in the room.
 */
function newestOf({ table, lines }: Tape, keepsIt: boolean): BoardPicture['newest'] {
  const line = newestLine(lines)
  if (!line?.play) return null
  const play = table.game.shown?.(line.before.rules, line.before.game, line.play) ?? line.play
  const { said: _said, ...unsaid } = play
  const told = isNoted(line.verdict) ? unsaid : play
  return {
    by: play.by ?? null,
    says: sayPlay(table, told, line.before),
    // Cards that were seen and lie hidden again are told by no note either.
    came: keepsIt || hasHidden(play, line.play) ? '' : sayCame(table, line),
    working: line.verdict.working,
  }
}
