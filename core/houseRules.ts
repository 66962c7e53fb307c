import * as z from 'zod'
import type { Game } from '#core/game'
import { problem, type Problem } from '#core/problem'

/** The house rules that every game shares. */
export interface CommonRules {
  readonly answers: 'off' | 'noted' | 'must-be-right'
  readonly explain: 'off' | 'invited' | 'required'
  readonly tie: 'share' | 'extra-round'
  /** Length of the clock in minutes; null without one. */
  readonly minutes: number | null
}

const COMMON: CommonRules = { answers: 'noted', explain: 'invited', tie: 'share', minutes: null }

const COMMON_SHAPE = {
  answers: z.enum(['off', 'noted', 'must-be-right']).meta({
    label: 'Sums said aloud',
    hint: 'What happens when a player says the sum and it is wrong.',
    choices: { off: 'Not asked', noted: 'Noted', 'must-be-right': 'Must be right' },
  }),
  explain: z.enum(['off', 'invited', 'required']).meta({
    label: 'Explaining',
    hint: 'Whether a player tells how they found the answer. Anyone may pass on explaining aloud.',
    choices: { off: 'Not asked', invited: 'Invited', required: 'Required' },
  }),
  tie: z.enum(['share', 'extra-round']).meta({
    label: 'Level at the end',
    hint: 'Share the win, or play another whole round until it breaks.',
    choices: { share: 'Share the win', 'extra-round': 'Extra round' },
  }),
  minutes: z.int().min(1).max(90).nullable().meta({
    label: 'Clock',
    hint: 'Minutes of play. When they are over, the round is finished.',
    none: 'No clock',
    suggest: 15,
  }),
}

/** The house rules that may change in the middle of a match, where a game has them. */
export const CHANGEABLE: ReadonlySet<string> = new Set([
  'answers', 'explain', 'tie', 'minutes', 'rounds', 'turns', 'goal', 'again', 'over', 'under', 'wrongCall', 'counted',
  'finish', 'recount', 'mustFreeze', 'tiedRound', 'unclaimed', 'mustStrike', 'redeals', 'passes', 'afterPush', 'safeStack',
])

const SCHEMAS = new WeakMap<object, z.ZodObject>()

/** The whole schema of a game's house rules, common ones first, every field with its default. */
export function houseRulesSchema(game: Pick<Game, 'houseRules' | 'commonDefaults' | 'answers'>): z.ZodObject {
  const known = SCHEMAS.get(game)
  if (known) return known
  const defaults = { ...COMMON, ...game.commonDefaults }
  const schema = z.strictObject({
    ...game.houseRules.shape,
    ...(game.answers ? { answers: COMMON_SHAPE.answers.default(defaults.answers) } : {}),
    explain: COMMON_SHAPE.explain.default(defaults.explain),
    tie: COMMON_SHAPE.tie.default(defaults.tie),
    minutes: COMMON_SHAPE.minutes.default(defaults.minutes),
  })
  SCHEMAS.set(game, schema)
  return schema
}

export type ReadHouseRules<R> =
  | { readonly ok: true; readonly rules: R }
  | { readonly ok: false; readonly problems: readonly Problem[] }

/**
 * House rules as named in a file, completed with the defaults and checked: `unknown-house-rule`,
 * `bad-house-rule` (type or bounds), `answers-not-offered`, `tie-not-offered`, and what the game itself refuses.
 */
export function readHouseRules<R extends CommonRules>(
  game: Game<R, never, never, never> | Game,
  named: unknown,
  seats: number,
  when: 'setup' | 'ruling' = 'setup',
): ReadHouseRules<R> {
  const plain = (named ?? {}) as Record<string, unknown>
  if (typeof plain !== 'object' || Array.isArray(plain))
    return { ok: false, problems: [problem('houseRules', 'bad-house-rule', { expected: 'object' })] }
  if (!game.answers && 'answers' in plain)
    return { ok: false, problems: [problem('houseRules.answers', 'answers-not-offered', { rule: 'answers' })] }
  const read = houseRulesSchema(game as Game).safeParse(plain)
  if (!read.success) {
    // A value that breaks two bounds is one problem.
    const found = read.error.issues.flatMap((issue) => fromIssue(issue, plain))
    return { ok: false, problems: found.filter(({ path }, i) => found.findIndex((other) => other.path === path) === i) }
  }
  const rules = (game.answers ? read.data : { ...read.data, answers: 'off' }) as unknown as R
  if (rules.tie === 'extra-round' && !game.extraRound(rules as never))
    return { ok: false, problems: [problem('houseRules.tie', 'tie-not-offered', { rule: 'tie' })] }
  const problems = game.problems(rules as never, seats, when)
  return problems.length ? { ok: false, problems } : { ok: true, rules }
}

function fromIssue(issue: z.core.$ZodIssue, named: Record<string, unknown>): Problem[] {
  if (issue.code === 'unrecognized_keys' && issue.path.length === 0)
    return issue.keys.map((key) => problem(`houseRules.${key}`, 'unknown-house-rule', { rule: key }))
  const rule = String(issue.path[0] ?? '')
  const facts: Record<string, unknown> = { rule, value: named[rule] ?? null }
  if (issue.code === 'too_small') facts.least = Number(issue.minimum)
  if (issue.code === 'too_big') facts.most = Number(issue.maximum)
  if (issue.code === 'invalid_value') facts.oneOf = issue.values
  return [problem(['houseRules', ...issue.path].join('.'), 'bad-house-rule', facts)]
}
