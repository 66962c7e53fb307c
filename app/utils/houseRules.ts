import { isEqual } from 'ohash/utils'
import type { Game } from '#core/contract/game'
import type { Problem } from '#core/contract/problem'
import { readHouseRules } from '#core/kernel/houseRules'
import { ruleFields, type RuleField } from '#core/kernel/ruleFields'
import { sayProblem } from '#core/wording/index'

/** House rules by name. */
export type Rules = Record<string, unknown>

/** Only what differs from what is usual: that is what a match file names. */
export const namedOnly = (rules: Readonly<Rules>, usual: Readonly<Rules>): Rules =>
  Object.fromEntries(Object.entries(rules).filter(([rule, value]) => !isEqual(value, usual[rule])))

/** A game's rules as fields, with what is usual beside the other rules as default. */
export const fieldsWith = (game: Game, usual: Readonly<Rules>): RuleField[] =>
  ruleFields(game)
    // Answers are chosen only where they are asked for under the rules beside them.
    .filter(({ name }) => name !== 'answers' || name in usual)
    .map((field) => ({ ...field, default: usual[field.name] ?? field.default }))

/** What is wrong with a house rule, in words; undefined when nothing is. */
export function ruleProblem(problems: readonly Problem[], rule: string, game: Game): string | undefined {
  const found = problems.find(({ path }) => path === `houseRules.${rule}` || path.startsWith(`houseRules.${rule}.`))
  return found && sayProblem(found, game)
}

/** Presets for so many players. */
export const presetsFor = ({ presets }: Game, seats: number) => presets.filter(({ most }) => seats <= (most ?? seats))

/** Whether a game can be played by so many under these rules. */
export const rulesFit = (game: Game, rules: Readonly<Rules>, seats: number): boolean =>
  readHouseRules(game, rules, seats).ok

/** House rules as an address holds them; null where there are none, or nonsense. */
export function rulesIn(text: unknown): Rules | null {
  try {
    const rules: unknown = JSON.parse(String(text))
    return rules && typeof rules === 'object' && !Array.isArray(rules) ? (rules as Rules) : null
  } catch {
    return null
  }
}
