import type { Facts } from '#core/contract/codes'
import type { CommonRules } from '#core/contract/commonRules'
import type { Entry } from '#core/contract/entries'
import type { Best, Game, Sentence, Speaking } from '#core/contract/game'
import type { Problem } from '#core/contract/problem'
import type { BasePlay } from '#core/contract/plays'
import { memberIn } from '#core/kernel/members'
import { ruleFields, sayRuleValue, type RuleField } from '#core/kernel/ruleFields'
import type { Result, Table } from '#core/contract/table'
import type { Line } from '#core/kernel/tape'
import type { Note, Reason } from '#core/contract/verdict'
import { PROBLEMS, REASONS } from '#core/kernel/reasons'
import { capital, figure, list, withMinus } from '#core/basics/words'

/** How one speaks at a table: names for its seats, and what a spoken answer is called under the rules in force. */
export function speaking({ game, players }: Pick<Table, 'game' | 'players'>, rules?: CommonRules): Speaking {
  return {
    name: (seat) => players[seat - 1] ?? `player ${seat}`,
    answer: (rules && game.answerCalled?.(rules)) ?? 'answer',
  }
}

/** What all games share, by any code: sentences and facts belong together by their types (core/contract/codes.ts). */
const SHARED: Readonly<Record<string, Sentence<Facts> | undefined>> = { ...PROBLEMS, ...REASONS }

const NOBODY: Speaking = { name: (seat) => `player ${seat}`, answer: 'answer' }

/** The sentence for a reason, of the game itself or shared; a code without one is told as such. */
export function sayReason(game: Game | undefined, reason: Reason, say: Speaking): string {
  const sentence = game?.wording.reasons[reason.code] ?? SHARED[reason.code]
  return sentence ? withMinus(sentence(reason.facts, say)) : `Refused: ${reason.code}.`
}

/** The sentence for a note on a play that stands. */
export function sayNote(game: Game, note: Note, say: Speaking): string {
  const sentence = game.wording.notes[note.code] ?? SHARED[note.code]
  return sentence ? withMinus(sentence(note.facts, say)) : note.code
}

/** The sentence for a problem with a file or a setup. */
export function sayProblem(problem: Problem, game?: Game): string {
  return sayReason(game, problem, NOBODY)
}

/** What was recorded, without the verdict: `Ines rolls 6 5 4 3 1`. `before` is the match before it. */
export function sayEntry(table: Table, line: Pick<Line, 'entry' | 'play' | 'raw' | 'before'>): string {
  const { entry, play, before } = line
  const say = speaking(table, before.rules)
  if (play) return `${sayPlay(table, play, before)}${overruledIn(line.raw)}`
  return sayOther(table.game, entry, say, remarkOf(line.raw))
}

/** What was played; a member of a side by name: `Bao (The crew) rolls 6 5 4 3 1`. */
export function sayPlay(table: Table, play: BasePlay, { rules, game }: Line['before']): string {
  const say = speaking(table, rules)
  const name = (seat: number) => {
    const who = memberIn(table.game, play, seat)
    const member = who === null ? undefined : table.sides?.[seat - 1]?.[who - 1]
    return member === undefined ? say.name(seat) : `${member} (${say.name(seat)})`
  }
  return table.game.wording.play(play, { ...say, name }, rules, game)
}

function sayOther(game: Game, entry: Entry, say: Speaking, why: string): string {
  const because = why ? ` (${why})` : ''
  switch (entry.kind) {
    case 'amend':
      return `Entry ${entry.target} was put right${because}`
    case 'reopen':
      return `What was laid out before play was put right${because}`
    case 'strike':
      return `Entry ${entry.target} taken back${because}`
    case 'rules':
      return `${sayChanges(game, entry.houseRules)}${because}`
    case 'award': {
      const points = Math.abs(entry.points)
      const verb = entry.points > 0 ? 'gets' : 'loses'
      return `${say.name(entry.by)} ${verb} ${points} ${points === 1 ? 'point' : 'points'} by ruling${because}`
    }
    case 'call':
      return entry.call === 'note' && why ? `Note: ${why}` : `${CALLED[entry.call]}${because}`
    case 'on-paper':
      return `Played on paper: ${list(entry.reached.map((score, i) => `${say.name(i + 1)} ${figure(score)}`))}${because}`
    default:
      return 'An entry that can’t be read'
  }
}

