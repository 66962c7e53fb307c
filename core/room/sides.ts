/** Somebody, or a side with its members, as it is set up. */
export interface SideToBe {
  readonly name: string
  readonly members: readonly string[] | null
}

/** Two sides of one room, as even as can be: every other name goes over. */
export function halvesOf(names: readonly string[]): SideToBe[] {
  const side = (name: string, parity: number) => ({ name, members: names.filter((_, i) => i % 2 === parity) })
  return [side('Port', 0), side('Starboard', 1)]
}

/** Everybody on one side, and the grown-up who referees on the other. */
export function againstReferee(names: readonly string[]): SideToBe[] {
  return [
    { name: 'The class', members: names },
    { name: 'The referee', members: null },
  ]
}
