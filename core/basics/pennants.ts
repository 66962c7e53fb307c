/** How many pennants there are; they are numbered from 1. */
export const PENNANT_COUNT = 8

/** Somebody known, under their own pennant. */
interface Known {
  readonly id: string
  readonly name: string
  readonly pennant: number
}

/** Seats for `names`: known people under their own pennant (names compare without case), whose is taken the next free one. */
export function seatPeople(names: readonly string[], people: readonly Known[]) {
  const taken = new Set<number>()
  return names.map((name) => {
    const person = people.find((known) => known.name.toLowerCase() === name.toLowerCase())
    let pennant = person?.pennant ?? 1
    while (taken.has(pennant)) pennant = (pennant % PENNANT_COUNT) + 1
    taken.add(pennant)
    return { name, pennant, personId: person?.id ?? null }
  })
}