/** One rule as it was changed: `Rounds: 2 from now on`, `Finish: after even turns from now on`. */
function sayChange(field: RuleField, value: unknown): string {
  const said = sayRuleValue(field, value)
  const words = /^[A-Z][a-z]+( |$)/.test(said) ? said.charAt(0).toLowerCase() + said.slice(1) : said
  return `${field.label}: ${words} from now on`
}

/** House rules as they were changed: `Rounds: 2 from now on`. */
function sayChanges(game: Game, changes: Readonly<Record<string, unknown>>): string {
  const fields = ruleFields(game)
  const said = Object.entries(changes).map(([rule, value]) => {
    const field = fields.find(({ name }) => name === rule)
    return field ? sayChange(field, value) : rule
  })
  return list(said) || 'No rule changed'
}

/** Why the referee let a play stand, for the tape; empty where nobody overruled. */
function overruledIn(raw: unknown): string {
  const why = (raw as { overrule?: unknown } | null)?.overrule
  return typeof why === 'string' ? `; let stand by the referee${why ? ` (${why})` : ''}` : ''
}

const CALLED = {
  finish: 'The referee ends the match',
  time: 'Time is up: this round is played to its end',
  chart: 'The chart was opened',
  note: 'A note',
}

function remarkOf(raw: unknown): string {
  const why = (raw as { why?: unknown } | null)?.why
  return typeof why === 'string' ? why : ''
}

/** The whole verdict on a line in a sentence or two. */
export function sayVerdict(table: Table, line: Line): string {
  if (line.struck) return `Taken back: ${sayEntry(table, line)}.`
  const { verdict, before } = line
  const say = speaking(table, before.rules)
  if (verdict.reason) return `Doesn’t stand: ${sayReason(table.game, verdict.reason, say)}`
  if (!verdict.notes.length) return `${sayEntry(table, line)}.`
  return verdict.notes.map((note) => sayNote(table.game, note, say)).join(' ')
}

/** What came of a play that stands, without the slips and calls that stay with the referee; empty where nothing is to be said. */
export function sayCame(table: Table, { verdict, before }: Pick<Line, 'verdict' | 'before'>): string {
  const say = speaking(table, before.rules)
  const told = verdict.notes.filter(({ weight }) => weight === undefined)
  return told.map((note) => sayNote(table.game, note, say)).join(' ')
}

const WHY: Readonly<Record<string, string>> = { 'most-points': 'most points', 'on-paper': 'what was reached' }
const ENDED = {
  finish: 'The referee ended the match; the standing decides',
  time: 'Time ran out; the standing decides',
}

const whyOf = ({ game }: Pick<Table, 'game'>, { why }: Pick<Result, 'why'>): string =>
  game.wording.why?.[why] ?? WHY[why] ?? why

/** By what the match was won: `Most points`. */
export function sayWhy({ game }: Pick<Table, 'game'>, { why }: Pick<Result, 'why'>): string {
  return capital(whyOf({ game }, { why }))
}

/** How a match came to its end, where that was not by its own rules, and by what it was won then; empty otherwise. */
export function sayEnded(table: Pick<Table, 'game'>, result: Result, alone: boolean): string {
  if (!result.ended) return ''
  if (result.why === 'on-paper') return 'Played on paper; what was reached decides.'
  return alone ? `${ENDED[result.ended]}.` : `${ENDED[result.ended]}: ${whyOf(table, result)}.`
}

/** Who won, by name: `Ines wins`, `Ines and Bao share the win`. */
export function sayWinners(names: readonly string[]): string {
  return names.length > 1 ? `${list(names)} share the win` : `${names[0]} wins`
}

/** Which score is best, as a sentence. */
export const BEST: Readonly<Record<Best, string>> = {
  most: 'The most wins.',
  fewest: 'The fewest wins.',
  nearest: 'Whoever is nearest to the goal wins.',
}

/** The result in a sentence or two: who won, by what, and how the end came. */
export function sayResult(table: Table, result: Result): string {
  const say = speaking(table)
  const what = sayWinners(result.winners.map((seat) => say.name(seat)))
  const early = result.ended && result.why !== 'on-paper' ? ` ${ENDED[result.ended]}.` : ''
  return `${what}: ${whyOf(table, result)}.${early}`
}
