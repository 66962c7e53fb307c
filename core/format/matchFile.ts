import * as z from 'zod'
import { gameById, GAMES } from '#core/games/index'
import { entrySchema, isShort, MOST_HELD } from '#core/contract/entries'
import { MOST_MEMBERS, playerOf } from '#core/contract/table'
import { openMatch } from '#core/kernel/match'
import { problem, type Problem } from '#core/contract/problem'
import { atOnce, foldTapeInPieces, type Tape } from '#core/kernel/tape'

/** The public match format, version 1 (docs/match-file.md). */
export const FORMAT = 'nimble-tally/match'
export const VERSION = 1
/** More entries than any sitting has: what can be recorded in a match, and so what can be brought in. */
export const MOST_ENTRIES = 5000

const name = z.string().trim().min(1).max(40)

const side = z.strictObject({ name, members: z.array(name).min(1).max(MOST_MEMBERS) })

/** What a reader accepts: everything but format, version, game and players may be left out. */
const shape = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  game: z.string().max(60),
  houseRules: z.record(z.string(), z.unknown()).default({}),
  players: z.array(z.union([name, side])).max(64),
  first: z.number().default(1),
  source: z.enum(['table', 'dealt']).default('table'),
  seed: z.union([z.string().max(200), z.number(), z.null()]).default(null),
  opening: z.unknown().default(null),
  entries: z.array(z.unknown()).max(MOST_ENTRIES).default([]),
})

export type MatchFile = z.infer<typeof shape>

/** The schema with its public entries, for the JSON Schema. */
export const publicShape = shape.extend({ entries: z.array(entrySchema).max(MOST_ENTRIES).default([]) })

export type ReadMatch =
  | { readonly ok: true; readonly file: MatchFile; readonly tape: Tape }
  | { readonly ok: false; readonly problems: readonly Problem[] }

/** Reads a match file from its text and judges it. `not-json` says where the text breaks. */
export function readMatchText(text: string): ReadMatch {
  return atOnce(readMatchTextInPieces(text))
}

/** The same in pieces: a tape of thousands of entries keeps no loop from others. */
export function* readMatchTextInPieces(text: string): Generator<void, ReadMatch> {
  let json: unknown
  try {
    json = JSON.parse(text.charCodeAt(0) === 0xfeff ? text.slice(1) : text)
  } catch (error) {
    return { ok: false, problems: [problem('', 'not-json', { detail: (error as Error).message })] }
  }
  yield
  return yield* readMatchInPieces(json)
}

/** Reads a match file from JSON, opens its match and folds its tape; or everything that is wrong with it. */
export function readMatch(json: unknown): ReadMatch {
  return atOnce(readMatchInPieces(json))
}

/** The same in pieces. */
export function* readMatchInPieces(json: unknown): Generator<void, ReadMatch> {
  const read = shape.safeParse(json)
  if (!read.success) return { ok: false, problems: read.error.issues.flatMap((issue) => fromIssue(issue, json)) }
  const file = read.data
  const long = file.entries.findIndex((entry) => !isShort(entry))
  if (long >= 0)
    return { ok: false, problems: [problem(`entries.${long}`, 'entry-too-long', { entry: long + 1, most: MOST_HELD })] }
  const game = gameById(file.game)
  if (!game) {
    const known = GAMES.map(({ id }) => id)
    return { ok: false, problems: [problem('game', 'unknown-game', { game: file.game, known })] }
  }
  const opened = openMatch(game, file)
  if (!opened.ok) return { ok: false, problems: opened.problems }
  return { ok: true, file, tape: yield* foldTapeInPieces(opened.table, opened.state, file.entries) }
}

const EXPECTED: Readonly<Record<string, string>> = {
  game: 'the id of a game',
  houseRules: 'an object of house rules',
  players: 'a list of names, each 1 to 40 letters, or of sides with members',
  first: 'a seat number',
  source: '"table" or "dealt"',
  seed: 'a text, a number or null',
  entries: 'a list of entries',
}

function fromIssue(issue: z.core.$ZodIssue, json: unknown): Problem[] {
  const side = sideIn(issue, json)
  if (side !== null) return [problem(`players.${side}`, 'bad-players', { player: side + 1 })]
  if (issue.code === 'unrecognized_keys') return issue.keys.map((key) => problem(key, 'unknown-field', { field: key }))
  const field = String(issue.path[0] ?? '')
  const path = issue.path.join('.')
  if (field === '' || field === 'format') return [problem(path, 'bad-format', {})]
  if (field === 'version')
    return [problem(path, 'bad-version', { version: sayable((json as { version?: unknown }).version) })]
  if (field === 'first') return [problem(path, 'bad-first', { seats: seatsIn(json) })]
  if (field === 'houseRules') return [problem(path, 'bad-house-rule', { rule: 'houseRules' })]
  if (field === 'entries' && issue.code === 'too_big') return [problem(path, 'too-long', { most: MOST_ENTRIES })]
  return [problem(path, 'bad-field', { field, expected: EXPECTED[field] ?? 'something else' })]
}

/** The player that an issue is about, where that is an object: no name, and so meant for a side; null elsewhere. */
function sideIn({ path: [field, at] }: z.core.$ZodIssue, json: unknown): number | null {
  const players: unknown = field === 'players' ? (json as { players?: unknown }).players : null
  const player: unknown = Array.isArray(players) ? players[Number(at)] : null
  return typeof player === 'object' && player !== null && !Array.isArray(player) ? Number(at) : null
}

/** A value as a sentence can name it: lists and objects only by what they are. */
function sayable(value: unknown): string {
  if (typeof value === 'object' && value !== null) return Array.isArray(value) ? 'a list' : 'an object'
  return (JSON.stringify(value) ?? 'none').slice(0, 40)
}

function seatsIn(json: unknown): number {
  const players = (json as { players?: unknown }).players
  return Array.isArray(players) ? players.length : 0
}

/** A match file of a table and its recorded entries, as it is exported. */
export function makeMatchFile(tape: Tape, houseRules: Readonly<Record<string, unknown>>): MatchFile {
  const { game, players, sides, first, source, seed, opening } = tape.table
  return {
    format: FORMAT,
    version: VERSION,
    game: game.id,
    houseRules: { ...houseRules },
    players: players.map((name, i) => playerOf({ name, members: sides?.[i] })),
    first,
    source,
    seed,
    opening,
    entries: tape.lines.map((line) => line.raw),
  }
}
