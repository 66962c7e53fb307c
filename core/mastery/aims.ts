import * as z from 'zod'
import { cellAt, keyOf, SIDE, type CellKey, type Square } from '#core/mastery/cells'

/** What a child works on: a table, sums up to a number, or the pairs that make one. */
export const aimShape = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('table'), of: z.int().min(1).max(SIDE) }),
  z.strictObject({
    kind: z.literal('sums'),
    to: z
      .int()
      .min(5)
      .max(2 * SIDE),
  }),
  z.strictObject({ kind: z.literal('target'), of: z.int().min(2).max(20) }),
])
export type Aim = z.output<typeof aimShape>

/** Aims that a child has at a time. */
export const MOST_AIMS = 4
export const aimsShape = z
  .array(aimShape)
  .max(MOST_AIMS, `${MOST_AIMS} aims at most.`)
  .refine((aims) => new Set(aims.map(keyOfAim)).size === aims.length, 'The same aim stands there twice.')

/** An aim as a key: `table 7`. */
export const keyOfAim = (aim: Aim): string => `${aim.kind} ${aim.kind === 'sums' ? aim.to : aim.of}`

/** The facts that an aim is about, as cells of the squares. */
export function cellsOf(aim: Aim): CellKey[] {
  const side = Array.from({ length: SIDE }, (_, i) => i + 1)
  const all = (square: Square, wanted: (a: number, b: number) => boolean) =>
    side.flatMap((a) =>
      side.flatMap((b) => {
        const cell = a <= b && wanted(a, b) ? cellAt(square, a, b) : null
        return cell ? [keyOf(cell)] : []
      }),
    )
  if (aim.kind === 'table') return all('times', (a, b) => a === aim.of || b === aim.of)
  return all('add', (a, b) => (aim.kind === 'sums' ? a + b <= aim.to : a + b === aim.of))
}
