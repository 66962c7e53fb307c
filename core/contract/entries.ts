import * as z from 'zod'

/**
 * Entries of the tape, read from JSON. Reading never fails: what is no entry is `malformed`, stays on the tape
 * as a slip and changes nothing, so that a file with one bad line can still be judged.
 */
const CALLS = ['finish', 'time', 'chart', 'note'] as const
export type Call = (typeof CALLS)[number]

/** What an entry may hold: letters of its texts and names, and eight for every value in it; about as many bytes of JSON. */
export const MOST_HELD = 16_000

/** Whether an entry is no longer than an entry needs to be; stops counting as soon as it is. */
export function isShort(raw: unknown): boolean {
  let left = MOST_HELD
  const count = (value: unknown): void => {
    left -= typeof value === 'string' ? value.length : 8
    if (typeof value !== 'object' || value === null) return
    for (const name in value) {
      if (left < 0) return
      left -= Array.isArray(value) ? 0 : name.length
      count((value as Readonly<Record<string, unknown>>)[name])
    }
  }
  count(raw)
  return left >= 0
}

const why = z.string().max(500)
/** Any entry may say when it was made (ISO 8601) and why; neither changes what it does. */
const remarks = { why: why.optional(), at: z.string().max(40).optional() }
const entryNumber = z.int()
/** Points that one award may give or take: sums stay whole numbers that can be told. */
const MOST_AWARDED = 10_000

const PLAY = z.strictObject({ play: z.unknown(), overrule: why.optional(), ...remarks })
const AMEND = z.strictObject({ amend: entryNumber, play: z.unknown(), overrule: why.optional(), ...remarks })
const REOPEN = z.strictObject({ amend: z.literal(0), opening: z.unknown(), ...remarks })
const STRIKE = z.strictObject({ strike: entryNumber, ...remarks })
const RULING = z.strictObject({
  ruling: z.union([
    z.strictObject({ houseRules: z.record(z.string(), z.unknown()) }),
    z.strictObject({
      award: z.strictObject({
        by: z.int(),
        points: z
          .int()
          .min(-MOST_AWARDED)
          .max(MOST_AWARDED)
          .refine((points) => points !== 0),
      }),
    }),
  ]),
  ...remarks,
})
const CALL = z.strictObject({ call: z.enum(CALLS), ...remarks })
/** What anybody can reach: scores stay whole numbers that can be told. */
export const MOST_REACHED = 1_000_000
const ON_PAPER = z.strictObject({
  call: z.literal('on-paper'),
  reached: z.array(z.int().min(-MOST_REACHED).max(MOST_REACHED)).min(1).max(8),
  ...remarks,
})

/** The public shape of an entry, for the JSON Schema of the match file. */
export const entrySchema = z.union([PLAY, AMEND, REOPEN, STRIKE, RULING, CALL, ON_PAPER])

export type Entry =
  | { readonly kind: 'play'; readonly play: unknown; readonly overrule: boolean }
  | { readonly kind: 'amend'; readonly target: number; readonly play: unknown; readonly overrule: boolean }
  /** The opening was mistaken: this one instead. */
  | { readonly kind: 'reopen'; readonly opening: unknown }
  | { readonly kind: 'strike'; readonly target: number }
  | { readonly kind: 'rules'; readonly houseRules: Readonly<Record<string, unknown>> }
  | { readonly kind: 'award'; readonly by: number; readonly points: number }
  | { readonly kind: 'call'; readonly call: Call }
  /** It was played on paper: what everybody reached, by seat. */
  | { readonly kind: 'on-paper'; readonly reached: readonly number[] }
  /** Nothing that the tape can hold; `ruling` where it was meant for one. */
  | { readonly kind: 'malformed'; readonly ruling?: true }

const MALFORMED: Entry = { kind: 'malformed' }
const BAD_RULING: Entry = { kind: 'malformed', ruling: true }

/** Reads one entry of the tape from JSON. */
export function readEntry(raw: unknown): Entry {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return MALFORMED
  if ('amend' in raw) {
    if ('opening' in raw) {
      const reopened = REOPEN.safeParse(raw)
      return reopened.success ? { kind: 'reopen', opening: reopened.data.opening } : MALFORMED
    }
    const read = AMEND.safeParse(raw)
    if (!read.success || !('play' in raw)) return MALFORMED
    return { kind: 'amend', target: read.data.amend, play: read.data.play, overrule: read.data.overrule !== undefined }
  }
  if ('play' in raw) {
    // Nearly every entry is a bare play; bulk judging reads millions.
    if (Object.keys(raw).length === 1) return { kind: 'play', play: raw.play, overrule: false }
    const read = PLAY.safeParse(raw)
    return read.success ? { kind: 'play', play: read.data.play, overrule: read.data.overrule !== undefined } : MALFORMED
  }
  if ('strike' in raw) {
    const read = STRIKE.safeParse(raw)
    return read.success ? { kind: 'strike', target: read.data.strike } : MALFORMED
  }
  if ('ruling' in raw) {
    const read = RULING.safeParse(raw)
    if (!read.success) return BAD_RULING
    const ruling = read.data.ruling
    return 'award' in ruling ? { kind: 'award', ...ruling.award } : { kind: 'rules', houseRules: ruling.houseRules }
  }
  if ('reached' in raw) {
    const onPaper = ON_PAPER.safeParse(raw)
    return onPaper.success ? { kind: 'on-paper', reached: onPaper.data.reached } : MALFORMED
  }
  const read = CALL.safeParse(raw)
  return read.success ? { kind: 'call', call: read.data.call } : MALFORMED
}
