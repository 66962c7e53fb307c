import * as z from 'zod'
import type { NoteOf } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import { combined, refuseFaces } from '#core/kit/dice'
import type { Awaits, End, Timing, Seating } from '#core/contract/game'
import type { CoverCodes } from '#core/games/covered-part/codes'
import { playShape, whole, type Explained } from '#core/contract/plays'
import { everySeat, ofSeat, seatAfter, withSeat } from '#core/kit/seats'
import { awarded, leadOf, openTurns, passTurn, type Turns } from '#core/kit/turns'
import { refuse, type GameVerdict } from '#core/contract/verdict'

export const houseRules = z.object({
  combine: z
    .enum(['add', 'times'])
    .default('add')
    .meta({ label: 'Work out', hint: 'How both parts make the total.', choices: { add: 'Add', times: 'Times' } }),
  pieces: z
    .enum(['dice', 'dominoes'])
    .default('dice')
    .meta({ label: 'Pieces', hint: 'Two dice, or a domino.', choices: { dice: 'Two dice', dominoes: 'Dominoes' } }),
  sides: z
    .int()
    .min(2)
    .max(20)
    .default(6)
    .meta({ label: 'Up to', hint: 'Faces on each die from 1 up; pips on each half of a domino from 0 up.' }),
  rounds: z
    .int()
    .min(1)
    .max(50)
    .default(5)
    .meta({ label: 'Rounds', hint: 'In a round each hides once.', changeable: true }),
})
export type CoverRules = CommonRules & Readonly<z.output<typeof houseRules>>

export interface Hide extends Explained {
  readonly do: 'hide'
  readonly by: number
  readonly parts: readonly [number, number]
  /** Which part lies under the cover. */
  readonly covered: 1 | 2
  /** The total, as the hider told it. */
  readonly announced: number
}

export interface Guess extends Explained {
  readonly do: 'guess'
  readonly by: number
  /** The covered part, as it was guessed. */
  readonly said: number
}

export type CoverPlay = Hide | Guess

export const playSchema: z.ZodType<CoverPlay> = z.discriminatedUnion('do', [
  playShape('hide', { by: whole, parts: z.tuple([whole, whole]), covered: z.literal([1, 2]), announced: whole }),
  playShape('guess', { by: whole, said: whole }),
])

/** Two parts of which one lies covered, and what was guessed. */
export interface Hidden {
  readonly by: number
  readonly parts: readonly [number, number]
  readonly covered: 1 | 2
  readonly total: number
}

/** What the room sees of two parts: the one that is covered is not told. */
export interface PublicHidden {
  readonly by: number
  readonly shown: number
  readonly covered: 1 | 2
  readonly total: number
}

export interface Found extends Hidden {
  readonly said: number
  readonly found: boolean
}

export interface CoverState extends Turns {
  /** What lies covered now; null while somebody is to hide. */
  readonly hidden: Hidden | null
  /** Parts found, awards included. */
  readonly found: readonly number[]
  /** Dominoes hidden since all were mixed, each with its lower half first: `2|5`. */
  readonly used: readonly string[]
  readonly history: readonly Found[]
}

export const shownPart = ({ parts, covered }: Pick<Hidden, 'parts' | 'covered'>) => parts[covered === 1 ? 1 : 0]
export const coveredPart = ({ parts, covered }: Pick<Hidden, 'parts' | 'covered'>) => parts[covered === 1 ? 0 : 1]

/** A domino as it is kept: the lower half first. */
export const dominoOf = ([a, b]: readonly [number, number]) => `${Math.min(a, b)}|${Math.max(a, b)}`

/** Every domino that may be hidden: under times a double blank can't be worked out from either half. */
export function dominoesOf({ sides, combine }: Pick<CoverRules, 'sides' | 'combine'>): [number, number][] {
  const all: [number, number][] = []
  for (let a = 0; a <= sides; a++) for (let b = a; b <= sides; b++) if (combine === 'add' || b > 0) all.push([a, b])
  return all
}

export function open(_rules: CoverRules, seating: Pick<Seating, 'seats' | 'first'>): { state: CoverState } {
  return { state: { ...openTurns(seating), hidden: null, found: everySeat(seating.seats, 0), used: [], history: [] } }
}

