import type { Prediction } from '#core/contract/prediction'
import { PLACES } from '#core/games/place-strike/rules'
import type { StrikePlay, StrikeRules, StrikeState } from '#core/games/place-strike/rules'

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<StrikeRules, StrikeState, StrikePlay>[] = [
  {
    id: 'place',
    asks: 'Which place will it be?',
    choices: ({ digits }) => PLACES.slice(0, digits).map((place) => place[0]!.toUpperCase() + place.slice(1)),
    came: ({ digits }, _before, { place }) => (place >= 1 && place <= digits ? place - 1 : null),
  },
]
