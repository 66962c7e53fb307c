/** A card as a play holds it: a number, or the name of one that has none (`"K"`, `"wild"`, `"warm 4"`). */
export type Card = number | string
