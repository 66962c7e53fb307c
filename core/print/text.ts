import type { Mark } from '#core/contract/sheet'

/** Width of a letter of our faces, of its size, on the safe side. */
const LETTER = 0.62

/** The size, in millimetres, at which a text is no wider than `width`: `size` at most. */
function sizeWithin(text: string, size: number, width: number): number {
  return Math.min(size, width / (Math.max(1, text.length) * LETTER))
}

/** A text in the middle of (x, y), made smaller where it would be wider than `width`. */
export function centred(text: string, x: number, y: number, size: number, width: number, strong = false): Mark {
  const fits = sizeWithin(text, size, width)
  // Figures stand on their line: a third of the size lower puts their middle on y.
  return { mark: 'text', x, y: y + fits * 0.35, size: fits, text, strong }
}

/** A text that begins at x, its middle on y. */
export function beginning(text: string, x: number, y: number, size: number, width: number, strong = false): Mark {
  const fits = sizeWithin(text, size, width)
  return { mark: 'text', x, y: y + fits * 0.35, size: fits, text, from: 'start', strong }
}

/** The size at which every one of these texts is no wider than its width, so that they stand alike. */
export function sizeOfAll(texts: readonly (readonly [text: string, width: number])[], size: number): number {
  return texts.reduce((least, [text, width]) => Math.min(least, text ? sizeWithin(text, size, width) : size), size)
}
