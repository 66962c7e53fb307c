import { pieces } from '#core/kit/parts'
import { areaOf, type Mark, type Page, type SheetContent, type Spot, type Wishes } from '#core/contract/sheet'
import { centred, sizeOfAll } from '#core/print/text'
import { CARD_SIZES } from '#core/print/cutOut'
import { figure } from '#core/basics/words'

type Of<K extends SheetContent['kind']> = Extract<SheetContent, { kind: K }>
type Wished = Pick<Wishes, 'paper'>

/** Places smaller than this are no use: a mat then goes over several pages, to be laid side by side. */
const LEAST_PLACE = 24
/** Height of a card for its width. */
const CARD = 87 / 62
const GAP = 2

/** Places in rows, as large as the cards wished where they fit, on the paper's better side. */
export function placePages(
  { rows, shape, overlap }: Of<'places'>,
  wishes: Pick<Wishes, 'paper' | 'cardSize'>,
): readonly Page[] {
  const tall = shape === 'card' ? CARD : 1
  const wanted = shape === 'card' ? CARD_SIZES[wishes.cardSize].w : shape === 'round' ? 42 : 26
  const columns = Math.max(...rows.map((row) => row.length))
  const heights = overlap ? (rows.length + 1) / 2 : rows.length
  const widthOn = (wide: boolean) => {
    const { w, h } = areaOf(wishes.paper, wide)
    return Math.min(wanted, w / columns, h / heights / tall)
  }
  const wide = widthOn(true) > widthOn(false)
  const width = Math.max(widthOn(wide), LEAST_PLACE)
  const { w, h } = areaOf(wishes.paper, wide)
  const across = Math.max(1, Math.min(columns, Math.floor(w / width + 1e-9)))
  const step = overlap ? (width * tall) / 2 : width * tall
  const down = Math.max(1, Math.min(rows.length, Math.floor((overlap ? h - step : h) / step + 1e-9)))
  const texts = rows.flatMap((row) => row.map((spot) => [spot?.text ?? '', width * 0.84] as const))
  const size = sizeOfAll(texts, Math.min(14, width * 0.32))
  const found: Page[] = []
  for (const part of pieces(rows, down)) {
    for (let from = 0; from < columns; from += across) {
      const shown = part.map((row) => row.slice(from, from + across))
      const used = Math.min(across, columns - from)
      const left = (w - used * width) / 2
      const marks = shown.flatMap((row, r) => {
        // Rows of a roof are as wide as they are, in the middle.
        const inset = overlap && columns <= across ? ((used - row.length) * width) / 2 : 0
        return row.flatMap((spot, i) =>
          spot
            ? spotMarks(spot, shape, size, { x: left + inset + i * width, y: r * step, w: width, h: width * tall })
            : [],
        )
      })
      if (marks.length) found.push({ wide, marks })
    }
  }
  return found
}

type Box = Readonly<Record<'x' | 'y' | 'w' | 'h', number>>

function spotMarks(
  { text = '', strong = false }: Spot,
  shape: 'card' | 'round' | 'box',
  size: number,
  { x, y, w, h }: Box,
): Mark[] {
  const [cx, cy] = [x + w / 2, y + h / 2]
  const label = text ? [centred(text, cx, cy, size, w * 0.84, strong)] : []
  if (shape === 'round') return [{ mark: 'circle', x: cx, y: cy, r: w / 2 - GAP, strong }, ...label]
  return [
    {
      mark: 'rect',
      x: x + GAP / 2,
      y: y + GAP / 2,
      w: w - GAP,
      h: h - GAP,
      round: shape === 'card' ? 3 : 1,
      strong,
      cover: true,
    },
    ...label,
  ]
}

/** Stops of a strip that a piece finds room on. */
const LEAST_STOP = 12
const MOST_STOP = 22

/** A number line: strips of as many stops as stand beside each other, to be joined where there are several. */
export function linePages({ stops, strong }: Of<'line'>, wishes: Wished & Pick<Wishes, 'blank'>): readonly Page[] {
  const { w, h } = areaOf(wishes.paper, true)
  const most = Math.floor(w / LEAST_STOP)
  const strips = Math.ceil(stops.length / most)
  const each = Math.ceil(stops.length / strips)
  const width = w / each
  const r = Math.min(MOST_STOP, width) / 2 - 0.6
  const [middle, label] = [r + 1, 2 * r + 8]
  const height = label + 8
  const bold = new Set(strong)
  return pieces(pieces(stops, each), Math.floor(h / height)).map((part) => ({
    wide: true,
    marks: part.flatMap((strip, i): Mark[] => {
      const y = i * height + middle
      return [
        { mark: 'line', x: width / 2, y, x2: (strip.length - 0.5) * width, y2: y, strong: true },
        ...strip.flatMap((stop, n): Mark[] => {
          const x = (n + 0.5) * width
          return [
            { mark: 'circle', x, y, r, strong: bold.has(stop), cover: true },
            ...(wishes.blank && !bold.has(stop)
              ? [
                  {
                    mark: 'line' as const,
                    x: x - r * 0.8,
                    y: y - middle + label + 3,
                    x2: x + r * 0.8,
                    y2: y - middle + label + 3,
                  },
                ]
              : [centred(figure(stop), x, y - middle + label, 9, width * 0.94, bold.has(stop))]),
          ]
        }),
      ]
    }),
  }))
}

