import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import { changeableRules, houseRulesSchema } from '#core/kernel/houseRules'

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

interface JsonField {
  readonly type?: string
  readonly enum?: readonly (string | number)[]
  readonly const?: string | number
  readonly properties?: Readonly<Record<string, JsonField>>
  readonly items?: JsonField
  readonly parts?: RuleField['parts']
  readonly namesFrom?: string
  readonly each?: number
  readonly bySeat?: boolean
  readonly minimum?: number
  readonly maximum?: number
  readonly maxLength?: number
  readonly default?: unknown
  readonly anyOf?: readonly JsonField[]
  readonly label?: string
  readonly hint?: string
  readonly none?: string
  readonly suggest?: unknown
  readonly choices?: Readonly<Record<string, string>>
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
  const schema = z.toJSONSchema(houseRulesSchema(game), { io: 'input' })
  return Object.entries((schema.properties ?? {}) as Record<string, JsonField>)
    .filter(([name]) => name !== 'tie' || mayPlayOn(game))
    .map(([name, field]) => {
      const parts = field.anyOf ?? [field]
      const value = parts.find((part) => part.type === 'integer') ?? parts.find((part) => part.type !== 'null') ?? field
      const words = parts.flatMap((part) =>
        part === value ? [] : part.const !== undefined ? [part.const] : (part.enum ?? []),
      )
      const kind = field.bySeat ? 'by-seat' : words.length ? 'number-or-word' : kindOf(value)
      const choices = kind === 'number-or-word' ? words : value.enum
      return {
        name,
        label: field.label ?? name,
        hint: field.hint ?? '',
        kind,
        default: field.default,
        least: value.minimum,
        most: value.maximum,
        ...(value.maxLength === undefined ? {} : { longest: value.maxLength }),
        none: parts.some((part) => part.type === 'null') ? (field.none ?? 'none') : undefined,
        suggest: field.suggest ?? value.minimum,
        choices: choices?.map((choice) => ({ value: choice, label: field.choices?.[choice] ?? String(choice) })),
        ...(kind === 'number' && parts.some(({ type }) => type === 'array') ? { perSeat: true as const } : {}),
        ...(field.parts ? { parts: field.parts } : {}),
        ...(field.namesFrom === undefined ? {} : { namesFrom: field.namesFrom, each: field.each }),
        changeable: changeable.has(name),
      }
    })
}

const KINDS: Readonly<Record<string, RuleField['kind']>> = {
  integer: 'number',
  boolean: 'yes-no',
  array: 'numbers',
  string: 'text',
}

function kindOf(value: JsonField): RuleField['kind'] {
  if (value.enum) return 'choice'
  if (value.items?.properties) return value.parts ? 'pairs' : 'other'
  if (value.type === 'array' && value.items?.type !== 'integer') return 'other'
  if (value.type === 'object' && !value.properties) return 'counts'
  return value.properties?.copies ? 'pack' : (KINDS[value.type ?? ''] ?? 'other')
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
