import { count, figure } from '#core/basics/words'
import type { About } from '#core/contract/game'
import type { SkillId } from '#core/contract/skills'
import { about } from '#core/games/own-game/about'
import { bringsOf, facesOfBrings, type OwnRules, type Way } from '#core/games/own-game/houseRules'
import { sayBrings } from '#core/games/own-game/sayRecipe'

/** Beyond this, numbers are large ones for children. */
const LARGE = 100

/** The least and the largest that a way may make, by its lowest and highest numbers; of sentences nothing is known. */
function reachOf(rules: OwnRules, { makes }: Way): { readonly low: number; readonly high: number } | null {
  const numbers = bringsOf(rules)
  const { low, high } = facesOfBrings(rules)
  switch (makes) {
    case 'sum':
      return { low: low * numbers, high: high * numbers }
    case 'product':
      return { low: Math.min(0, low) * high ** (numbers - 1), high: high ** numbers }
    case 'difference':
      return { low: 0, high: high - low }
    case 'number':
      return { low: 0, high: Number(String(high).repeat(numbers)) }
    case 'calculation':
      return null
    default:
      return { low, high }
  }
}

/** What of a way is practised. */
function skillsOfWay(rules: OwnRules, way: Way): SkillId[] {
  const numbers = bringsOf(rules)
  const several = numbers > 2 ? ['adding-several' as const] : numbers === 2 ? ['adding' as const] : []
  switch (way.makes) {
    case 'sum':
      return several
    case 'product':
      return numbers > 1 ? ['times-tables'] : []
    case 'difference':
      return ['taking-away']
    case 'number':
      return ['place-value', 'tens-and-ones']
    case 'calculation':
      return ['adding-several', 'planning']
    default:
      return numbers > 1 ? ['comparing'] : []
  }
}

/** What a recipe lets practise. */
function skillsOfRecipe(rules: OwnRules): readonly SkillId[] {
  const { ways, scoring, track, specials, throws, start, floor, goal } = rules
  const far = Math.max(...ways.map((way) => reachOf(rules, way)?.high ?? 0), Math.abs(start), Math.abs(goal ?? 0))
  const whens = specials.map(({ when }) => when.is)
  const found: SkillId[] = [
    ...ways.flatMap((way) => skillsOfWay(rules, way)),
    ...(scoring === 'gains' && !track ? ['running-totals' as const] : []),
    ...(scoring === 'gains' ? [] : ['comparing' as const]),
    ...(ways.some(({ does }) => does === 'take') && scoring === 'gains' ? ['taking-away' as const] : []),
    ...(track ? ['number-line' as const, 'counting-on' as const] : []),
    ...(facesOfBrings(rules).low < 0 || (floor === null && ways.some(({ does }) => does === 'take'))
      ? ['below-zero' as const]
      : []),
    ...(whens.includes('even') || whens.includes('odd') ? ['odd-even' as const] : []),
    ...(whens.includes('multiple') || whens.includes('on-multiple') ? ['skip-counting' as const] : []),
    ...(throws === 'choice' ? ['chance' as const, 'planning' as const] : []),
    ...(ways.length > 1 ? ['planning' as const] : []),
    ...(far > LARGE ? ['large-numbers' as const] : []),
  ]
  return [...new Set(found)]
}

/** Up to where it is worked out: `adding to 12, products to 36`. */
function sayReach(rules: OwnRules): string {
  const said = rules.ways.flatMap((way) => {
    const high = reachOf(rules, way)?.high
    const names = { sum: 'sums', product: 'products', difference: 'differences', number: 'numbers' } as const
    return high !== undefined && way.makes in names
      ? [`${names[way.makes as keyof typeof names]} to ${figure(high)}`]
      : []
  })
  return [...new Set(said)].join(', ')
}

/** An own game as it stands among the others: by its name, with what it practises and needs. */
export function aboutRecipe(rules: OwnRules, name: string): About {
  const { brings } = rules
  const usual = brings.kind === 'dice' && brings.sides.every((sides) => sides === 6)
  const needs = brings.kind === 'dice' ? (usual ? 'dice' : 'other-dice') : brings.kind
  const reach = sayReach(rules)
  const ends = rules.rounds === null ? '' : ` ${count(rules.rounds, 'round', 'rounds')}.`
  return {
    ...about,
    title: name,
    line: `Our own: ${sayBrings(rules)}${reach ? `; ${reach}` : ''}.${ends}`,
    skills: skillsOfRecipe(rules),
    needs: [[needs], ['paper']],
    ...(rules.goal !== null && rules.rounds === null ? { race: true } : {}),
  }
}
