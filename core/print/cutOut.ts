import { pieces } from '#core/kit/parts'
import { areaOf, type Mark, type Page, type SheetContent, type Wishes } from '#core/contract/sheet'
import { centred } from '#core/print/text'
import { numberInWords } from '#core/basics/numberInWords'
import { figure } from '#core/basics/words'

type Of<K extends SheetContent['kind']> = Extract<SheetContent, { kind: K }>

/** Cards to cut out, in millimetres; large ones are as playing cards are. */
export const CARD_SIZES = { small: { w: 30, h: 41 }, usual: { w: 44, h: 61 }, large: { w: 62, h: 87 } } as const

/** The pack, card by card, on pages to be cut along the lines; after each page its backs, if wished. */
export function cardPages(
  { cards }: Of<'cards'>,
  wishes: Pick<Wishes, 'paper' | 'faces' | 'cardSize' | 'backs'>,
): readonly Page[] {
  const { w, h } = areaOf(wishes.paper, false)
  const size = CARD_SIZES[wishes.cardSize]
  const [across, down] = [Math.floor(w / size.w), Math.floor(h / size.h)]
  const left = (w - across * size.w) / 2
  const faces = cards.flatMap(({ face, count }) => Array.from({ length: count }, () => face))
  const at = (i: number) => ({ x: left + (i % across) * size.w, y: Math.floor(i / across) * size.h })
  return pieces(faces, across * down).flatMap((part): Page[] => {
    const outline = part.map((_, i): Mark => ({ mark: 'rect', ...at(i), w: size.w, h: size.h }))
    const fronts = {
      wide: false,
      marks: [...outline, ...part.flatMap((face, i) => faceMarks(face, at(i), size, wishes.faces))],
    }
    if (!wishes.backs) return [fronts]
    // The paper is turned over at its long side, so the backs of a row stand the other way round.
    const behind = (i: number) => at(i - (i % across) + (across - 1 - (i % across)))
    return [
      fronts,
      { wide: false, marks: part.map((_, i): Mark => ({ mark: 'wave', ...behind(i), w: size.w, h: size.h })) },
    ]
  })
}

type Size = Readonly<{ w: number; h: number }>
type At = Readonly<{ x: number; y: number }>

function faceMarks(face: number | string, { x, y }: At, { w, h }: Size, wished: Wishes['faces']): Mark[] {
  const text = typeof face === 'number' ? figure(face) : face
  const plain = () => [centred(text, x + w / 2, y + h / 2, h * 0.42, w * 0.8, true)]
  const value = typeof face === 'number' && Number.isInteger(face) && face >= 0 ? face : null
  // Six and nine are told apart by a line below, whichever way the card lies.
  const below = y + h * (wished === 'figure' ? 0.72 : 0.44)
  const turned: Mark[] =
    text === '6' || text === '9'
      ? [{ mark: 'line', x: x + w * 0.4, y: below, x2: x + w * 0.6, y2: below, strong: true }]
      : []
  if (value === null || wished === 'figure') return [...plain(), ...turned]
  if (wished === 'word')
    return value > 999_999
      ? plain()
      : [
          ...upper(text, { x, y }, { w, h }),
          ...turned,
          centred(numberInWords(value), x + w / 2, y + h * 0.75, h * 0.12, w * 0.9),
        ]
  if (value > 20) return [...plain(), ...turned]
  return [
    ...upper(text, { x, y }, { w, h }),
    ...turned,
    ...dotMarks(value, wished, { x: x + w * 0.12, y: y + h * 0.5 }, { w: w * 0.76, h: h * 0.46 }),
  ]
}

const upper = (text: string, { x, y }: At, { w, h }: Size) => [
  centred(text, x + w / 2, y + h * 0.26, h * 0.28, w * 0.8, true),
]

/** A number as dots in fives, or in frames of ten. */
function dotMarks(value: number, wished: 'dots' | 'frames', { x, y }: At, { w, h }: Size): Mark[] {
  const rows = wished === 'frames' ? (value > 10 ? 4 : 2) : Math.max(1, Math.ceil(value / 5))
  const cell = Math.min(w / 5, h / (rows + (rows > 2 ? 0.4 : 0)))
  const left = x + (w - cell * 5) / 2
  const place = (i: number) => {
    const row = Math.floor(i / 5)
    // A little room between the tens.
    return { x: left + (i % 5) * cell, y: y + row * cell + (row > 1 ? cell * 0.3 : 0) }
  }
  const frame =
    wished === 'frames'
      ? Array.from({ length: rows * 5 }, (_, i): Mark => ({ mark: 'rect', ...place(i), w: cell, h: cell }))
      : []
  const dots = Array.from({ length: value }, (_, i): Mark => {
    const at = place(i)
    return { mark: 'circle', x: at.x + cell / 2, y: at.y + cell / 2, r: cell * 0.34, full: true }
  })
  return [...frame, ...dots]
}

const DOMINO = { w: 60, h: 30 } as const

/** Every domino once, to cut out. */
export function dominoPages({ high }: Of<'dominoes'>, wishes: Pick<Wishes, 'paper'>): readonly Page[] {
  const { w, h } = areaOf(wishes.paper, false)
  const all = Array.from({ length: high + 1 }, (_, a) =>
    Array.from({ length: a + 1 }, (_, b) => [a, b] as const),
  ).flat()
  const [across, down] = [Math.floor(w / DOMINO.w), Math.floor(h / DOMINO.h)]
  return pieces(all, across * down).map((part) => ({
    wide: false,
    marks: part.flatMap((sides, i): Mark[] => {
      const [x, y] = [(i % across) * DOMINO.w, Math.floor(i / across) * DOMINO.h]
      return [
        { mark: 'rect', x, y, w: DOMINO.w, h: DOMINO.h },
        { mark: 'line', x: x + DOMINO.w / 2, y: y + 4, x2: x + DOMINO.w / 2, y2: y + DOMINO.h - 4 },
        ...sides.flatMap((value, side) =>
          pipMarks(value, { x: x + (side * DOMINO.w) / 2 + 3, y: y + 3 }, DOMINO.h - 6),
        ),
      ]
    }),
  }))
}

/** Up to nine dots in a square of three by three; more as a figure. */
const PIPS: readonly (readonly number[])[] = [
  [],
  [4],
  [0, 8],
  [0, 4, 8],
  [0, 2, 6, 8],
  [0, 2, 4, 6, 8],
  [0, 2, 3, 5, 6, 8],
  [0, 2, 3, 4, 5, 6, 8],
  [0, 1, 2, 3, 5, 6, 7, 8],
  [0, 1, 2, 3, 4, 5, 6, 7, 8],
]

function pipMarks(value: number, { x, y }: At, size: number): Mark[] {
  const cell = size / 3
  const pips = PIPS[value]
  if (!pips) return [centred(figure(value), x + size / 2, y + size / 2, size * 0.6, size, true)]
  return pips.map((i) => ({
    mark: 'circle',
    x: x + ((i % 3) + 0.5) * cell,
    y: y + (Math.floor(i / 3) + 0.5) * cell,
    r: cell * 0.3,
    full: true,
  }))
}
