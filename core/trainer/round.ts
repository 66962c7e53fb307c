import { itemAt } from '#core/basics/lists'
import { randomFor, type Random } from '#core/basics/random'
import { list } from '#core/basics/words'
import type { Game } from '#core/contract/game'
import type { Verdict } from '#core/contract/verdict'
import { judgePlay } from '#core/kernel/match'
import { nextPlay, openSelfPlay } from '#core/kernel/selfPlay'
import { addEntry, foldTape, type Tape } from '#core/kernel/tape'
import type { Hand } from '#core/kit/hands'
import { sayReason, sayNote, sayPlay, speaking } from '#core/wording/index'
import { madeSlips, openHandsOf, seenSlips, type SeenSlip } from '#core/trainer/slips'
import { momentOf, tells, wrongPlays, type WrongPlay } from '#core/trainer/wrongPlays'
import type { BasePlay } from '#core/contract/plays'

/** Something to be judged by somebody who learns it: what lay there, what was played or done, and what is right. */
export interface Question {
  /** The match before it. */
  readonly before: Tape
  /** What was played, and the judge's verdict on it; null where only a hand did something. */
  readonly played: { readonly play: BasePlay; readonly verdict: Verdict } | null
  readonly says: string
  /** The code it is refused or noted for; null where it stands. */
  readonly code: string | null
  /** What is wrong with it; null where it stands. */
  readonly why: string | null
  /** The reason among others that could be thought of, shuffled; empty where it stands. */
  readonly reasons: readonly Reason[]
}
export interface Reason {
  readonly code: string
  readonly says: string
}

/** What a round is made of. */
interface RoundOf {
  readonly game: Game
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly players: readonly string[]
  /** What chance is drawn from: the same key, the same round. */
  readonly key: string
  /** Codes that were missed before: they come first. */
  readonly missed?: readonly string[]
}

/** Questions in a round, and of how many one is wrong. */
export const ROUND = 10
const ONE_OF = 3
/** Reasons to choose from. */
const REASONS = 4
/** Plays that a round goes through at most, over several matches where one is short. */
const MOST = 400

/** A round of plays from matches between bots, one in three with a slip. */
export function makeRound({ game, houseRules, players, key, missed = [] }: RoundOf): readonly Question[] {
  const random = randomFor(key, 'round')
  const questions: Question[] = []
  const met = new Map<string, number>()
  let table = beginning(0)
  let owed = false
  function beginning(match: number): Tape {
    // Open hands are known from the start where the app deals.
    const source = openHandsOf(game) ? 'dealt' : 'table'
    const opened = openSelfPlay({ game, houseRules, players, source, key: `${key} ${match}` })
    return foldTape(opened.table, opened.state, [])
  }
  for (let n = 0; n < MOST && questions.length < ROUND; n++) {
    const play = nextPlay(table.table, table.state, `${key} ${n}`, table.lines.length) as BasePlay | null
    if (play === null) {
      table = beginning(n + 1)
      continue
    }
    // Not every play is asked about: a few of a match say more than ten in a row. Not every second either: where two
    // kinds of plays take turns it would always be the same one.
    if (owed || random.whole(1, 2) === 1) {
      const wish: boolean = owed || random.whole(1, ONE_OF) === 1
      const found = wish ? wrongPlays(momentOf(table, play), random) : []
      const seen = wish ? seenSlips(game, rulesOf(table)) : []
      const wrong = chosen([...found, ...seen], met, missed, random)
      // Where nothing can go wrong the slip comes with a later play.
      owed = wish && !wrong
      const question = wrong ? wrongly(table, wrong, [...found, ...seen], random) : owed ? null : rightly(table, play)
      if (question) questions.push(question)
    }
    table = addEntry(table, { play })
  }
  return questions
}

type Wrong = WrongPlay | SeenSlip
const rulesOf = ({ state }: Tape) => state.rules as Readonly<Record<string, unknown>>

/** What is wrong by a code that was missed before, else by one that was met least. */
function chosen(
  found: readonly Wrong[],
  met: Map<string, number>,
  missed: readonly string[],
  random: Random,
): Wrong | null {
  if (!found.length) return null
  const codes = [...new Set(found.map(({ code }) => code))]
  const again = codes.filter((code) => missed.includes(code) && !met.has(code))
  const least = Math.min(...codes.map((code) => met.get(code) ?? 0))
  const code = random.oneOf(again.length ? again : codes.filter((each) => (met.get(each) ?? 0) === least))
  met.set(code, (met.get(code) ?? 0) + 1)
  return random.oneOf(found.filter((each) => each.code === code))
}

