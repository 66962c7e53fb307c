import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'
import { everySeat } from '#core/kit/seats'

export const houseRules = z.object({
  sets: z
    .array(z.int().min(1).max(10))
    .length(4)
    .default([2, 3, 4, 5])
    .meta({ label: 'Sets', hint: 'Four different ones of 1 to 10; neighbours are easier.' }),
  hand: z
    .union([z.int().min(1).max(20), z.array(z.int().min(1).max(20)).min(1).max(8)])
    .default(7)
    .meta({ label: 'Cards in hand', hint: 'Dealt to each at the start.' }),
  finish: z
    .enum(['at-once', 'even-turns', 'play-on'])
    .default('at-once')
    .meta({
      label: 'Without cards',
      hint: 'Whether the round is played to its end.',
      choices: { 'at-once': 'Wins at once', 'even-turns': 'Finish the round', 'play-on': 'Play on for places' },
      changeable: true,
    }),
  moves: z
    .enum(['tail', 'whole'])
    .default('tail')
    .meta({
      label: 'Moving runs',
      hint: 'A whole run, or any upper part of it.',
      choices: { tail: 'Any upper part', whole: 'Whole runs only' },
    }),
})
export type YardRules = CommonRules & Readonly<z.output<typeof houseRules>>

/** Cards dealt to each seat. */
export const handsOf = ({ hand }: Pick<YardRules, 'hand'>, seats: number): readonly number[] =>
  typeof hand === 'number' ? everySeat(seats, hand) : hand
