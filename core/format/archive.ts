import * as z from 'zod'
import { MOST_ENTRIES, readMatch, type MatchFile } from '#core/format/matchFile'
import { PENNANT_COUNT } from '#core/pennants'
import { problem, type Problem } from '#core/problem'
import type { Tape } from '#core/tape'

/** Everything of one installation in one file: people, and matches with their tapes. */
export const ARCHIVE = 'nimble-tally/archive'

const id = z.string().regex(/^[\w-]{1,40}$/)
const name = z.string().trim().min(1).max(40)
const pennant = z.int().min(1).max(PENNANT_COUNT)
/** The database has no year 0. */
const moment = z.iso.datetime({ offset: true }).refine((at) => !at.startsWith('0000'))
const unlike = (list: readonly { id: string }[]) => new Set(list.map(({ id }) => id)).size === list.length

const shape = z.strictObject({
  format: z.literal(ARCHIVE),
  version: z.literal(1),
  madeAt: moment,
  people: z.array(z.strictObject({ id, name, pennant })).max(10_000).refine(unlike),
  matches: z
    .array(
      z.strictObject({
        id,
        /** What the table was called. */
        name: z.string().trim().max(40).default(''),
        createdAt: moment,
        updatedAt: moment,
        seats: z.array(z.strictObject({ pennant, personId: id.nullable() })),
        /** Each entry's id and when it was recorded. */
        recorded: z
          .array(z.strictObject({ id: z.string().regex(/^[\w-]{1,64}$/), at: moment }))
          .max(MOST_ENTRIES)
          .refine(unlike),
        /** Milliseconds of its clock. */
        used: z.number().min(0).max(1e12),
        match: z.unknown(),
      }),
    )
    .max(100_000),
})

export type Archive = z.infer<typeof shape>

/** A match of an archive, opened and judged. */
export interface ArchivedMatch {
  readonly kept: Archive['matches'][number]
  readonly file: MatchFile
  readonly tape: Tape
}

export type ReadFrame = { readonly ok: true; readonly archive: Archive } | { readonly ok: false; readonly problems: readonly Problem[] }
export type ReadArchived = { readonly ok: true; readonly match: ArchivedMatch } | { readonly ok: false; readonly problems: readonly Problem[] }

/** Reads an archive from its text, without judging the matches in it; or everything that is wrong, each with its path. */
export function readArchiveFrame(text: string): ReadFrame {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch (error) {
    return { ok: false, problems: [problem('', 'not-json', { detail: (error as Error).message })] }
  }
  const read = shape.safeParse(json)
  if (read.success) return { ok: true, archive: read.data }
  return { ok: false, problems: read.error.issues.slice(0, 20).map((issue) => problem(issue.path.join('.'), 'bad-archive', { field: issue.path.join('.') })) }
}

/** Opens and judges one match of an archive, the one at place `i`; or everything that is wrong with it. */
export function readArchived(kept: Archive['matches'][number], i: number): ReadArchived {
  const at = `matches.${i}`
  const found = readMatch(kept.match)
  if (!found.ok)
    return { ok: false, problems: found.problems.map(({ path, code, facts }) => problem([`${at}.match`, path].filter(Boolean).join('.'), code, facts)) }
  const { file, tape } = found
  if (kept.seats.length !== file.players.length) return { ok: false, problems: [problem(`${at}.seats`, 'bad-archive', { field: `${at}.seats` })] }
  if (kept.recorded.length !== file.entries.length) return { ok: false, problems: [problem(`${at}.recorded`, 'bad-archive', { field: `${at}.recorded` })] }
  return { ok: true, match: { kept, file, tape } }
}
