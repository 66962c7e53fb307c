import { itemAt } from '#core/basics/lists'
import * as z from 'zod'
import { commonShape, type CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import { problem, type Problem } from '#core/contract/problem'
import { readShape, type RawIssue } from '#core/basics/readShape'

const SCHEMAS = new WeakMap<object, z.ZodObject>()

/** Whether spoken answers have an effect in a game under these rules, so that `answers` may be named. */
export function offersAnswers<R extends CommonRules>(
  { answerCalled }: Pick<Game<R>, 'answerCalled'>,
  rules: R,
): boolean {
  return (answerCalled?.(rules) ?? null) !== null
}

/** Whether spoken answers have an effect in a game under any rules. */
function hasAnswers(game: Pick<Game, 'answerCalled'>): boolean {
  return game.answerCalled !== undefined
}

/** The whole schema of a game's house rules, its own first, every field with its default. */
export function houseRulesSchema(game: Pick<Game, 'houseRules' | 'commonDefaults' | 'answerCalled'>): z.ZodObject {
  const known = SCHEMAS.get(game)
  if (known) return known
  const schema = z.strictObject({ ...game.houseRules.shape, ...commonShape(hasAnswers(game), game.commonDefaults) })
  SCHEMAS.set(game, schema)
  return schema
}

/** What is said at a house rule for people (`label`, `hint`, `choices`, `changeable` …), wherever in its schema it stands. */
export function ruleMeta(field: z.core.$ZodType): Readonly<Record<string, unknown>> {
  const inner = (field as { def?: { innerType?: z.core.$ZodType } }).def?.innerType
  return { ...(inner ? ruleMeta(inner) : {}), ...z.globalRegistry.get(field) }
}

const CHANGEABLE = new WeakMap<object, ReadonlySet<string>>()

/** The house rules of a game that a ruling may change: those that say so (`changeable` in their metadata). */
export function changeableRules(
  game: Pick<Game, 'houseRules' | 'commonDefaults' | 'answerCalled'>,
): ReadonlySet<string> {
  const known = CHANGEABLE.get(game)
  if (known) return known
  const fields = Object.entries(houseRulesSchema(game).shape)
  const names = new Set(fields.flatMap(([name, field]) => (ruleMeta(field).changeable ? [name] : [])))
  CHANGEABLE.set(game, names)
  return names
}

/** What of a game its house rules are read by. */
type RulesOf<R extends CommonRules> = Pick<
  Game<R>,
  'houseRules' | 'commonDefaults' | 'answerCalled' | 'defaults' | 'extraRound' | 'problems' | 'problemsTogether'
>

type ReadHouseRules<R> =
  { readonly ok: true; readonly rules: R } | { readonly ok: false; readonly problems: readonly Problem[] }

/**
 * House rules as named in a file, completed with the defaults (those that depend on the seats or on other rules
 * too) and checked: `unknown-house-rule`, `bad-house-rule` (type or bounds), `answers-not-offered`,
 * `tie-not-offered`, and what the game itself refuses.
 */
export function readHouseRules<R extends CommonRules>(
  game: RulesOf<R>,
  named: unknown,
  seats: number,
): ReadHouseRules<R> {
  const plain = (named ?? {}) as Record<string, unknown>
  if (typeof plain !== 'object' || Array.isArray(plain))
    return {
      ok: false,
      problems: [problem('houseRules', 'bad-house-rule', { rule: 'houseRules', expected: 'object' })],
    }
  const answers = hasAnswers(game)
  if (!answers && 'answers' in plain)
    return { ok: false, problems: [problem('houseRules.answers', 'answers-not-offered', { rule: 'answers' })] }
  const read = houseRulesSchema(game).safeParse({ ...game.defaults?.(plain, seats), ...plain })
  if (!read.success) {
    // A value that breaks two bounds is one problem.
    const found = new Map<string, Problem>()
    for (const issue of read.error.issues)
      for (const each of fromIssue(issue, plain)) if (!found.has(each.path)) found.set(each.path, each)
    return { ok: false, problems: [...found.values()] }
  }
  // The schema of a game reads its own rules: that `R` are these is said by the game's `houseRules`, which Zod can't tell.
  const rules = read.data as unknown as R
  const offered = offersAnswers(game, rules)
  if (!offered && 'answers' in plain)
    return { ok: false, problems: [problem('houseRules.answers', 'answers-not-offered', { rule: 'answers' })] }
  return agreed(game, offered ? rules : { ...rules, answers: 'off' }, seats, 'setup')
}

/**
 * The house rules in force with those that a ruling names changed. Only the named ones are read, the others were
 * checked when they came in force; refused as at the setup.
 */
export function readRuling<R extends CommonRules>(
  game: RulesOf<R>,
  rules: R,
  changes: Readonly<Record<string, unknown>>,
  seats: number,
): ReadHouseRules<R> {
  const changed: Record<string, unknown> = { ...rules }
  const found: Problem[] = []
  for (const [rule, schema] of Object.entries(houseRulesSchema(game).shape)) {
    if (!(rule in changes)) continue
    const read = readShape(schema as z.ZodType, changes[rule])
    if (read.ok) changed[rule] = read.data
    else
      found.push(
        ...fromIssue({ ...itemAt(read.issues, 0), path: [rule, ...(itemAt(read.issues, 0).path ?? [])] }, changes),
      )
  }
  return found.length ? { ok: false, problems: found } : agreed(game, changed as R, seats, 'ruling')
}

/** What the rules together must still agree with. */
function agreed<R extends CommonRules>(
  game: RulesOf<R>,
  rules: R,
  seats: number,
  when: 'setup' | 'ruling',
): ReadHouseRules<R> {
  const seatless = bySeatProblems(game, rules, seats)
  if (seatless.length) return { ok: false, problems: seatless }
  const untied = rules.tie === 'extra-round' && !game.extraRound?.(rules)
  const tie = untied ? [problem('houseRules.tie', 'tie-not-offered', { rule: 'tie' })] : []
  if (untied && !game.problemsTogether) return { ok: false, problems: tie }
  const problems = [...game.problems(rules, seats, when), ...tie]
  return problems.length ? { ok: false, problems } : { ok: true, rules }
}

/** Seats that are not there, and answers where none are asked. */
function bySeatProblems<R extends CommonRules>(
  game: Pick<Game<R>, 'answerCalled'>,
  rules: R,
  seats: number,
): Problem[] {
  const { bySeat } = rules
  const own = Object.entries(bySeat)
  const away = own.find(([seat]) => Number(seat) > seats)
  if (away)
    return [problem(`houseRules.bySeat.${away[0]}`, 'bad-house-rule', { rule: 'bySeat', value: bySeat, most: seats })]
  if (offersAnswers(game, rules) || own.every(([, { answers }]) => answers === undefined)) return []
  return [problem('houseRules.bySeat', 'answers-not-offered', { rule: 'bySeat' })]
}

/** The house rules of a game where nothing is named: a form begins with them. Empty where they depend on something named. */
export function defaultRules(
  game: Game,
  seats: number,
  named: Readonly<Record<string, unknown>> = {},
): Record<string, unknown> {
  const read = houseRulesSchema(game).safeParse({ ...game.defaults?.(named, seats) })
  if (!read.success) return {}
  // Where no answer is asked for under these rules, there is nothing to choose.
  const { answers, ...others } = read.data as Record<string, unknown>
  const offered = offersAnswers(game, { ...read.data, ...named } as unknown as CommonRules)
  return offered ? { ...others, answers } : others
}

/** House rules that are known to be in order, for a drawn example. Throws where they aren't. */
export function rulesInOrder<R extends CommonRules>(game: RulesOf<R>, named: Partial<R>, seats: number): R {
  const read = readHouseRules(game, named, seats)
  if (!read.ok) throw new Error(read.problems.map(({ code, path }) => `${path}: ${code}`).join(', '))
  return read.rules
}

function fromIssue(
  issue: z.core.$ZodIssue | (RawIssue & { readonly path: readonly PropertyKey[] }),
  named: Readonly<Record<string, unknown>>,
): Problem[] {
  if (issue.code === 'unrecognized_keys' && issue.path.length === 0)
    return issue.keys.map((key) => problem(`houseRules.${key}`, 'unknown-house-rule', { rule: key }))
  const rule = String(issue.path[0] ?? '')
  const facts = {
    rule,
    value: named[rule] ?? null,
    ...(issue.code === 'too_small' && { least: Number(issue.minimum) }),
    ...(issue.code === 'too_big' && { most: Number(issue.maximum) }),
    ...(issue.code === 'invalid_value' && { oneOf: issue.values }),
  }
  return [problem(['houseRules', ...issue.path].join('.'), 'bad-house-rule', facts)]
}
