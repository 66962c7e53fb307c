import { itemAt } from '#core/basics/lists'
import { applied, type Sign } from '#core/games/own-game/calculation'
import type { OwnRules, SignName } from '#core/games/own-game/houseRules'

/** A value that numbers make, with one sentence that makes it: written only when it is asked for. */
class Made {
  constructor(
    readonly value: number,
    private readonly parts: { readonly sign: Sign; readonly left: Made; readonly right: Made } | null,
  ) {}

  /** How tightly its last sign binds decides where brackets are needed. */
  private get binds(): 0 | 1 | 2 {
    const sign = this.parts?.sign
    return sign === undefined ? 2 : sign === '+' || sign === '-' ? 0 : 1
  }

  get text(): string {
    if (!this.parts) return String(this.value)
    const { sign, left, right } = this.parts
    const put = (part: Made, brackets: boolean) => (part.binds < this.binds || brackets ? `(${part.text})` : part.text)
    // Taken from the left: what stands behind a minus or a division keeps its brackets.
    const behind = (sign === '-' || sign === '/') && right.binds <= this.binds
    return `${put(left, false)}${sign}${put(right, behind)}`
  }
}

const SIGNS: Readonly<Record<SignName, Sign>> = { add: '+', subtract: '-', times: '*', divide: '/' }
/** Values kept for each choice of so many numbers: every one of four, the smallest beyond that. */
const MOST_KEPT = [3000, 3000, 3000, 3000, 3000, 150, 60]

/**
 * The values that number sentences make of these numbers under the rules, each with one sentence; all of them up to four
 * numbers, the smallest values of more.
 */
export function sentencesOf(
  { signs, useAll }: Pick<OwnRules, 'signs' | 'useAll'>,
  numbers: readonly number[],
): readonly Made[] {
  const all = (1 << numbers.length) - 1
  const most = MOST_KEPT[numbers.length] ?? 60
  const agreed = signs.map((name) => SIGNS[name])
  const made: Map<number, Made>[] = Array.from({ length: all + 1 }, () => new Map())
  for (let mask = 1; mask <= all; mask++) {
    const parts = itemAt(made, mask)
    const alone = Math.log2(mask)
    if (Number.isInteger(alone)) {
      const value = itemAt(numbers, alone)
      parts.set(value, new Made(value, null))
      continue
    }
    for (let half = (mask - 1) & mask; half > 0; half = (half - 1) & mask)
      for (const left of itemAt(made, half).values())
        for (const right of itemAt(made, mask ^ half).values())
          for (const sign of agreed) {
            const value = applied(sign, left.value, right.value)
            if (value !== null && !parts.has(value)) parts.set(value, new Made(value, { sign, left, right }))
          }
    if (parts.size > most) {
      const nearest = [...parts.values()].sort((a, b) => Math.abs(a.value) - Math.abs(b.value)).slice(0, most)
      made[mask] = new Map(nearest.map((part) => [part.value, part]))
    }
  }
  const wanted = useAll ? [all] : Array.from({ length: all }, (_, i) => i + 1)
  const found = new Map<number, Made>()
  for (const mask of wanted)
    for (const [value, each] of itemAt(made, mask)) if (!found.has(value)) found.set(value, each)
  return [...found.values()]
}
