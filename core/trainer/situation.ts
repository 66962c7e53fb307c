import { capital, withMinus } from '#core/basics/words'
import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import type { BasePlay } from '#core/contract/plays'
import type { Problem } from '#core/contract/problem'
import type { Entered, Part, Parts, Situation } from '#core/contract/situation'
import type { MatchState } from '#core/contract/table'
import type { Verdict } from '#core/contract/verdict'
import { readHouseRules } from '#core/kernel/houseRules'
import { judgePlay } from '#core/kernel/match'
import { openSelfPlay } from '#core/kernel/selfPlay'
import { foldTape, type Tape } from '#core/kernel/tape'
import { total } from '#core/kit/dice'
import { sayCommonRules } from '#core/wording/houseRules'
import { sayNote, sayPlay, sayReason, speaking } from '#core/wording/index'

/** One situation without a match: what lies there is entered, and the judge is asked. */

/** A situation as far as it was named; nothing of it has been checked. */
interface Asked {
  readonly game: Game
  readonly situation: Situation
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly players: readonly string[]
  readonly entered: unknown
}

type Opened =
  | { readonly ok: true; readonly parts: Parts; readonly entered: Entered; readonly tape: Tape }
  | { readonly ok: false; readonly problems: readonly Problem[] }

/** A situation is one player's, where a game may be played alone and nobody waits for a turn; else there are two. */
export const seatsAsked = ({ about }: Pick<Game, 'about'>): number =>
  Math.max(about.seats.low, Math.min(about.turns ? 2 : 1, about.seats.high))

/**
 * The match as it would stand in a situation, before its first entry. What was entered beyond what the house rules allow falls
 * away, so that changed rules keep the rest.
 */
export function openSituation({ game, situation, houseRules, players, entered }: Asked): Opened {
  const read = readHouseRules(game, houseRules, players.length)
  if (!read.ok) return read
  const { table, state } = openSelfPlay({ game, houseRules, players, key: 'situation' })
  const parts = situation.parts(state.rules, state.game)
  const fits = fitting(parts, entered)
  const now: MatchState = { ...state, game: situation.state(state.rules, state.game, fits) }
  return { ok: true, parts, entered: fits, tape: foldTape(table, now, []) }
}

const isWhole = (value: unknown): value is number => typeof value === 'number' && Number.isInteger(value)

/** What of `entered` fits each part; the usual where nothing was entered. */
function fitting(parts: Parts, entered: unknown): Entered {
  const given = typeof entered === 'object' && entered !== null ? new Map(Object.entries(entered)) : new Map()
  return Object.fromEntries(Object.entries(parts).map(([name, part]) => [name, fittingOne(part, given.get(name))]))
}

function fittingOne(part: Part, value: unknown): number | readonly number[] {
  if (part.kind === 'choice') return isWhole(value) && value >= 0 && value < part.choices.length ? value : part.usual
  const within = (each: unknown): each is number => isWhole(each) && each >= part.low && each <= part.high
  if (part.kind === 'number') return within(value) ? value : Math.min(part.high, Math.max(part.low, part.usual))
  return (Array.isArray(value) ? value : part.usual).filter(within).slice(0, part.most)
}

/** Plays looked through, and told, at most. */
const MOST_LOOKED = 2000
const MOST_TOLD = 12

/** What stands now, in words, what is said or explained beside it left out. */
interface Standing {
  readonly plays: readonly string[]
  /** There are more than these. */
  readonly more: boolean
}

