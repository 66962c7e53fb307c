import { itemAt } from '#core/basics/lists'
import type { Game } from '#core/contract/game'
import { readHouseRules } from '#core/kernel/houseRules'
import { awaits, judgeEntry, openMatch } from '#core/kernel/match'
import { randomFor } from '#core/basics/random'
import type { MatchState, Table } from '#core/contract/table'
import { addEntry, foldTape, type Tape } from '#core/kernel/tape'

/** A match that bots play. */
interface SelfPlay {
  readonly game: Game
  readonly houseRules?: Readonly<Record<string, unknown>>
  readonly players: readonly string[]
  readonly first?: number
  /** `dealt`: the bots get the dealer's own chance, so that nothing is noted as not dealt. */
  readonly source?: 'table' | 'dealt'
  /** What chance is drawn from: the same key, the same match. */
  readonly key: string
  /** How many entries are played at most; 5,000 when left out. */
  readonly most?: number
  /** Entries by their place (from 0) that are recorded instead of a bot's play. */
  readonly script?: Readonly<Record<number, unknown>>
}

const MOST = 5000

/** Opens the match of `given`, its opening laid out by chance. Throws on rules that can't be played: that is a programmer's error. */
export function openSelfPlay({ game, houseRules = {}, players, first = 1, source = 'table', key }: SelfPlay): {
  readonly table: Table
  readonly state: MatchState
} {
  const read = readHouseRules(game, houseRules, players.length)
  if (!read.ok) throw new Error(`${game.id} ${key}: ${JSON.stringify(read.problems)}`)
  const opening = game.dealOpening?.(read.rules, players.length, randomFor(key, 'opening')) ?? null
  const opened = openMatch(game, { houseRules, players, first, source, seed: source === 'dealt' ? key : null, opening })
  if (!opened.ok) throw new Error(`${game.id} ${key}: ${JSON.stringify(opened.problems)}`)
  return opened
}

/** What the next bot plays; null when the match is over. `n` is how many entries came before. */
export function nextPlay(table: Table, state: MatchState, key: string, n: number): unknown {
  const waits = awaits(table, state)
  if (!waits) return null
  const random = table.source === 'dealt' ? randomFor(key, 'deal', state.played) : randomFor(key, n)
  return table.game.bot(state.rules, state.game, itemAt(waits.seats, n % waits.seats.length), random)
}

/** Lets bots play a match, to its end or to `most` entries, and keeps its tape. */
export function selfPlay(given: SelfPlay): Tape {
  const { table, state } = openSelfPlay(given)
  let tape = foldTape(table, state, [])
  for (let n = 0; n < (given.most ?? MOST); n++) {
    const play = nextPlay(table, tape.state, given.key, n)
    if (play === null) break
    tape = addEntry(tape, given.script?.[n] ?? { play })
  }
  return tape
}

/** The same without a tape: only the state at the end, for millions of matches. */
export function selfPlayState(given: SelfPlay): MatchState {
  const { table, state } = openSelfPlay(given)
  let now = state
  for (let n = 0; n < (given.most ?? MOST); n++) {
    const play = nextPlay(table, now, given.key, n)
    if (play === null) break
    now = judgeEntry(table, now, { kind: 'play', play, overrule: false }).state
  }
  return now
}
