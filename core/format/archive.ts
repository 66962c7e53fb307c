import * as z from 'zod'
import { readMatch, type MatchFile, type ReadMatch } from '#core/format/matchFile'
import { PENNANT_COUNT } from '#core/pennants'
import { problem, type Problem } from '#core/problem'
import type { Tape } from '#core/tape'

/** Everything of one installation in one file: people, and matches with their tapes. */
export const ARCHIVE = 'nimble-tally/archive'

const id = z.string().regex(/^[\w-]{1,40}$/)
const name = z.string().trim().min(1).max(40)
const pennant = z.int().min(1).max(PENNANT_COUNT)
const moment = z.iso.datetime({ offset: true })
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
        createdAt: moment,
        updatedAt: moment,
        seats: z.array(z.strictObject({ pennant, personId: id.nullable() })),
        /** Each entry's id and when it was recorded. */
        recorded: z.array(z.strictObject({ id: z.string().regex(/^[\w-]{1,64}$/), at: moment })).refine(unlike),
        /** Milliseconds of its clock. */
        used: z.number().min(0),
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

export type ReadArchive =
  { readonly ok: true; readonly archive: Archive; readonly matches: readonly ArchivedMatch[] } | { readonly ok: false; readonly problems: readonly Problem[] }

/** Reads an archive from its text and judges every match in it; or everything that is wrong, each with its path. */
export function readArchiveText(text: string): ReadArchive {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch (error) {
    return { ok: false, problems: [problem('', 'not-json', { detail: (error as Error).message })] }
  }
  const read = shape.safeParse(json)
  if (!read.success)
    return { ok: false, problems: read.error.issues.slice(0, 20).map((issue) => problem(issue.path.join('.'), 'bad-archive', { field: issue.path.join('.') })) }
  const archive = read.data
  const problems: Problem[] = []
  const matches: ArchivedMatch[] = []
  archive.matches.forEach((kept, i) => {
    const found: ReadMatch = readMatch(kept.match)
    const at = `matches.${i}`
    if (!found.ok) problems.push(...found.problems.map(({ path, code, facts }) => problem([`${at}.match`, path].filter(Boolean).join('.'), code, facts)))
    else if (kept.seats.length !== found.file.players.length || kept.recorded.length !== found.file.entries.length)
      problems.push(problem(at, 'bad-archive', { field: `${at}.${kept.seats.length === found.file.players.length ? 'recorded' : 'seats'}` }))
    else matches.push({ kept, file: found.file, tape: found.tape })
  })
  return problems.length ? { ok: false, problems } : { ok: true, archive, matches }
}
