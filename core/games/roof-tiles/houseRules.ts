import * as z from 'zod'
import type { CommonRules } from '#core/contract/commonRules'
import { packRule } from '#core/kit/pack'

export const houseRules = z.object({
  target: z.int().min(1).max(200).default(10).meta({ label: 'Target', hint: 'What comes off must make this.' }),
  pack: packRule({ low: 1, high: 10, copies: 4 }, 'Each player has an own pack.'),
  rows: z.int().min(1).max(10).default(6).meta({ label: 'Rows', hint: 'A roof of six rows has 21 tiles.' }),
  passes: z
    .int()
    .min(1)
    .max(3)
    .default(1)
    .meta({ label: 'Times through the stock', hint: 'How often the stock is gone through.', changeable: true }),
  turned: z
    .enum(['stays', 'gone'])
    .default('stays')
    .meta({
      label: 'Turned cards',
      hint: 'Whether cards turned before come back in reach when the newest is used.',
      choices: { stays: 'Stay in a pile', gone: 'Only the newest' },
    }),
  countLeft: z
    .boolean()
    .default(false)
    .meta({ label: 'Count what is left', hint: 'A roof is finished once its player has said what is left on it.' }),
})
export type RoofRules = CommonRules & Readonly<z.output<typeof houseRules>>
