import { itemAt } from '#core/basics/lists'
import { applied, type Sign } from '#core/games/own-game/calculation'
import type { OwnRules, SignName } from '#core/games/own-game/houseRules'

/** A value that numbers make, and the sentence that makes it. */
interface Made {
  readonly value: number
  readonly text: string
}

/** A sentence in the making: how tightly its last sign binds decides where brackets are needed. */
interface Part extends Made {
  readonly binds: 0 | 1 | 2
}

const SIGNS: Readonly<Record<SignName, Sign>> = { add: '+', subtract: '-', times: '*', divide: '/' }
/** Sentences kept for each choice of so many numbers: every value of four, the smallest beyond that. */
const MOST_KEPT = [3000, 3000, 3000, 3000, 3000, 150, 60]
/** The longest sentence that a play takes. */
const LONGEST = 80

function joined(sign: Sign, left: Part, right: Part): Part | null {
  const value = applied(sign, left.value, right.value)
  if (value === null) return null
  const binds = sign === '+' || sign === '-' ? 0 : 1
  const put = ({ text, binds: own }: Part, brackets: boolean) => (own < binds || brackets ? `(${text})` : text)
  // Taken from the left: what stands behind a minus or a division keeps its brackets.
  const behind = (sign === '-' || sign === '/') && right.binds <= binds
  return { value, text: `${put(left, false)}${sign}${put(right, behind)}`, binds }
}

/**
 * The values that number sentences make of these numbers under the rules, each with one sentence; all of them up to four
 * numbers, the smallest values of more.
 */
export function sentencesOf({ signs, useAll }: Pick<OwnRules, 'signs' | 'useAll'>, numbers: readonly number[]): Made[] {
  const all = (1 << numbers.length) - 1
  const most = MOST_KEPT[numbers.length] ?? 60
  const agreed = signs.map((name) => SIGNS[name])
  const made: Map<number, Part>[] = Array.from({ length: all + 1 }, () => new Map())
  for (let mask = 1; mask <= all; mask++) {
    const parts = itemAt(made, mask)
    const keep = (part: Part | null) => {
      if (part && part.text.length <= LONGEST && !parts.has(part.value)) parts.set(part.value, part)
    }
    const alone = Math.log2(mask)
    if (Number.isInteger(alone)) {
      const value = itemAt(numbers, alone)
      keep({ value, text: String(value), binds: 2 })
      continue
    }
    for (let half = (mask - 1) & mask; half > 0; half = (half - 1) & mask)
      for (const left of itemAt(made, half).values())
        for (const right of itemAt(made, mask ^ half).values())
          for (const sign of agreed) keep(joined(sign, left, right))
    if (parts.size > most) {
      const nearest = [...parts.values()].sort((a, b) => Math.abs(a.value) - Math.abs(b.value)).slice(0, most)
      made[mask] = new Map(nearest.map((part) => [part.value, part]))
    }
  }
  const wanted = useAll ? [all] : Array.from({ length: all }, (_, i) => i + 1)
  const found = new Map<number, Made>()
  for (const mask of wanted)
    for (const { value, text } of itemAt(made, mask).values()) if (!found.has(value)) found.set(value, { value, text })
  return [...found.values()]
}
