import { isSame } from '#core/kernel/answering'
import { fieldOf } from '#core/basics/fields'
import { itemAt } from '#core/basics/lists'
import type * as z from 'zod'
import { bringsChance, isAsDealt } from '#core/kernel/dealer'
import type { Entry } from '#core/contract/entries'
import type { Coded, CommonNote, CommonReasons, OutOfPlace } from '#core/contract/codes'
import { mannerOf, type CommonRules } from '#core/contract/commonRules'
import type { Awaits, Best, End, Game } from '#core/contract/game'
import { changeableRules, offersAnswers, readHouseRules, readRuling } from '#core/kernel/houseRules'
import type { BasePlay } from '#core/contract/plays'
import { problem, type Problem } from '#core/contract/problem'
import { bestSeats } from '#core/kit/seats'
import { membersOf, nameOf, type MatchState, type Player, type Table } from '#core/contract/table'
import { readShape, type RawIssue } from '#core/basics/readShape'
import { refused, refusedFor, STANDS, type Asks, type Verdict } from '#core/contract/verdict'

/** A match as somebody asks for it; nothing in it has been checked but its JSON types. */
interface Setup {
  readonly houseRules: unknown
  readonly players: readonly Player[]
  readonly first: number
  readonly source: 'table' | 'dealt'
  readonly seed: string | number | null
  readonly opening: unknown
}

/** An entry judged: what is said of it, and the state after it (the same one where nothing changed). */
export interface Judged {
  readonly verdict: Verdict
  readonly state: MatchState
  /** What the play asks of the player, once the game itself has nothing against it. */
  readonly asks?: Asks
}

type OpenMatch =
  | { readonly ok: true; readonly table: Table; readonly state: MatchState }
  | { readonly ok: false; readonly problems: readonly Problem[] }

/** What is wrong with so many players. */
export function seatProblems(game: Game, seats: number): Problem[] {
  const { low, high } = game.about.seats
  if (seats < low) return [problem('players', 'too-few-players', { players: seats, least: low })]
  return seats > high ? [problem('players', 'too-many-players', { players: seats, most: high })] : []
}

/** Opens a match of `game`: its table and the state before the first entry, or everything that is wrong. */
export function openMatch(game: Game, setup: Setup): OpenMatch {
  const seats = setup.players.length
  const problems = seatProblems(game, seats)
  if (!Number.isInteger(setup.first) || setup.first < 1 || setup.first > Math.max(seats, 1))
    problems.push(problem('first', 'bad-first', { first: setup.first, seats }))
  const read = readHouseRules(game, setup.houseRules, seats)
  if (!read.ok) problems.push(...read.problems)
  const opening = game.opening.safeParse(setup.opening)
  if (!opening.success) problems.push(openingProblem(opening.error))
  if (problems.length || !read.ok || !opening.success) return { ok: false, problems }
  const { first, source, seed } = setup
  const players = setup.players.map(nameOf)
  const sides = setup.players.map(membersOf)
  const table = { game, players, seats, first, source, seed, opening: opening.data }
  return openTable(sides.some(Boolean) ? { ...table, sides } : table, read.rules)
}

function openTable(table: Table, rules: CommonRules): OpenMatch {
  const opened = table.game.open(rules, table, table.opening)
  if ('problems' in opened) return { ok: false, problems: opened.problems }
  const state: MatchState = { rules, game: opened.state, played: 0, timeCalled: false, result: null }
  return { ok: true, table, state: lookForEnd(table, state) }
}

/** The match opened anew with another opening, under the rules that it was set up with (`start`). */
export function reopenMatch(table: Table, start: MatchState, opening: unknown): OpenMatch {
  const read = table.game.opening.safeParse(opening)
  if (!read.success) return { ok: false, problems: [openingProblem(read.error)] }
  return openTable({ ...table, opening: read.data }, start.rules)
}

