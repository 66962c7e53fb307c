/** A number as it is drawn: with a minus, not a hyphen. */
export const minus = (value: number) => String(value).replace('-', '−')
