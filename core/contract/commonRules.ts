import * as z from 'zod'

/** The house rules that every game shares, before a game's own defaults. */
const COMMON_DEFAULTS = { answers: 'noted', explain: 'invited', tie: 'share', minutes: null } as const

const COMMON_SHAPE = {
  answers: z.enum(['off', 'noted', 'must-be-right']).meta({
    label: 'Answers said aloud',
    hint: 'What happens when a player says the answer and it is wrong.',
    choices: { off: 'Not asked', noted: 'Noted', 'must-be-right': 'Must be right' },
    changeable: true,
  }),
  explain: z.enum(['off', 'invited', 'required']).meta({
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
  }
}
