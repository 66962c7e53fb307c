import { itemAt } from '#core/basics/lists'
import { isSure, type Interval } from '#core/lab/statistics'
import type { Comparison } from '#core/lab/pair'
import type { PlayerKind } from '#core/lab/players'
import { ENDLESS } from '#core/kernel/estimate'
import type { Report, Spread } from '#core/lab/report'
import type { Tried } from '#core/lab/search'
import { figure, grouped, list, tenth } from '#core/basics/words'

/** What came out of the lab in plain sentences, which never claim more than the numbers. */

const whole = (part: number) => Math.round(100 * part)
/** `give or take 2`: half the interval in hundredths, rounded up. */
const within = ({ low, high }: Interval) => `give or take ${Math.max(1, Math.ceil(50 * (high - low) - 1e-6))}`
/** Minutes as they are told: to the half where there are few. */
export const roundMinutes = (n: number) => (n < 9.5 ? Math.round(n * 2) / 2 : Math.round(n))
/** A time that is not exceeded, up to the next half of few minutes: `within 4.5 minutes`. */
const upTo = (n: number) => (n < 9.5 ? Math.ceil(n * 2 - 1e-6) / 2 : Math.ceil(n - 1e-6))
const sayWithin = (n: number) => (upTo(n) <= 1 ? 'within a minute' : `within ${upTo(n)} minutes`)
/** What one and what nine of ten come to, where that is told apart from half of them. */
const sayTenths = (one: string, half: string, nine: string) =>
  list([...(one === half ? [] : [`one of ten ${one}`]), ...(nine === half ? [] : [`nine of ten ${nine}`])])
/** How long matches are: half of them, and the shortest and longest tenth where those are told apart. */
function sayLength({ low, usual, high }: Spread): string {
  const [short, middle, long] = [sayWithin(low), sayWithin(usual), sayWithin(high)]
  if (short === long) return `Nine of ten matches are over ${long}`
  return `Half the matches are over ${middle}, ${sayTenths(short, middle, long)}`
}
/** Scores at the end, in the same way: what so many have at most, which is true of level ones too. */
function sayScores({ low, usual, high }: Spread): string {
  if (low === high) return `At the end nearly everybody has ${figure(usual)}.`
  const [least, half, most] = [low, usual, high].map((score) => `${figure(score)} or less`) as [string, string, string]
  return `Scores at the end: half of them are ${half}, ${sayTenths(least, half, most)}.`
}
/** `no`, `1 of 100`, `less than 1 of 100`. */
const ofHundred = (part: number) =>
  part === 0 ? 'none' : part < 0.005 ? 'less than 1 of 100' : `${whole(part)} of 100`

/** Whether all play alike: only then who wins says something of beginning. */
const alike = (players: readonly PlayerKind[]) => players.every((kind) => kind === players[0])

/** Who wins how often, by place in the order. */
function sayWins(wins: readonly Interval[], players: readonly PlayerKind[]): string {
  const first = itemAt(wins, 0)
  if (!alike(players))
    return `${wins.map((part, i) => `Player ${i + 1} (${players[i]}) wins ${whole(part.value)} of 100, ${within(part)}`).join('; ')}. They don’t play alike, so this says nothing of who begins.`
  const fair = 1 / wins.length
  const edge = isSure(first, fair)
    ? first.value > fair
      ? 'beginning helps'
      : 'beginning is a handicap'
    : 'that beginning makes a difference, these matches don’t show'
  return `Whoever begins wins ${whole(first.value)} of 100, ${within(first)}: ${edge}.`
}

/** A report, a sentence a question. */
export function sayReport(
  { minutes: length, wins, level, ended, timed, early, changes, facts, factsInTen, slips, scores, matches }: Report,
  players: readonly PlayerKind[],
): string[] {
  if (!matches) return []
  const says = [`${sayLength(length)}.`]
  if (wins.length > 1) {
    says.push(sayWins(wins, players))
    says.push(`${ofHundred(level.value)} end level.`)
    says.push(
      `Whoever wins has led for good by the middle in ${ofHundred(early.value)}; the lead changes ${tenth(changes.value)} times a match.`,
    )
  }
  const stuck = 1 - ended.value
  says.push(
    stuck === 0
      ? 'All matches came to an end.'
      : `${ofHundred(stuck)} did not end within ${grouped(ENDLESS)} plays: set a clock.`,
  )
  if (timed.value > 0) says.push(`The clock ends ${ofHundred(timed.value)}.`)
  says.push(sayScores(scores))
  const each = facts.reduce((sum, { value }) => sum + value, 0) / facts.length
  says.push(`Each child practises ${tenth(each)} number facts a match, ${tenth(factsInTen)} in ten minutes.`)
  if (slips > 0) says.push(`Expect ${tenth(slips)} wrong answers a match.`)
  return says.map((sentence) => sentence.charAt(0).toUpperCase() + sentence.slice(1))
}

/** How B differs from A. What chance could have done by itself is told as no difference. */
export function sayComparison(
  { minutes: longer, facts, first, level }: Comparison,
  a: Report,
  players: readonly PlayerKind[],
): string[] {
  const bounds = ({ low, high }: Interval) => {
    const [least, most] = [Math.min(Math.abs(low), Math.abs(high)), Math.max(Math.abs(low), Math.abs(high))].map(tenth)
    return least === most ? '' : ` (${least} to ${most})`
  }
  const differences = [
    isSure(longer)
      ? `takes ${tenth(Math.abs(longer.value))} minutes ${longer.value > 0 ? 'longer' : 'less'}${bounds(longer)}`
      : null,
    isSure(facts)
      ? `gives each child ${tenth(Math.abs(facts.value))} ${facts.value > 0 ? 'more' : 'fewer'} number facts${bounds(facts)}`
      : null,
    isSure(level)
      ? `ends level ${tenth(100 * Math.abs(level.value))} of 100 times ${level.value > 0 ? 'more' : 'less'} often`
      : null,
  ].filter((each) => each !== null)
  const says = differences.length
    ? [`B ${list(differences)}.`]
    : ['These matches show no difference in length, number facts or level finishes.']
  if (a.wins.length > 1 && alike(players)) says.push(sayEdge(first, a))
  return says
}

/** Whether who begins matters more or less under B; only where both the difference and its direction are sure. */
function sayEdge(first: Interval, a: Report): string {
  if (!isSure(first)) return 'That who begins matters more or less under B, these matches don’t show.'
  const fair = 1 / a.wins.length
  const [edgeA, edgeB] = [itemAt(a.wins, 0).value - fair, itemAt(a.wins, 0).value + first.value - fair]
  const moved = `Whoever begins wins ${tenth(100 * Math.abs(first.value))} of 100 ${first.value > 0 ? 'more' : 'fewer'} under B`
  return `${moved}: who begins matters ${Math.abs(edgeB) < Math.abs(edgeA) ? 'less' : 'more'}.`
}

/** What the search for a rule proposes. */
export function sayProposal(label: string, { value, minutes: length, ended }: Tried): string {
  const ends = ended < 0.95 ? ` Only ${ofHundred(ended)} come to an end.` : ''
  const says = sayLength(length)
  return `${label} ${value}: ${says.charAt(0).toLowerCase()}${says.slice(1)}.${ends}`
}
