/** The whole numbers in a text, in their order; a hyphen or a minus before one belongs to it. */
export const numbersIn = (text: string): number[] => (text.replaceAll('−', '-').match(/-?\d{1,5}/g) ?? []).map(Number)
