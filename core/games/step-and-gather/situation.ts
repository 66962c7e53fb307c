import { withSeat } from '#core/kit/seats'
import { numberPart, situationOf } from '#core/contract/situation'
import type { StepCodes } from '#core/games/step-and-gather/codes'
import type { StepRules, StepState } from '#core/games/step-and-gather/rules'

/** Where your piece stands. */
export const situation = situationOf<StepRules, StepState, StepCodes>()({
  parts: ({ path }) => ({
    place: numberPart('Your piece stands on space', 0, path.length - 1),
    cubes: numberPart('Cubes you have', 0, 200),
  }),
  state: (_rules, opened, { place, cubes }) => ({
    ...opened,
    places: withSeat(opened.places, 1, place),
    cubes: withSeat(opened.cubes, 1, cubes),
  }),
  rests: { 'wrong-landing': /how many steps/ },
  corners: ({ path }) => [
    {
      asks: 'Is the space one stands on counted as one?',
      play: { do: 'step', by: 1, roll: 3, landed: 2 },
      words: 'count own space wrong',
    },
    {
      asks: 'What if a roll leads beyond the last space?',
      at: { place: path.length - 1 },
      play: { do: 'step', by: 1, roll: 2 },
      words: 'exactly home past end',
    },
    { asks: 'May I roll twice in a turn?', play: { do: 'step', by: 2, roll: 1 }, words: 'again' },
  ],
})
