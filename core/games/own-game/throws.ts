import { itemAt } from '#core/basics/lists'
import { restOf, without } from '#core/kit/pack'
import { bringsOf, type OwnRules } from '#core/games/own-game/houseRules'
import { goneBefore } from '#core/games/own-game/rules'
import type { OwnState } from '#core/games/own-game/state'

/** What the next number of a throw may be after those that came already, each as likely as another; one may stand there twice. */
export function nextNumbers(rules: OwnRules, state: OwnState, came: readonly number[]): readonly number[] {
  const { brings } = rules
  if (brings.kind === 'dice') return Array.from({ length: itemAt(brings.sides, came.length) }, (_, i) => i + 1)
  if (brings.kind === 'spinner') return brings.faces
  return came.reduce<readonly number[]>(without, restOf(brings.pack, goneBefore(rules, state.gone)))
}

/** Every different throw that may come, the first numbers first. */
export function* throwsOf(
  rules: OwnRules,
  state: OwnState,
  came: readonly number[] = [],
): Generator<readonly number[]> {
  if (came.length === bringsOf(rules)) return yield came
  for (const next of new Set(nextNumbers(rules, state, came))) yield* throwsOf(rules, state, [...came, next])
}