const openingProblem = (error: z.ZodError) =>
  problem(['opening', ...(error.issues[0]?.path ?? [])].join('.'), 'bad-opening', {})

/** Who may act now; null when the match is over. */
export function awaits(table: Table, state: MatchState): Awaits | null {
  return state.result ? null : table.game.awaits(state.rules, state.game)
}

/** Whether players take turns, so that somebody is on turn. */
export function takesTurns({ game }: Pick<Table, 'game'>, { rules }: Pick<MatchState, 'rules'>): boolean {
  return game.turns?.(rules) ?? game.about.turns
}

/** Which score is best under the rules in force. */
export function bestNow({ game }: Pick<Table, 'game'>, { rules }: Pick<MatchState, 'rules'>): Best {
  return game.best?.(rules) ?? 'most'
}

/** Everyone's score now, by seat. */
export function standing(table: Table, state: MatchState): readonly number[] {
  return state.reached ?? table.game.standing(state.rules, state.game)
}

/** Judges an entry that is no correction (those are the tape's business) and gives the state after it. */
export function judgeEntry(table: Table, state: MatchState, entry: Entry): Judged {
  switch (entry.kind) {
    case 'play':
      return judgePlay(table, state, entry.play, entry.overrule)
    case 'rules':
      return ruleOnHouseRules(table, state, entry.houseRules)
    case 'award':
      return ruleOnAward(table, state, entry.by, entry.points)
    case 'call':
      return judgeCall(table, state, entry.call)
    case 'on-paper':
      return judgeOnPaper(table, state, entry.reached)
    default:
      // After the end a ruling is over before anything else that is wrong with it.
      if (entry.kind === 'malformed' && entry.ruling && state.result)
        return { verdict: refused('match-over', { ruling: 'award' }), state }
      return { verdict: refused('malformed', { what: 'entry' }), state }
  }
}

/**
 * Judges a play in the rulebook's order (malformed, match-over, no-such-player, not-now, not-their-turn, the
 * game's own reasons, answer, explanation). Never throws, whatever JSON it is given.
 */
export function judgePlay(table: Table, state: MatchState, raw: unknown, overrule = false): Judged {
  const { game, seats } = table
  const read = readShape(game.play, raw)
  if (!read.ok) return { verdict: refused('malformed', malformedFacts(read.issues[0], raw)), state }
  const play = read.data
  const misshapen = game.misshapen?.(state.rules, play)
  if (misshapen)
    return {
      verdict: refused('malformed', { what: 'play', do: play.do, field: null, issue: null, keys: [], ...misshapen }),
      state,
    }
  if (state.result) return { verdict: refused('match-over', { do: play.do }), state }
  const stranger = strangerIn(game, play, seats)
  if (stranger !== null) return { verdict: refused('no-such-player', { by: stranger, seats }), state }
  const outsider = outsiderIn(table, play)
  if (outsider) return { verdict: refused('no-such-member', outsider), state }
  const timing = game.timing(state.rules, state.game, play)
  if (timing !== 'now') return { verdict: refused(timing, outOfPlaceFacts(table, state, play)), state }
  const judged = game.judge(state.rules, state.game, play, { overrule })
  if (!judged.stands) {
    const verdict: Verdict = { stands: false, reason: judged.reason, working: judged.working, notes: [] }
    if (judged.next === undefined) return { verdict, state }
    // What chance brought is spent where a penalty moves the match on: the next one is not dealt the same again.
    const played = state.played + (bringsChance(table, state, play) ? 1 : 0)
    return { verdict, state: lookForEnd(table, { ...state, game: judged.next, played }) }
  }
  const unmet = judged.asks ? asksUnmet(state.rules, judged.asks, play) : null
  const { asks } = judged
  if (unmet)
    return {
      verdict: { stands: false, reason: { code: unmet.code, facts: unmet.facts }, working: judged.working, notes: [] },
      state,
      asks,
    }
  const slips = judged.asks ? wrongAnswers(state.rules, judged.asks, play) : []
  const next: MatchState = {
    rules: state.rules,
    game: judged.next,
    played: state.played + 1,
    timeCalled: state.timeCalled,
    result: null,
  }
  const other: CommonNote | null = isAsDealt(table, state, play)
    ? null
    : { code: 'not-as-dealt', facts: { by: play.by }, weight: 'call' }
  const notes = slips.length || other ? [...judged.notes, ...slips, ...(other ? [other] : [])] : judged.notes
  const verdict: Verdict = { stands: true, reason: null, working: judged.working, notes }
  return { verdict, state: lookForEnd(table, next), asks }
}

