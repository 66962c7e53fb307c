import type { Try } from '#core/mastery/mastery'

/** Kinds of slips, by what was said instead of what is right. */
export const SLIP_KINDS = ['one-off', 'ten-off', 'swapped', 'other-operation', 'a-part', 'other'] as const
export type SlipKind = (typeof SLIP_KINDS)[number]

/** Of which kind a wrong answer is; null where it was right or not said. */
export function slipKind({ operation, terms, answer, said }: Try): SlipKind | null {
  if (said === null || said === answer) return null
  const off = Math.abs(said - answer)
  if (off === 1) return 'one-off'
  if (off === 10) return 'ten-off'
  if (isSwapped(said, answer)) return 'swapped'
  const [one = 0, other = 0] = terms
  const otherwise = [one + other, one - other, other - one, one * other]
  if (terms.length === 2 && otherwise.includes(said)) return 'other-operation'
  // A part of several was left out: 5 + 4 + 3 said as 9.
  if (operation === 'add' && terms.some((term) => term !== 0 && answer - said === term)) return 'a-part'
  return 'other'
}

const isSwapped = (said: number, answer: number) =>
  answer >= 10 && String(said) === [...String(answer)].reverse().join('')

/** How many slips there are of each kind, the most frequent first; kinds without any are left out. */
export function slipsOf(
  tries: readonly Try[],
): readonly { readonly kind: SlipKind; readonly count: number; readonly newest: Try }[] {
  const found = new Map<SlipKind, Try[]>()
  for (const each of tries) {
    const kind = slipKind(each)
    if (kind) found.set(kind, [...(found.get(kind) ?? []), each])
  }
  return [...found]
    .map(([kind, list]) => ({ kind, count: list.length, newest: list.reduce((a, b) => (a.at >= b.at ? a : b)) }))
    .sort((a, b) => b.count - a.count || SLIP_KINDS.indexOf(a.kind) - SLIP_KINDS.indexOf(b.kind))
}
