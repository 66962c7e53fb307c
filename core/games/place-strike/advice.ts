import { matches, type StrikeRules, type StrikeState } from '#core/games/place-strike/rules'

/** Every roll that a seat could strike now, with the numbers where; the chance of any, both dice being even. */
export function strikingRolls(
  { digits, sides }: Pick<StrikeRules, 'digits' | 'sides'>,
  state: Pick<StrikeState, 'boards' | 'struck'>,
  seat: number,
) {
  const rolls: { readonly digit: number; readonly place: number; readonly numbers: readonly number[] }[] = []
  for (let place = digits; place >= 1; place--)
    for (let digit = 1; digit <= sides; digit++) {
      const numbers = matches(state, seat, digit, place)
      if (numbers.length) rolls.push({ digit, place, numbers })
    }
  return { rolls, chance: rolls.length / (digits * sides) }
}
