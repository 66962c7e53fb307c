import { itemAt } from '#core/basics/lists'
import { mixedSeed, randomFor } from '#core/basics/random'
import type { Game } from '#core/contract/game'
import type { BasePlay } from '#core/contract/plays'
import { awaits, takesTurns } from '#core/kernel/match'
import type { Tape } from '#core/kernel/tape'

/** How the members of a side follow each other: in their order, or drawn by lot, nobody twice before all have had one. */
export const MEMBER_ORDERS = ['turns', 'lot'] as const
export type MemberOrder = (typeof MEMBER_ORDERS)[number]

/** The member of a side who made a play, or gave that side's answer in it; null where none is named. */
export function memberIn(game: Pick<Game, 'answering'>, play: BasePlay, seat: number): number | null {
  const made = play.by === seat ? play : game.answering?.(play).find(({ by }) => by === seat)
  return made?.who ?? null
}

/** The members of a seat as they had their goes: a turn of several plays by one of them is one go. */
function goesOf({ table, lines }: Tape, seat: number): number[] {
  const goes: number[] = []
  let previous: number | undefined
  for (const { play, struck, verdict } of lines) {
    if (!play || struck || !verdict.stands) continue
    const member = memberIn(table.game, play, seat)
    if (member !== null && !(previous === seat && table.seats > 1 && goes.at(-1) === member)) goes.push(member)
    previous = play.by
  }
  return goes
}

/** The member who is in the middle of a turn, where the seat's last play left it on turn; null where nobody is. */
function inTurn({ table, lines, state }: Tape, seat: number): number | null {
  if (table.seats < 2 || !takesTurns(table, state)) return null
  const newest = lines.findLast(({ play, struck, verdict }) => play && !struck && verdict.stands)
  const goesOn = newest?.play?.by === seat && awaits(table, state)?.seats.includes(seat)
  return goesOn ? memberIn(table.game, newest.play, seat) : null
}

/** Members in the order in which they are drawn, of those who had no go yet in this draw. */
function leftInDraw(goes: readonly number[], seat: number, members: number, lot: string): number[] {
  let had = new Set<number>()
  let draws = 0
  for (const member of goes) {
    had.add(member)
    if (had.size < members) continue
    had = new Set()
    draws++
  }
  const all = Array.from({ length: members }, (_, i) => i + 1)
  const left = randomFor(mixedSeed(lot), 'members', seat, draws)
    .shuffled(all)
    .filter((member) => !had.has(member))
  // Whoever had the last go of a draw is not the first of the next one.
  const again = left.length > 1 && left[0] === goes.at(-1)
  return again ? [...left.slice(1), itemAt(left, 0)] : left
}

/**
 * The member (from 1) of a side of `members` who is next at `seat`: whoever is in the middle of a turn; else by
 * `order`. The same tape and `lot` (any text, such as the match's id) give the same member.
 */
export function nextMember(tape: Tape, seat: number, members: number, order: MemberOrder, lot: string): number {
  const playing = inTurn(tape, seat)
  if (playing !== null) return playing
  const goes = goesOf(tape, seat)
  return order === 'turns' ? ((goes.at(-1) ?? 0) % members) + 1 : itemAt(leftInDraw(goes, seat, members, lot), 0)
}

/** A seat as it was set up: where it is a side, its members, how they follow each other, and whom the referee called. */
export interface SeatedSide {
  readonly members?: readonly string[] | null
  readonly memberOrder?: MemberOrder
  readonly called?: { readonly who: number; readonly played: number } | null
}

/** Whose go it is at a seat: whom the referee called for this play, else who is next; null for a seat of one. */
export function memberAt(tape: Tape, seat: number, side: SeatedSide | undefined, lot: string): number | null {
  if (!side?.members?.length) return null
  if (side.called?.played === tape.state.played) return side.called.who
  return nextMember(tape, seat, side.members.length, side.memberOrder ?? 'turns', lot)
}

/** Whose go it is instead of `member`'s, where the referee calls somebody else: the next by the same order. */
export function otherMember(tape: Tape, seat: number, side: SeatedSide, lot: string, member: number): number {
  const members = side.members?.length ?? 1
  if (side.memberOrder !== 'lot') return (member % members) + 1
  const left = leftInDraw(goesOf(tape, seat), seat, members, lot)
  const other = left[(left.indexOf(member) + 1) % left.length]
  // The last of a draw gives way to anybody.
  return other === undefined || other === member ? (member % members) + 1 : other
}

/** A play with the member of each side who made it or answered in it; who is named already stays. */
export function withMembers<P extends BasePlay>(play: P, memberAt: (seat: number) => number | null): P {
  const named = <T extends { readonly by?: number; readonly who?: number }>(part: T): T => {
    const member = part.by === undefined || part.who !== undefined ? null : memberAt(part.by)
    return member === null ? part : { ...part, who: member }
  }
  const answers = (play as { readonly answers?: unknown }).answers
  return named(Array.isArray(answers) ? { ...play, answers: answers.map(named) } : play)
}