/** What the player on turn may do: after the chance that `play` holds, or whatever comes. */
export function whatStands(
  { table, state }: Pick<Tape, 'table' | 'state'>,
  seat: number,
  play: BasePlay | null,
): Standing {
  const { game } = table
  const { rules, game: now } = state
  const plays = play && game.sameChance ? game.sameChance(rules, now, play) : game.plays(rules, now, seat)
  const kinds = new Map<string, Set<string>>()
  let left = MOST_LOOKED
  for (const each of plays) {
    if (left-- <= 0) break
    const told = kinds.get(each.do) ?? new Set<string>()
    kinds.set(each.do, told)
    if (told.size > MOST_TOLD || !judgePlay(table, state, each).verdict.stands) continue
    told.add(capital(sayPlay(table, bare(each), state)))
  }
  const all = [...kinds.values()].filter(({ size }) => size > 0)
  // Of each kind as many; what one of few leaves goes to the others.
  let room = MOST_TOLD
  const shares = all
    .map((told) => [...told])
    .sort((a, b) => a.length - b.length)
    .map((told, i, { length }) => {
      const share = told.slice(0, Math.floor(room / (length - i)))
      room -= share.length
      return share
    })
  return { plays: shares.flat(), more: total(all.map(({ size }) => size)) > MOST_TOLD }
}

/** A play without what is said beside it. */
const bare = (play: BasePlay): BasePlay => ({ ...play, ...NOTHING_SAID })
const NOTHING_SAID = { said: undefined, explained: undefined, how: undefined }

/** What the judge says to a play in a situation: why not, or what came of it; empty where nothing is to be said. */
export function sayJudged({ table, state }: Pick<Tape, 'table' | 'state'>, { reason, notes }: Verdict): string {
  const say = speaking(table, state.rules)
  return reason ? sayReason(table.game, reason, say) : notes.map((note) => sayNote(table.game, note, say)).join(' ')
}

/** The rules agreed, for so many. */
export interface Agreed {
  readonly rules: CommonRules
  readonly seats: number
}

/** On which sentence of the rules a reason rests, under the rules agreed. */
export function restsOn(game: Game, situation: Situation, agreed: Agreed, code: string): string {
  return restFor(game, situation, agreed)(code)
}

/** Every sentence of the rules that a play of this game may be refused by, in the order of its reasons, each once. */
export function restsOf(game: Game, situation: Situation, agreed: Agreed): readonly string[] {
  const codes = [...Object.keys(situation.rests), ...(game.about.turns ? ['not-their-turn'] : []), 'not-now']
  return [...new Set(codes.map(restFor(game, situation, agreed)))]
}

/** Finds what a reason rests on; the rules are read back once. */
function restFor(game: Game, { rests }: Situation, { rules, seats }: Agreed): (code: string) => string {
  const told = [...game.wording.readBack(rules, seats), ...sayCommonRules(game, rules)]
  const all = new Map<string, RegExp | string | undefined>(Object.entries({ ...COMMON, ...rests }))
  return (code) => {
    const found = all.get(code)
    if (typeof found === 'string') return found
    return (found && told.find((sentence) => found.test(sentence))) ?? withMinus(told.join(' '))
  }
}

/** What holds in every game, for the reasons that all share. */
const COMMON: Readonly<Record<string, RegExp | string>> = {
  malformed: 'A play says all that belongs to it, and nothing else.',
  'match-over': 'After the end nothing more is played.',
  'no-such-player': 'Only who sits at the table plays.',
  'no-such-member': 'Only members of a side play for it.',
  'not-now': 'Each thing has its time: what the match waits for comes first.',
  'not-their-turn': 'Everybody plays on their own turn.',
  'stock-empty': 'From an empty stock nothing is drawn.',
  'no-such-card': 'Only cards of the pack that was agreed are played.',
  'no-such-face': 'Only faces that there are can come.',
  'too-many-copies': 'Of each card there are only as many as the pack has.',
  'not-in-hand': 'Only a card that one holds is played.',
  'wrong-total': 'What is taken makes the target.',
  'answer-missing': /must be said/,
  'wrong-answer': /must be said|noted and put right/,
  unexplained: /explained/,
  'not-as-dealt': 'Where the app deals, what it dealt counts.',
  'wrong-dice-count': 'All the dice of a throw are entered.',
  'wrong-card-count': 'As many cards as were agreed are drawn.',
}
