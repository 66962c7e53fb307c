import * as z from 'zod'
import { namedRulesFields } from '#core/format/namedRules'
import { MOST_ENTRIES, readMatchInPieces, type MatchFile } from '#core/format/matchFile'
import { moment } from '#core/basics/moment'
import { PENNANT_COUNT } from '#core/basics/pennants'
import { aimsShape } from '#core/mastery/aims'
import { classesShape } from '#core/room/classes'
import { askedShape, MOST_ASKED } from '#core/kernel/predictions'
import { MEMBER_ORDERS } from '#core/kernel/members'
import { problem, type Problem } from '#core/contract/problem'
import type { Tape } from '#core/kernel/tape'

/** Everything of one installation in one file: people, and matches with their tapes. */
export const ARCHIVE = 'nimble-tally/archive'

const id = z.string().regex(/^[\w-]{1,40}$/)
const name = z.string().trim().min(1).max(40)
const pennant = z.int().min(1).max(PENNANT_COUNT)
const unlike = (list: readonly { id: string }[]) => new Set(list.map(({ id }) => id)).size === list.length

/** A match as an archive keeps it. */
const keptMatch = z.strictObject({
  id,
  /** What the table was called. */
  name: z.string().trim().max(40).default(''),
  createdAt: moment,
  updatedAt: moment,
  seats: z.array(
    z.strictObject({
      pennant,
      personId: id.nullable(),
      /** How the members of a side follow each other. */
      memberOrder: z.enum(MEMBER_ORDERS).optional(),
    }),
  ),
  /** Each entry's id and when it was recorded. */
  recorded: z
    .array(z.strictObject({ id: z.string().regex(/^[\w-]{1,64}$/), at: moment }))
    .max(MOST_ENTRIES)
    .refine(unlike),
  /** The session of the room that it belongs to; archives of before 0.10 have none. */
  session: id.nullable().default(null),
  /** Milliseconds of its clock. */
  used: z.number().min(0).max(1e12),
  /** True where the children play on their own; left out else. */
  veiled: z.boolean().optional(),
  /** What the room was asked before chance spoke; left out where it was asked nothing. */
  asked: z.array(askedShape).max(MOST_ASKED).optional(),
  match: z.unknown(),
})

/** An archive but for its matches, which are read one by one. */
const frame = z.strictObject({
  format: z.literal(ARCHIVE),
  version: z.literal(1),
  madeAt: moment,
  people: z
    .array(z.strictObject({ id, name, pennant, aims: aimsShape.optional(), classes: classesShape.optional() }))
    .max(10_000)
    .refine(unlike),
  /** House rules under a name; archives of before 0.9 have none, those of before 0.11 no versions. */
  namedRules: z
    .array(z.strictObject({ id, ...namedRulesFields, version: z.int().min(1).max(1_000_000).default(1) }))
    .max(5000)
    .refine(unlike)
    .default([]),
  /** Sessions of the room; archives of before 0.10 have none. */
  sessions: z
    .array(z.strictObject({ id, createdAt: moment, endedAt: moment.nullable() }))
    .max(20_000)
    .refine(unlike)
    .default([]),
})

export type ArchiveFrame = z.infer<typeof frame>
export type KeptMatch = z.infer<typeof keptMatch>

/** A match of an archive, opened and judged. */
interface ArchivedMatch {
  readonly kept: KeptMatch
  readonly file: MatchFile
  readonly tape: Tape
}

type ReadFrame =
  { readonly ok: true; readonly frame: ArchiveFrame } | { readonly ok: false; readonly problems: readonly Problem[] }
type ReadArchived =
  { readonly ok: true; readonly match: ArchivedMatch } | { readonly ok: false; readonly problems: readonly Problem[] }

/** Reads an archive without its matches; or everything that is wrong, each with its path. */
export function readArchiveFrame(json: unknown): ReadFrame {
  const read = frame.safeParse(json)
  return read.success ? { ok: true, frame: read.data } : { ok: false, problems: badArchive(read.error, []) }
}

/** Reads and judges one match of an archive, the one at place `i`; or everything that is wrong with it. */
export function* readArchived(json: unknown, i: number): Generator<void, ReadArchived> {
  const at = `matches.${i}`
  const read = keptMatch.safeParse(json)
  if (!read.success) return { ok: false, problems: badArchive(read.error, ['matches', i]) }
  const kept = read.data
  const found = yield* readMatchInPieces(kept.match)
  if (!found.ok)
    return {
      ok: false,
      problems: found.problems.map((each) => ({ ...each, path: [`${at}.match`, each.path].filter(Boolean).join('.') })),
    }
  const { file, tape } = found
  if (kept.seats.length !== file.players.length)
    return { ok: false, problems: [problem(`${at}.seats`, 'bad-archive', { field: `${at}.seats` })] }
  if (kept.recorded.length !== file.entries.length)
    return { ok: false, problems: [problem(`${at}.recorded`, 'bad-archive', { field: `${at}.recorded` })] }
  return { ok: true, match: { kept, file, tape } }
}

function badArchive(error: z.ZodError, within: readonly PropertyKey[]): Problem[] {
  const paths = error.issues.slice(0, 20).map((issue) => [...within, ...issue.path].join('.'))
  return paths.map((path) => problem(path, 'bad-archive', { field: path }))
}
