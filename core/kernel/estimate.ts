import { itemAt } from '#core/basics/lists'
import type { Game } from '#core/contract/game'
import { judgeEntry, takesTurns } from '#core/kernel/match'
import { mixedSeed } from '#core/basics/random'
import { nextPlay, openSelfPlay } from '#core/kernel/selfPlay'
import type { MatchState, Table } from '#core/contract/table'
import { ofSeat } from '#core/kit/seats'

/** How long matches are under some rules, in plays one after another, as bots play them. */
export interface Length {
  /** Nine of ten are longer than `low`, half are longer than `usual`, one of ten is longer than `high`. */
  readonly low: number
  readonly usual: number
  readonly high: number
  /** The part of the matches that came to an end. */
  readonly ended: number
  /** Matches that were played. */
  readonly matches: number
}

interface LengthOf {
  readonly game: Game
  readonly houseRules: Readonly<Record<string, unknown>>
  readonly seats: number
  /** Matches to play; 200 where left out. */
  readonly matches?: number
  /** What chance is drawn from. */
  readonly key?: string
}

/** Plays after which a match is taken not to end. */
export const ENDLESS = 1500

/** Counts plays one after another; where nobody waits for anybody, what players do at the same time counts once. */
export function countPlays(table: Table, opened: MatchState) {
  const turns = takesTurns(table, opened)
  const own = Array.from({ length: table.seats }, () => 0)
  let together = 0
  return {
    count({ by }: { readonly by?: number }) {
      if (turns || by === undefined) together++
      else own[by - 1] = ofSeat(own, by) + 1
    },
    played: () => together + Math.max(0, ...own),
  }
}

/**
 * Lets bots play and counts. Stops early when `goOn` says no (asked after each match): then with the matches there are; null where there is none.
 */
export function lengthOf(
  { game, houseRules, seats, matches = 200, key = 'length' }: LengthOf,
  goOn: (done: number) => boolean = () => true,
): Length | null {
  const players = Array.from({ length: seats }, (_, i) => `Player ${i + 1}`)
  const lengths: number[] = []
  let ended = 0
  for (let n = 0; n < matches; n++) {
    const match = mixedSeed(`${key} ${n}`)
    const { table, state } = openSelfPlay({ game, houseRules, players, source: 'dealt', key: match })
    const { count, played } = countPlays(table, state)
    let now = state
    for (let i = 0; i < ENDLESS; i++) {
      const play = nextPlay(table, now, match, i) as { readonly by?: number } | null
      if (play === null) break
      count(play)
      now = judgeEntry(table, now, { kind: 'play', play, overrule: false }).state
    }
    if (now.result) ended++
    lengths.push(played())
    if (!goOn(n + 1)) break
  }
  return lengths.length ? lengthFrom(lengths, ended) : null
}

/** How long matches of so many plays each are, at least one, of which so many came to an end. */
export function lengthFrom(plays: readonly number[], ended: number): Length {
  const matches = plays.length
  const sorted = [...plays].sort((a, b) => a - b)
  const at = (part: number) => itemAt(sorted, Math.min(matches - 1, Math.floor(part * matches)))
  return { low: at(0.1), usual: at(0.5), high: at(0.9), ended: ended / matches, matches }
}

/** Below this part of matches that end, a match may never end. */
export const SURELY = 0.98

/** A length in whole minutes at `seconds` a play, at most the clock's (`minutes`); null where matches may never end without a clock. */
export function minutesOf(
  length: Length,
  seconds: number,
  minutes: number | null,
): { readonly low: number; readonly usual: number; readonly high: number } | null {
  if (length.ended < SURELY && minutes === null) return null
  const told = (plays: number) => Math.min(Math.max(1, Math.round((plays * seconds) / 60)), minutes ?? Infinity)
  return { low: told(length.low), usual: told(length.usual), high: told(length.high) }
}
