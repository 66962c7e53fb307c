import type * as z from 'zod'

/** What is wrong, as the schema finds it: no sentence made, no error built. */
export type RawIssue = z.core.$ZodRawIssue

type ReadShape<T> =
  { readonly ok: true; readonly data: T } | { readonly ok: false; readonly issues: readonly RawIssue[] }

/**
 * Reads a value by a schema. Like `safeParse`, but leaves the issues raw: bulk judging refuses millions of plays, and
 * their sentences are made elsewhere.
 */
export function readShape<T>(schema: z.ZodType<T>, value: unknown): ReadShape<T> {
  const { value: data, issues } = schema._zod.run({ value, issues: [] }, { async: false }) as z.core.ParsePayload<T>
  return issues.length ? { ok: false, issues } : { ok: true, data }
}
