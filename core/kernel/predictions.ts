import * as z from 'zod'
import type { MatchState, Table } from '#core/contract/table'
import type { Tape } from '#core/kernel/tape'

/** Hands of one room at most, and questions kept of a match. */
export const MOST_HANDS = 99
export const MOST_ASKED = 500

/** What the room was asked, after so many entries, and how many hands went up for each answer. */
export const askedShape = z.strictObject({
  after: z.int().min(0).max(1e9),
  question: z.string().min(1).max(40),
  hands: z.array(z.int().min(0).max(MOST_HANDS)).min(2).max(6),
})
export type Asked = z.output<typeof askedShape>

/** A question as it is shown: what came is null until chance has spoken. */
export interface AskedRoom {
  readonly asks: string
  readonly choices: readonly string[]
  readonly hands: readonly number[]
  readonly came: number | null
}

/** A question that can be asked now. */
interface Question {
  readonly id: string
  readonly asks: string
  readonly choices: readonly string[]
}

/** What the room may be asked at a state of the match. */
export function questionsAt({ game }: Table, { rules, game: state, result }: MatchState): readonly Question[] {
  if (result) return []
  return (game.predictions ?? []).flatMap(({ id, asks, choices }) => {
    const answers = choices(rules, state)
    return answers ? [{ id, asks, choices: answers }] : []
  })
}

/** What was asked, with what came of it; null where the tape holds no such question (any more). */
export function askedOf(tape: Tape, { after, question, hands }: Asked): DecidedRoom | null {
  const { table, lines, state } = tape
  const prediction = table.game.predictions?.find(({ id }) => id === question)
  const at = lines[after]?.before ?? (after === lines.length ? state : undefined)
  const choices = at && prediction?.choices(at.rules, at.game)
  if (!prediction || !choices || choices.length !== hands.length) return null
  const room = { asks: prediction.asks, choices, hands }
  for (const { number, play, struck, verdict, before, after: then } of lines.slice(after)) {
    if (!play || struck || !verdict.stands) continue
    const came = prediction.came(before.rules, before.game, play, then.game, at.game)
    if (came !== null) return { ...room, came, decidedBy: number }
  }
  return { ...room, came: null, decidedBy: null }
}

/** The same with the number of the entry that decided it. */
type DecidedRoom = AskedRoom & { readonly decidedBy: number | null }

/** How often most hands were up for what came, of all questions decided; level hands are no guess. */
export function rightOf(tape: Tape, asked: readonly Asked[]): { readonly right: number; readonly of: number } {
  let [right, of] = [0, 0]
  for (const each of asked) {
    const told = askedOf(tape, each)
    if (!told || told.came === null) continue
    const most = Math.max(...told.hands)
    if (most === 0 || told.hands.filter((hands) => hands === most).length > 1) continue
    of++
    if (told.hands[told.came] === most) right++
  }
  return { right, of }
}

/** The question that the room is looking at: the newest, until somebody has played on from what decided it. */
export function askedNow(tape: Tape, asked: readonly Asked[]): AskedRoom | null {
  const newest = asked.at(-1)
  const told = newest && askedOf(tape, newest)
  if (!told) return null
  const { decidedBy, ...room } = told
  const played =
    decidedBy !== null &&
    tape.lines.slice(decidedBy).some(({ play, struck, verdict }) => play && !struck && verdict.stands)
  return played || (tape.state.result && decidedBy === null) ? null : room
}