/** A right play to be judged; null where a referee would have to decide: whatever is asked has one answer. */
function rightly(before: Tape, play: BasePlay): Question | null {
  const { verdict } = judgePlay(before.table, before.state, play)
  if (!verdict.stands || verdict.notes.some(({ weight }) => weight !== undefined)) return null
  // What tells a slip, but came otherwise, is neither right nor one of those asked about.
  if (madeSlips(before.table.game).some(({ told }) => tells(verdict, told))) return null
  return { before, played: { play, verdict }, says: sayPlayed(before, play), code: null, why: null, reasons: [] }
}

/** Something wrong to be judged, its reason among those of other things that go wrong. */
function wrongly(before: Tape, wrong: Wrong, found: readonly Wrong[], random: Random): Question {
  const whyOf = (each: Wrong) => ('why' in each ? each.why : (each.slip?.why ?? sayWrong(before, each.verdict)))
  const { code } = wrong
  const why = whyOf(wrong)
  const said = new Map([[code, why]])
  for (const each of found) if (said.size < REASONS && !said.has(each.code)) said.set(each.code, whyOf(each))
  const reasons = random.shuffled([...said].map(([reason, says]) => ({ code: reason, says })))
  if ('does' in wrong) {
    const says = wrong.does(random.oneOf(before.table.players))
    return { before, played: null, says, code, why, reasons }
  }
  const { play, verdict, slip } = wrong
  const says = slip?.after ? saySecond(before, play) : sayPlayed(before, play)
  return { before, played: { play, verdict }, says, code, why, reasons }
}

/** A play that comes a moment after the one before, which is told too. */
function saySecond(before: Tape, play: BasePlay): string {
  const first = before.lines.at(-1)
  const told =
    first?.entry.kind === 'play' ? `${sayPlay(before.table, first.entry.play as BasePlay, first.before)}. ` : ''
  return `${told}A moment later: ${sayPlay(before.table, play, before.state)}.`
}

/** A play as it is told, after what the hands hold that it turns on. */
function sayPlayed({ table, state }: Tape, play: BasePlay): string {
  const { hands } = state.game as { readonly hands?: readonly Hand[] }
  const seats = openHandsOf(table.game)?.of({ ...play }) ?? []
  const held = seats.flatMap((seat) => {
    const cards = hands?.[seat - 1]?.known.toSorted((a, b) => a - b) ?? []
    return cards.length ? [`${itemAt(table.players, seat - 1)} holds ${list(cards.map(String))}.`] : []
  })
  return [...held, `${sayPlay(table, play, state)}.`].join(' ')
}

/** The sentence of what is wrong, as the judge says it. */
function sayWrong({ table, state }: Pick<Tape, 'table' | 'state'>, verdict: Verdict): string {
  const say = speaking(table, state.rules)
  if (verdict.reason) return sayReason(table.game, verdict.reason, say)
  const note = verdict.notes.find(({ weight }) => weight === 'noted')
  return note ? sayNote(table.game, note, say) : ''
}

/** How a round went: right ones, and the codes that were missed. */
interface Went {
  readonly right: number
  readonly missed: readonly string[]
}

/** Reads the answers of a round: whether each was said to stand, and the code given where not. */
export function wentOf(
  questions: readonly Question[],
  answers: readonly { readonly stands: boolean; readonly code: string | null }[],
): Went {
  // Where the time was over before the last play, the rest was not asked.
  const asked = questions.slice(0, answers.length)
  const rights = asked.map((question, i) => isRight(question, itemAt(answers, i)))
  return {
    right: rights.filter(Boolean).length,
    missed: [...new Set(asked.flatMap(({ code }, i) => (rights[i] || code === null ? [] : [code])))],
  }
}

/** Whether an answer is right: that it stands, or that it doesn't and why; where only one reason can be thought of, that is enough. */
export function isRight(
  { code, reasons }: Pick<Question, 'code' | 'reasons'>,
  answer: { readonly stands: boolean; readonly code: string | null },
): boolean {
  if (code === null) return answer.stands
  return !answer.stands && (reasons.length < 2 || answer.code === code)
}