function strangerIn(game: Game, play: BasePlay, seats: number): number | null {
  const away = (seat: number) => seat < 1 || seat > seats
  if (play.by !== undefined && away(play.by)) return play.by
  return game.seatsNamed?.(play).find(away) ?? null
}

/** A member named who is none of the side that plays; null where there is none. */
function outsiderIn({ game, sides }: Table, play: BasePlay): CommonReasons['no-such-member'] | null {
  for (const { by, who } of [play, ...(game.answering?.(play) ?? [])]) {
    if (by === undefined || who === undefined) continue
    const members = sides?.[by - 1]?.length ?? 0
    if (who < 1 || who > members) return { by, who, members }
  }
  return null
}

function outOfPlaceFacts(table: Table, state: MatchState, play: BasePlay): OutOfPlace {
  const now = table.game.awaits(state.rules, state.game)
  return {
    do: play.do,
    by: play.by ?? null,
    awaits: now.seats,
    plays: now.plays,
    ...table.game.timingFacts?.(state.rules, state.game, play),
  }
}

function asksUnmet(rules: CommonRules, asks: Asks, play: BasePlay): Coded<CommonReasons> | null {
  const { answers, explain } = mannerOf(rules, play.by)
  if (answers === 'must-be-right') {
    if (asks.answer !== undefined && play.said === undefined) return { code: 'answer-missing', facts: { by: play.by } }
    const wrong = wrongAnswers(rules, asks, play)[0]
    if (wrong) return wrong
  }
  if (asks.explanation && explain === 'required' && play.explained !== true)
    return { code: 'unexplained', facts: { by: play.by } }
  return null
}

/** Answers that were given and are wrong, in the order in which they are compared. */
function wrongAnswers(rules: CommonRules, { answer, beside }: Asks, { by, said }: BasePlay): CommonNote[] {
  if (mannerOf(rules, by).answers === 'off') return []
  const given = [
    ...(answer === undefined || said === undefined ? [] : [{ said, right: answer }]),
    ...(beside ? [beside] : []),
  ]
  return given
    .filter((each) => !isSame(each.said, each.right))
    .map((facts) => ({ code: 'wrong-answer', facts: { by, ...facts }, weight: 'noted' }))
}

function malformedFacts(issue: RawIssue | undefined, raw: unknown): CommonReasons['malformed'] {
  const kind = typeof raw === 'object' && raw !== null && 'do' in raw ? (raw as { do: unknown }).do : null
  return {
    what: 'play',
    do: typeof kind === 'string' ? kind : null,
    field: issue?.path?.join('.') || null,
    issue: issue?.code ?? null,
    keys: issue?.code === 'unrecognized_keys' ? issue.keys : [],
  }
}

/** Ends the match where the game's end is reached, or time was called and a round is complete. */
function lookForEnd(table: Table, state: MatchState): MatchState {
  if (state.result) return state
  const { game } = table
  const end = game.end(state.rules, state.game)
  if (
    end &&
    !(end.winners.length > 1 && !end.final && state.rules.tie === 'extra-round' && game.extraRound?.(state.rules))
  )
    return over(state, end)
  if (state.timeCalled && game.progress(state.rules, state.game).between)
    return over(state, game.lead(state.rules, state.game), 'time')
  return state
}

