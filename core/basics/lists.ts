/** What a list has at a place, from 0. That something is there is the caller's to know. */
export const itemAt = <T>(list: ArrayLike<T>, place: number): T => list[place] as T

/** The last of a list that is not empty. */
export const lastOf = <T>(list: ArrayLike<T>): T => list[list.length - 1] as T

/** A list with something put in at its end, or taken out where it is there already. */
export const toggled = <T>(list: readonly T[], item: T): T[] =>
  list.includes(item) ? list.filter((other) => other !== item) : [...list, item]
