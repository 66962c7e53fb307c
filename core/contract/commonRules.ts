import * as z from 'zod'

/** The house rules that every game shares, before a game's own defaults. */
const COMMON_DEFAULTS = { answers: 'noted', explain: 'invited', tie: 'share', minutes: null, bySeat: {} } as const

const ANSWERS = z.enum(['off', 'noted', 'must-be-right'])
const EXPLAIN = z.enum(['off', 'invited', 'required'])
/** More seats than any table has. */
const SEAT_NUMBER = /^[1-9]\d?$/

const COMMON_SHAPE = {
  answers: ANSWERS.meta({
    label: 'Answers said aloud',
    hint: 'What happens when a player says the answer and it is wrong.',
    choices: { off: 'Not asked', noted: 'Noted', 'must-be-right': 'Must be right' },
    changeable: true,
  }),
  explain: EXPLAIN.meta({
    label: 'Explaining',
    hint: 'Whether a player tells how they found the answer. Anyone may pass on explaining aloud.',
    choices: { off: 'Not asked', invited: 'Invited', required: 'Required' },
    changeable: true,
  }),
  tie: z.enum(['share', 'extra-round']).meta({
    label: 'Level at the end',
    hint: 'Share the win, or play another whole round until it breaks.',
    choices: { share: 'Share the win', 'extra-round': 'Extra round' },
    changeable: true,
  }),
  minutes: z.int().min(1).max(90).nullable().meta({
    label: 'Clock',
    hint: 'Minutes of play. When they are over, the round is played to its end.',
    none: 'No clock',
    suggest: 15,
    changeable: true,
  }),
  bySeat: z
    .record(
      z.string().regex(SEAT_NUMBER),
      z
        .strictObject({ answers: ANSWERS.optional(), explain: EXPLAIN.optional() })
        .refine((own) => own.answers !== undefined || own.explain !== undefined),
    )
    .meta({
      label: 'Other for one player',
      hint: 'For a younger child, or a grown-up who plays along: answers and explaining by seat.',
      bySeat: true,
      changeable: true,
    }),
}

/** The house rules that every game shares; `minutes` is the length of the clock, null without one. */
export type CommonRules = { readonly [K in keyof typeof COMMON_SHAPE]: z.output<(typeof COMMON_SHAPE)[K]> }

/**
 * The shape of the common rules for a game: `answers` only where spoken answers have an effect there, and each with
 * the usual default or the game's own.
 */
export function commonShape(answers: boolean, own: Partial<CommonRules> = {}): z.ZodRawShape {
  const defaults: CommonRules = { ...COMMON_DEFAULTS, ...own }
  return {
    ...(answers ? { answers: COMMON_SHAPE.answers.default(defaults.answers) } : {}),
    explain: COMMON_SHAPE.explain.default(defaults.explain),
    tie: COMMON_SHAPE.tie.default(defaults.tie),
    minutes: COMMON_SHAPE.minutes.default(defaults.minutes),
    bySeat: COMMON_SHAPE.bySeat.default(defaults.bySeat),
  }
}

type Manner = Pick<CommonRules, 'answers' | 'explain'>

/** What counts for one seat of answers and explaining: its own where it has one, else the table's. */
export function mannerOf(rules: Manner & Partial<Pick<CommonRules, 'bySeat'>>, seat: number | undefined): Manner {
  const own = seat === undefined ? undefined : rules.bySeat?.[String(seat)]
  return { answers: own?.answers ?? rules.answers, explain: own?.explain ?? rules.explain }
}