function over(state: MatchState, end: End, ended?: 'finish' | 'time'): MatchState {
  const { winners, why } = end
  const shared = winners.length > 1
  return { ...state, result: ended ? { winners, shared, why, ended } : { winners, shared, why } }
}

function judgeCall(table: Table, state: MatchState, call: 'finish' | 'time' | 'chart' | 'note'): Judged {
  if (call === 'note') return { verdict: STANDS, state }
  if (state.result) return { verdict: refused('match-over', { call }), state }
  if (call === 'finish') {
    const next = over(state, table.game.lead(state.rules, state.game), 'finish')
    return { verdict: STANDS, state: next }
  }
  if (call === 'time') return { verdict: STANDS, state: lookForEnd(table, { ...state, timeCalled: true }) }
  return { verdict: STANDS, state }
}

/** A match played on paper is over with what everybody reached; only where nothing was played here. */
function judgeOnPaper(table: Table, state: MatchState, reached: readonly number[]): Judged {
  if (state.result) return { verdict: refused('match-over', { call: 'on-paper' }), state }
  if (reached.length !== table.seats) return { verdict: refused('malformed', { what: 'entry' }), state }
  if (state.played > 0) return { verdict: refused('not-now', { do: 'on-paper' }), state }
  const goal = table.game.goal?.(state.rules) ?? 0
  const best = bestNow(table, state)
  const far = best === 'nearest' ? reached.map((each) => Math.abs(each - goal)) : reached
  const winners = bestSeats(far, best === 'most' ? 'most' : 'fewest')
  return { verdict: STANDS, state: over({ ...state, reached }, { winners, why: 'on-paper' }, 'finish') }
}

function ruleOnAward(table: Table, state: MatchState, by: number, points: number): Judged {
  if (state.result) return { verdict: refused('match-over', { ruling: 'award' }), state }
  if (by < 1 || by > table.seats) return { verdict: refused('no-such-player', { by, seats: table.seats }), state }
  const game = table.game.award?.(state.rules, state.game, by, points) ?? null
  if (game === null) return { verdict: refused('no-points-here', { by, points }), state }
  return { verdict: STANDS, state: lookForEnd(table, { ...state, game }) }
}

function ruleOnHouseRules(table: Table, state: MatchState, changes: Readonly<Record<string, unknown>>): Judged {
  if (!state.result) return ruleDuringPlay(table, state, changes)
  const over = { verdict: refused('match-over', { ruling: 'houseRules' }), state }
  // A call ends a match whatever the rules say.
  if (state.result.ended) return over
  const reopened = ruleDuringPlay(table, { ...state, result: null }, changes)
  return reopened.verdict.stands && !reopened.state.result ? reopened : over
}

function ruleDuringPlay(table: Table, state: MatchState, changes: Readonly<Record<string, unknown>>): Judged {
  const { game } = table
  const changeable = changeableRules(game)
  for (const rule of Object.keys(changes))
    if (!changeable.has(rule) || (rule === 'answers' && !offersAnswers(game, state.rules)))
      return { verdict: refused('not-changeable', { rule }), state }
  const read = readRuling(game, state.rules, changes, table.seats)
  if (!read.ok) {
    const first = itemAt(read.problems, 0)
    return { verdict: refusedFor({ code: first.code, facts: { path: first.path, ...first.facts } }), state }
  }
  const { begun } = game.progress(state.rules, state.game)
  for (const rule of ['rounds', 'turns']) {
    const value = changes[rule]
    // What is kept as it is may be kept, though more have begun.
    if (typeof value === 'number' && value < begun && value !== fieldOf(state.rules, rule))
      return { verdict: refused('already-past', { rule, value, begun }), state }
  }
  const ruled = game.ruled?.(read.rules, state.game) ?? state.game
  return { verdict: STANDS, state: lookForEnd(table, { ...state, rules: read.rules, game: ruled }) }
}
