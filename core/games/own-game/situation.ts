import { withSeat } from '#core/kit/seats'
import { choicePart, numberPart, situationOf } from '#core/contract/situation'
import type { OwnCodes } from '#core/games/own-game/codes'
import { bringsOf } from '#core/games/own-game/houseRules'
import type { OwnRules } from '#core/games/own-game/houseRules'
import type { OwnState } from '#core/games/own-game/state'

/** Where you stand, and what lies in the pot. */
export const situation = situationOf<OwnRules, OwnState, OwnCodes>()({
  parts: ({ track, start, throws }) => ({
    points: numberPart('Your points', -10000, 10000, start),
    place: numberPart('Your marker stands on', track?.from ?? 0, track?.to ?? 0, track?.start ?? 0),
    other: numberPart('The other’s marker stands on', track?.from ?? 0, track?.to ?? 0, track?.start ?? 0),
    pot: numberPart('In the pot', throws === 'choice' ? -10000 : 0, throws === 'choice' ? 10000 : 0, 0),
    threw: choicePart(
      'In this turn',
      throws === 'choice' ? ['you have not thrown yet', 'you threw'] : ['you have not thrown yet'],
    ),
  }),
  state: (_rules, opened, { points, place, other, pot, threw }) => ({
    ...opened,
    points: withSeat(opened.points, 1, points),
    places: opened.places.map((_, i) => (i === 0 ? place : other)),
    pot: threw === 1 ? pot : 0,
    threw: threw === 1,
    began: { points, place },
  }),
  rests: {
    'wrong-count': /everybody throws/,
    'not-these-digits': /What it makes/,
    'not-readable': 'A sentence is whole numbers, the signs agreed, and round brackets.',
    'sign-not-agreed': /Signs:/,
    'not-these-numbers': 'Only numbers that were brought, and none more often than it was.',
    'numbers-left': /every number is used/,
    'does-not-divide': 'A division leaves no rest, and nothing is divided by nothing.',
  },
  corners: (rules) => {
    const numbers = Array.from({ length: bringsOf(rules) }, () => 1)
    return [
      {
        asks: 'One number is missing from a throw. May it count?',
        play: { do: 'throw', by: 1, numbers: numbers.slice(1) },
        words: 'die fell floor',
      },
      { asks: 'May I throw before it is my turn?', play: { do: 'throw', by: 2, way: 1, numbers }, words: 'order' },
      { asks: 'May I stop without throwing?', play: { do: 'stop', by: 1 }, words: 'skip pass' },
    ]
  },
})