const PER_ROW = 10
const LEAST_ROW = 20

/** Spaces to walk on, ten in a row; at the end of a row the way turns back on the next. */
export function trackPages({ spaces }: Of<'track'>, wishes: Wished): readonly Page[] {
  const rows = pieces(spaces, PER_ROW)
  const wide = rows.length <= 5
  const { w, h } = areaOf(wishes.paper, wide)
  const width = w / PER_ROW
  const height = Math.max(LEAST_ROW, Math.min(h / rows.length, width * 1.3))
  const perPage = Math.floor(h / height + 1e-9)
  const size = sizeOfAll(
    spaces.map(({ text = '' }) => [text, width * 0.8]),
    8,
  )
  return pieces(rows, perPage).map((part, page) => ({
    wide,
    marks: part.flatMap((row, i): Mark[] => {
      const back = (page * perPage + i) % 2 === 1
      const y = i * height
      const cells = row.flatMap((spot, n): Mark[] => {
        const x = (back ? PER_ROW - 1 - n : n) * width
        const mark: Mark[] = [
          { mark: 'rect', x: x + 0.6, y: y + 0.6, w: width - 1.2, h: height - 5, round: 2, strong: spot.strong },
        ]
        const middle = y + (height - 5) / 2 + 0.6
        if (spot.strong)
          mark.push({
            mark: 'circle',
            x: x + width / 2,
            y: middle,
            r: Math.min(width, height - 5) / 2 - 1.4,
            dashed: true,
          })
        return spot.text ? [...mark, centred(spot.text, x + width / 2, middle, size, width * 0.8, spot.strong)] : mark
      })
      // Where the way goes on, below the row's last space.
      const last = page * perPage + i === rows.length - 1
      const x = ((back ? PER_ROW - row.length : row.length - 1) + 0.5) * width
      return last
        ? cells
        : [...cells, { mark: 'line', x, y: y + height - 4.2, x2: x, y2: y + height - 0.2, strong: true }]
    }),
  }))
}

/** Rungs with the number beside, the sign, and a blank for the other factor and the result. */
export function ladderPages({ beside, rungs }: Of<'ladder'>, wishes: Wished): readonly Page[] {
  const { w, h } = areaOf(wishes.paper, false)
  const perPage = 2
  return pieces(beside, perPage).map((part) => {
    const width = w / perPage
    const height = Math.min(h / rungs, 24)
    return {
      wide: false,
      marks: part.flatMap((number, i): Mark[] => {
        const x = i * width + 4
        const inner = width - 8
        return Array.from({ length: rungs }, (_, rung): Mark[] => {
          const y = rung * height
          const middle = y + height / 2
          return [
            { mark: 'rect', x, y: y + 0.6, w: inner, h: height - 1.2, round: 2 },
            centred(number, x + inner * 0.12, middle, 8, inner * 0.2, true),
            centred('×', x + inner * 0.27, middle, 7, 8),
            {
              mark: 'line',
              x: x + inner * 0.34,
              y: middle + height * 0.25,
              x2: x + inner * 0.52,
              y2: middle + height * 0.25,
            },
            centred('=', x + inner * 0.6, middle, 7, 8),
            {
              mark: 'line',
              x: x + inner * 0.68,
              y: middle + height * 0.25,
              x2: x + inner * 0.95,
              y2: middle + height * 0.25,
            },
          ]
        }).flat()
      }),
    }
  })
}

/** Spinners, two on a page, each with a line that names it. */
export function discPages({ discs }: Of<'discs'>, wishes: Wished): readonly Page[] {
  const { w, h } = areaOf(wishes.paper, false)
  const size = Math.min(w, h / 2 - 14)
  return pieces(discs, 2).map((part) => ({
    wide: false,
    marks: part.flatMap(({ title, faces }, i): Mark[] => {
      const y = i * (h / 2)
      return [centred(title, w / 2, y + 5, 6, w, true), { mark: 'disc', x: (w - size) / 2, y: y + 11, size, faces }]
    }),
  }))
}

/** Empty frames of ten, five and five. */
export function framePages({ count }: Of<'frames'>, wishes: Wished): readonly Page[] {
  const { w, h } = areaOf(wishes.paper, false)
  const [across, gap] = [2, 8]
  const cell = (w - gap) / across / 5
  const height = cell * 2 + gap
  const perPage = across * Math.floor((h + gap) / height)
  return pieces(Array.from({ length: count }), perPage).map((part) => ({
    wide: false,
    marks: part.flatMap((_, n) => {
      const [x, y] = [(n % across) * (cell * 5 + gap), Math.floor(n / across) * height]
      return Array.from({ length: 10 }, (_, i): Mark => ({
        mark: 'rect',
        x: x + (i % 5) * cell,
        y: y + Math.floor(i / 5) * cell,
        w: cell,
        h: cell,
      }))
    }),
  }))
}
