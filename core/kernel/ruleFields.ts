import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import { changeableRules, houseRulesSchema, ruleMeta } from '#core/kernel/houseRules'

/** One house rule as a form needs it, read from the game's Zod schema. */
export interface RuleField {
  readonly name: string
  readonly label: string
  readonly hint: string
  readonly kind:
    | 'number'
    | 'number-or-word'
    | 'choice'
    | 'yes-no'
    | 'pack'
    | 'numbers'
    | 'pairs'
    | 'counts'
    | 'by-seat'
    | 'text'
    /** Too rich for one control. */
    | 'other'
  readonly default: unknown
  readonly least?: number
  readonly most?: number
  /** Letters of a text at most. */
  readonly longest?: number
  /** A number may be another one for each seat. */
  readonly perSeat?: true
  /** May be left empty; `none` says what that means. */
  readonly none?: string
  /** What to begin with when an empty rule is given a value. */
  readonly suggest?: unknown
  /** What can be chosen; of a number or a word, the words. */
  readonly choices?: readonly { readonly value: string | number; readonly label: string }[]
  /** Of a list of names with a number each: what the two are called. */
  readonly parts?: { readonly name: string; readonly number: string }
  /** Of counts by name: the rule whose names they go by, and how many of each to begin with. */
  readonly namesFrom?: string
  readonly each?: number
  /** May change in the middle of a match. */
  readonly changeable: boolean
}

/** What is said at a house rule for people, in its schema. */
type Said = Pick<RuleField, 'parts' | 'namesFrom' | 'each' | 'suggest'> & {
  readonly label?: string
  readonly hint?: string
  readonly none?: string
  readonly choices?: Readonly<Record<string, string>>
  readonly bySeat?: boolean
}

const FIELDS = new WeakMap<Game, readonly RuleField[]>()

/** The house rules of a game as fields of a form, the game's own first. Made once a game: every ruling is told by them. */
export function ruleFields(game: Game): readonly RuleField[] {
  const known = FIELDS.get(game)
  if (known) return known
  const fields = readFields(game)
  FIELDS.set(game, fields)
  return fields
}

function readFields(game: Game): RuleField[] {
  const changeable = changeableRules(game)
  return Object.entries(houseRulesSchema(game).shape as Readonly<Record<string, z.ZodType>>)
    .filter(([name]) => name !== 'tie' || mayPlayOn(game))
    .map(([name, schema]) => {
      const said: Said = ruleMeta(schema)
      const ways = waysOf(schema)
      const value = ways.find(isWhole) ?? ways.find((way) => !(way instanceof z.ZodNull)) ?? schema
      const words = ways.flatMap((way) => (way === value ? [] : wordsOf(way)))
      const kind = said.bySeat ? 'by-seat' : words.length ? 'number-or-word' : kindOf(value, said)
      const choices = kind === 'number-or-word' ? words : kind === 'choice' ? wordsOf(value) : undefined
      const bounds = boundsOf(value)
      return {
        name,
        label: said.label ?? name,
        hint: said.hint ?? '',
        kind,
        default: schema.parse(undefined),
        ...bounds,
        none: ways.some((way) => way instanceof z.ZodNull) ? (said.none ?? 'none') : undefined,
        suggest: said.suggest ?? bounds.least,
        choices: choices?.map((choice) => ({ value: choice, label: said.choices?.[choice] ?? String(choice) })),
        ...(kind === 'number' && ways.some((way) => way instanceof z.ZodArray) ? { perSeat: true as const } : {}),
        ...(said.parts ? { parts: said.parts } : {}),
        ...(said.namesFrom === undefined ? {} : { namesFrom: said.namesFrom, each: said.each }),
        changeable: changeable.has(name),
      }
    })
}

/** The ways in which a value may be given, each by itself. */
function waysOf(schema: z.ZodType): readonly z.ZodType[] {
  if (schema instanceof z.ZodDefault || schema instanceof z.ZodOptional) return waysOf(schema.unwrap() as z.ZodType)
  if (schema instanceof z.ZodNullable) return [...waysOf(schema.unwrap() as z.ZodType), z.null()]
  if (schema instanceof z.ZodUnion) return schema.options.flatMap((option) => waysOf(option as z.ZodType))
  return [schema]
}

const isWhole = (schema: z.ZodType): schema is z.ZodNumber => schema instanceof z.ZodNumber && schema.isInt

function boundsOf(schema: z.ZodType): Pick<RuleField, 'least' | 'most' | 'longest'> {
  if (schema instanceof z.ZodString) return schema.maxLength === null ? {} : { longest: schema.maxLength }
  return isWhole(schema) ? { least: schema.minValue ?? undefined, most: schema.maxValue ?? undefined } : {}
}

/** The words, or single numbers, of which one is to be given. */
function wordsOf(schema: z.ZodType): readonly (string | number)[] {
  if (schema instanceof z.ZodEnum) return schema.options
  return schema instanceof z.ZodLiteral ? ([...schema.values] as (string | number)[]) : []
}

function kindOf(schema: z.ZodType, { parts }: Said): RuleField['kind'] {
  if (isWhole(schema)) return 'number'
  if (wordsOf(schema).length) return 'choice'
  if (schema instanceof z.ZodBoolean) return 'yes-no'
  if (schema instanceof z.ZodString) return 'text'
  if (schema instanceof z.ZodRecord) return 'counts'
  if (schema instanceof z.ZodObject) return 'copies' in schema.shape ? 'pack' : 'other'
  if (!(schema instanceof z.ZodArray)) return 'other'
  const { element } = schema as z.ZodArray<z.ZodType>
  if (element instanceof z.ZodObject && parts) return 'pairs'
  return isWhole(element) ? 'numbers' : 'other'
}

/** A value of a house rule as a person reads it. */
export function sayRuleValue(field: RuleField, value: unknown): string {
  if (value === null || value === undefined) return field.none ?? 'none'
  if (field.kind === 'yes-no') return value === true ? 'yes' : 'no'
  if (field.kind === 'numbers' || (field.perSeat && Array.isArray(value)))
    return (value as readonly number[]).join(', ')
  if (field.kind === 'pairs')
    return (value as readonly Record<string, unknown>[]).map((line) => Object.values(line).join(' ')).join(', ')
  if (field.kind === 'counts')
    return Object.entries(value)
      .map(([name, count]) => `${name} ${count}`)
      .join(', ')
  if (field.kind === 'by-seat')
    return (
      Object.entries(value as CommonRules['bySeat'])
        .map(
          ([seat, own]) =>
            `player ${seat}: ${Object.entries(own)
              .map(([rule, to]) => `${rule} ${to}`)
              .join(', ')}`,
        )
        .join('; ') || 'the same for everyone'
    )
  if (field.kind === 'pack') {
    const { low, high, copies } = value as { low: number; high: number; copies: number }
    return `${low} to ${high}, ${copies} of each`
  }
  return field.choices?.find((choice) => choice.value === value)?.label ?? sayPlain(value)
}

/** A value of several parts, part by part: `dice 6, 6`. */
function sayPlain(value: unknown): string {
  if (Array.isArray(value)) return value.length ? value.map(sayPlain).join(', ') : 'none'
  return typeof value === 'object' && value !== null
    ? Object.values(value).map(sayPlain).join(' ')
    : String(value) || 'none'
}

/** Whether an extra round is offered under any rules; the form still asks the judge about the rules chosen. */
const mayPlayOn = (game: Game) => game.extraRound !== undefined
