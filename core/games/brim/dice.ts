// Apart from the rules, so that the worker of the odds doesn't load their schemas.

/** The dice of a turn, as a state of the game holds them. */
interface Lying {
  readonly rolled: number
  readonly frozen: readonly number[]
  readonly loose: readonly number[]
}

/** All dice as they lie: the frozen ones first, in the order in which they were frozen. */
export function allDice({ frozen, loose }: Pick<Lying, 'frozen' | 'loose'>): readonly number[] {
  return frozen.length ? [...frozen, ...loose] : loose
}

/** Whether the player on turn may roll (again) under the rules in force. */
export function mayRoll(
  rules: { readonly rolls: number; readonly mustFreeze: number },
  { rolled, loose }: Pick<Lying, 'rolled' | 'loose'>,
): boolean {
  return rolled === 0 || (rolled < rules.rolls && loose.length > rules.mustFreeze)
}
