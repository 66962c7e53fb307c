import type * as z from 'zod'

/** A value out of the browser's storage; undefined where it is no JSON, or not of this shape. */
export function readKept<T>(raw: string, shape: z.ZodType<T>): T | undefined {
  try {
    const read = shape.safeParse(JSON.parse(raw))
    return read.success ? read.data : undefined
  } catch {
    return undefined
  }
}
