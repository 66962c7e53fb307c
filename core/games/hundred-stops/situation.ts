import { withSeat } from '#core/kit/seats'
import { numberPart, situationOf } from '#core/contract/situation'
import type { StopsCodes } from '#core/games/hundred-stops/codes'
import type { StopsRules, StopsState } from '#core/games/hundred-stops/rules'

/** Where you stand. */
export const situation = situationOf<StopsRules, StopsState, StopsCodes>()({
  parts: ({ start, end, unit }) => ({
    steps: numberPart(`Steps of ${unit} from ${start} on`, 0, Math.floor((end - start) / unit)),
  }),
  state: ({ start, unit }, opened, { steps }) => ({
    ...opened,
    places: withSeat(opened.places, 1, start + steps * unit),
    fresh: steps === 0,
  }),
  rests: {
    'tens-not-spent': /tens are walked/,
    'hundreds-not-spent': /hundred is jumped/,
  },
  corners: ({ dice, hundreds, start, end, unit }) => {
    const thrown = { dice: Array.from({ length: dice }, () => 2), hundreds: hundreds[0] ?? 1 }
    const hops = Array.from({ length: thrown.hundreds }, () => 'h')
    const tens = 2 * dice
    return [
      {
        asks: 'May I leave some steps out, so that I land on a stop?',
        play: { do: 'travel', by: 1, ...thrown, order: [`t${tens - 1}`, ...hops] },
        words: 'fewer tens spend all',
      },
      {
        asks: 'May I walk a part, hop, and walk the rest?',
        play: { do: 'travel', by: 1, ...thrown, order: [`t${tens - 1}`, ...hops, 't1'] },
        words: 'order split',
      },
      {
        asks: 'What if I would go beyond the end?',
        at: { steps: (end - start) / unit - 1 },
        play: { do: 'travel', by: 1, ...thrown, order: [`t${tens}`, ...hops] },
        words: 'past home exactly',
      },
    ]
  },
})
