import { fieldOf } from '#core/basics/fields'
import type { Random } from '#core/basics/random'
import type { BasePlay } from '#core/contract/plays'
import type { MatchState, Table } from '#core/contract/table'
import type { Verdict } from '#core/contract/verdict'
import { readShape } from '#core/basics/readShape'
import { awaits, judgePlay } from '#core/kernel/match'
import type { Tape } from '#core/kernel/tape'
import { madeSlips, openHandsOf, type MadeSlip } from '#core/trainer/slips'

/** Plays as children get them wrong: made of a right one, each with the judge's own verdict. */

/** A play that does not stand, or stands with a slip beside it. */
export interface WrongPlay {
  readonly play: BasePlay
  readonly verdict: Verdict
  /** The reason it is refused for, or the slip that is noted. */
  readonly code: string
  /** The slip that was made on purpose, where it is known by its own sentence. */
  readonly slip?: MadeSlip
}

/** What nobody at a table gets wrong: mistyped things, and what only the record can know. */
const NOT_SEEN: ReadonlySet<string> = new Set([
  'malformed',
  'match-over',
  'too-many-copies',
  'not-as-dealt',
  'answer-missing',
  'unexplained',
])
const isSeen = (code: string) => !NOT_SEEN.has(code) && !code.startsWith('no-such-')

/** How far numbers are off that were got wrong: mostly by one, or by a ten. */
const OFF = [1, -1, 10, -10, 2, -2]
/** Other plays of the game whose parts are taken over. */
const OTHERS = 40
/** Entries before that are remembered. */
const EARLIER = 12

/** What wrong plays are made of. */
interface Moment {
  readonly table: Table
  readonly state: MatchState
  /** The play that comes now. */
  readonly right: BasePlay
  /** Plays that came before: parts of them are taken over. */
  readonly earlier: readonly BasePlay[]
  /** Reasons that rest on what hands are known to hold, and count since these lie open. */
  readonly open: readonly string[]
}

/** A play in its match: what came before it among what stands there. */
export const momentOf = ({ table, state, lines }: Tape, right: BasePlay): Moment => ({
  ...{ table, state, right },
  earlier: lines
    .slice(-EARLIER)
    .flatMap(({ entry, verdict, struck }) =>
      entry.kind === 'play' && verdict.stands && !struck ? [entry.play as BasePlay] : [],
    ),
  open: openHandsOf(table.game)?.codes ?? [],
})

/** Wrong plays that may come instead of a right one, each code as often as it was found; none where nothing can go wrong. */
export function wrongPlays({ table, state, right, earlier, open }: Moment, random: Random): readonly WrongPlay[] {
  const found = new Map<string, WrongPlay>()
  const made = [
    ...changed(right),
    ...mixed(table, state, right),
    ...remembered(right, earlier),
    ...hurried(table, state, right, random),
  ]
  for (const play of random.shuffled(made)) {
    const text = JSON.stringify(play)
    if (found.has(text)) continue
    const { verdict } = judgePlay(table, state, play)
    const code = verdict.reason?.code ?? verdict.notes.find(({ weight }) => weight === 'noted')?.code
    if (code === undefined || !isSeen(code) || (verdict.reason?.belief && !open.includes(code))) continue
    found.set(text, { play, verdict, code })
  }
  const slips = madePlays({ table, state, right, earlier, open })
  const same = new Set(slips.map(({ play }) => JSON.stringify(play)))
  return [...slips, ...[...found].flatMap(([text, wrong]) => (same.has(text) ? [] : [wrong]))]
}

/** Whether a verdict tells a code, as its reason or in a remark. */
export const tells = ({ reason, notes }: Verdict, code: string): boolean =>
  reason?.code === code || notes.some((note) => note.code === code)

/** The game's slips that are plays of their own, where they can come and are told by the judge. */
const madePlays = ({ table, state, right, earlier }: Moment): readonly WrongPlay[] =>
  madeSlips(table.game).flatMap((slip) => {
    const made = slip.makes({ ...right }, earlier.at(-1) && { ...earlier.at(-1) }, state.game, table.seats)
    const read = made && readShape(table.game.play, made)
    if (!read?.ok) return []
    const { verdict } = judgePlay(table, state, read.data)
    return tells(verdict, slip.told) ? [{ play: read.data, verdict, code: slip.code, slip }] : []
  })

/** The play with one of its parts got wrong. */
function* changed(play: BasePlay): Generator<BasePlay> {
  for (const [field, value] of Object.entries(play)) {
    if (field === 'do' || field === 'explained' || field === 'how' || field === 'who') continue
    for (const other of others(value)) yield { ...play, [field]: other } as BasePlay
  }
}

/** A value got wrong: a number that is off; a list with one part off, one too few, one twice, or the other way round. */
function* others(value: unknown): Generator<unknown> {
  if (typeof value === 'number') for (const off of OFF) yield value + off
  if (!Array.isArray(value)) return
  for (let i = 0; i < value.length; i++) {
    for (const other of others(value[i])) yield value.with(i, other)
    yield value.toSpliced(i, 1)
    yield [...value, value[i]]
  }
  if (value.length > 1) yield value.toReversed()
}

/** The play with a part of another one that could be made: another card at the same place, the same card at another. */
function* mixed(table: Table, state: MatchState, right: BasePlay): Generator<BasePlay> {
  let left = OTHERS
  for (let seat = 1; seat <= table.seats; seat++)
    for (const other of table.game.plays(state.rules, state.game, seat)) {
      if (left-- <= 0) return
      if (other.do !== right.do) {
        yield other
        continue
      }
      yield* crossed(right, other)
    }
}

/** The play with each part of another of its kind, also with both parts together where they are lists. */
function* crossed(right: BasePlay, other: BasePlay): Generator<BasePlay> {
  for (const field of Object.keys(other)) {
    const [own, strange] = [fieldOf(right, field), fieldOf(other, field)]
    if (field === 'do' || !(field in right) || strange === own) continue
    yield { ...right, [field]: strange } as BasePlay
    if (Array.isArray(own) && Array.isArray(strange))
      yield { ...right, [field]: [...own, ...strange] } as unknown as BasePlay
  }
}

/** What was played before, by whoever is on turn now: what stood then. */
function* remembered(right: BasePlay, earlier: readonly BasePlay[]): Generator<BasePlay> {
  for (const other of earlier) {
    if (other.do === right.do) yield* crossed(right, other)
    else if (right.by !== undefined && other.by !== undefined) yield { ...other, by: right.by } as BasePlay
  }
}

/** What would come after the play, with the play itself forgotten: going on without drawing. */
function* hurried(table: Table, state: MatchState, right: BasePlay, random: Random): Generator<BasePlay> {
  const after = judgePlay(table, state, right).state
  for (const seat of awaits(table, after)?.seats ?? []) {
    const next = readShape(table.game.play, table.game.bot(after.rules, after.game, seat, random))
    if (next.ok) yield next.data
  }
}
