import type { Prediction } from '#core/contract/prediction'
import { total } from '#core/kit/dice'
import { moreOrLess } from '#core/kit/predictions'
import { facesOf } from '#core/kit/pack'
import { bringsOf } from '#core/games/own-game/houseRules'
import type { OwnPlay } from '#core/games/own-game/rules'
import type { OwnRules } from '#core/games/own-game/houseRules'
import type { OwnState } from '#core/games/own-game/state'

/** What a throw shows in the middle, rounded down. */
function middleOfThrow({ brings }: OwnRules): number {
  const mean = (faces: readonly number[]) => total(faces) / faces.length
  if (brings.kind === 'dice') return Math.floor(total(brings.sides.map((sides) => (sides + 1) / 2)))
  return Math.floor(bringsOf({ brings }) * mean(brings.kind === 'spinner' ? brings.faces : facesOf(brings.pack)))
}

/** What the room may be asked before chance speaks. */
export const predictions: readonly Prediction<OwnRules, OwnState, OwnPlay>[] = [
  moreOrLess({
    asks: 'How much will the throw show together?',
    middle: middleOfThrow,
    brought: (_rules, _before, play) => (play.do === 'throw' ? total(play.numbers) : null),
  }),
]