/** Who guesses while `turn` hides. */
export const guesser = ({ turn, seats }: Pick<Turns, 'turn' | 'seats'>) => seatAfter(turn, seats)

export function timing(_rules: CoverRules, state: CoverState, play: CoverPlay): Timing {
  if ((play.do === 'guess') !== (state.hidden !== null)) return 'not-now'
  return play.by === (state.hidden ? guesser(state) : state.turn) ? 'now' : 'not-their-turn'
}

export function judge(rules: CoverRules, state: CoverState, play: CoverPlay): GameVerdict<CoverState, CoverCodes> {
  return play.do === 'hide' ? judgeHide(rules, state, play) : judgeGuess(rules, state, play)
}

function judgeHide(
  rules: CoverRules,
  state: CoverState,
  { by, parts, covered, announced }: Hide,
): GameVerdict<CoverState, CoverCodes> {
  const { pieces, sides, combine } = rules
  const blank = pieces === 'dominoes' ? parts.find((part) => part < 0 || part > sides) : undefined
  const noFace =
    pieces === 'dice'
      ? refuseFaces(parts, sides)
      : blank === undefined
        ? null
        : refuse('no-such-face', { face: blank, pips: sides })
  if (noFace) return noFace
  const sum = combined(parts, combine)
  if (announced !== sum.equals) return refuse('wrong-announcement', { by, announced, total: sum.equals }, [sum])
  const hidden: Hidden = { by, parts, covered, total: sum.equals }
  if (combine === 'times' && shownPart(hidden) === 0)
    return refuse('cannot-be-worked-out', { by, covered: coveredPart(hidden) }, [sum])
  const domino = dominoOf(parts)
  if (pieces === 'dominoes' && state.used.includes(domino)) return refuse('domino-used', { domino })
  const used = pieces === 'dominoes' ? [...state.used, domino] : state.used
  const mixed = used.length > 0 && used.length >= dominoesOf(rules).length
  const next: CoverState = { ...state, fresh: false, hidden, used: mixed ? [] : used }
  const notes: NoteOf<CoverCodes>[] = [{ code: 'covered', facts: { by, shown: shownPart(hidden), total: sum.equals } }]
  if (mixed) notes.push({ code: 'mixed', facts: { by } })
  // What was added up would tell the covered part: it is shown with the guess.
  return { stands: true, next, working: [], notes }
}

function judgeGuess(rules: CoverRules, state: CoverState, { by, said }: Guess): GameVerdict<CoverState, CoverCodes> {
  const hidden = state.hidden!
  const part = coveredPart(hidden)
  const found = said === part
  const next: CoverState = {
    ...state,
    ...passTurn(state),
    hidden: null,
    found: found ? withSeat(state.found, by, ofSeat(state.found, by) + 1) : state.found,
    history: [...state.history, { ...hidden, said, found }],
  }
  const notes: NoteOf<CoverCodes>[] = [{ code: found ? 'found' : 'not-found', facts: { by, said, part } }]
  return { stands: true, next, working: [combined(hidden.parts, rules.combine)], notes, asks: { explanation: true } }
}

export function awaits(_rules: CoverRules, state: CoverState): Awaits {
  return state.hidden ? { seats: [guesser(state)], plays: ['guess'] } : { seats: [state.turn], plays: ['hide'] }
}

export function lead(_rules: CoverRules, state: CoverState): End {
  return leadOf(state.found, 'most-found')
}

export function end(rules: CoverRules, state: CoverState): End | null {
  return state.fresh && state.round > rules.rounds ? lead(rules, state) : null
}

export function award(_rules: CoverRules, state: CoverState, seat: number, points: number): CoverState {
  // What was found is never lost, so a deduction stops at 0.
  return { ...state, found: awarded(state.found, seat, points) }
}

/** The match as the room sees it: what lies covered is not in it. */
export function view(
  _rules: CoverRules,
  { hidden, ...state }: CoverState,
): Omit<CoverState, 'hidden'> & { readonly hidden: PublicHidden | null } {
  // A domino is told by both halves, so the one that lies covered now is left out too.
  const used = hidden ? state.used.filter((domino) => domino !== dominoOf(hidden.parts)) : state.used
  return {
    ...state,
    used,
    hidden: hidden && { by: hidden.by, shown: shownPart(hidden), covered: hidden.covered, total: hidden.total },
  }
}
