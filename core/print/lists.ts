import { itemAt } from '#core/basics/lists'
import { pieces } from '#core/kit/parts'
import { areaOf, type Mark, type Page, type SheetContent, type Wishes } from '#core/contract/sheet'
import { beginning, centred, sizeOfAll } from '#core/print/text'
import { figure } from '#core/basics/words'

type Of<K extends SheetContent['kind']> = Extract<SheetContent, { kind: K }>

/** A head of one line, and of two: a name of two words is as large as what is written below it. */
const HEADS = [11, 15] as const
const HEAD_SIZE = 5.5
/** The words of a head that is too long for its column, one below the other; two at most. */
function headLines(text: string, width: number): string[] {
  const [first = '', ...others] = text.split(' ')
  const isLong = sizeOfAll([[text, width]], HEAD_SIZE) < HEAD_SIZE
  return others.length === 1 && isLong ? [first, ...others] : [text]
}
const [LEAST_LINE, MOST_LINE] = [9, 15]
/** Rings for <, > and = are so wide, in millimetres, at most. */
const RING = 4.5

/** A score sheet: its head on each page, and lines high enough for a child's pencil. */
export function tablePages({ head, rows, widths }: Of<'table'>, wishes: Pick<Wishes, 'paper'>): readonly Page[] {
  const wide = head.length > 7
  const { w, h } = areaOf(wishes.paper, wide)
  const parts = widths ?? head.map(() => 1)
  const unit = w / parts.reduce((a, b) => a + b, 0)
  const starts = parts.map((_, i) => parts.slice(0, i).reduce((a, b) => a + b, 0) * unit)
  const widthAt = (i: number) => itemAt(parts, i) * unit - 1.5
  const heads = head.map((text, i) => headLines(text, widthAt(i)))
  const heading = sizeOfAll(
    heads.flatMap((lines, i) => lines.map((text) => [text, widthAt(i)] as const)),
    HEAD_SIZE,
  )
  const top = heads.some((lines) => lines.length > 1) ? HEADS[1] : HEADS[0]
  const height = Math.max(LEAST_LINE, Math.min(MOST_LINE, (h - top) / rows.length))
  return pieces(rows, Math.floor((h - top) / height + 1e-9)).map((part) => ({
    wide,
    marks: [
      ...heads.flatMap((lines, i) =>
        lines.map((text, n) =>
          centred(
            text,
            itemAt(starts, i) + (itemAt(parts, i) * unit) / 2,
            (top * (n + 1)) / (lines.length + 1),
            heading,
            widthAt(i),
            true,
          ),
        ),
      ),
      ...part.flatMap((row, r): Mark[] => {
        const y = top + r * height
        return row.flatMap((cell, i): Mark[] => {
          const [x, width] = [itemAt(starts, i), itemAt(parts, i) * unit]
          const box: Mark = { mark: 'rect', x, y, w: width, h: height }
          if (cell === 'ring')
            return [
              box,
              {
                mark: 'circle',
                x: x + width / 2,
                y: y + height / 2,
                r: Math.min(RING, width / 2 - 0.5, height / 2 - 0.8),
                dashed: true,
              },
            ]
          return cell ? [box, centred(cell, x + width / 2, y + height / 2, 5.5, width - 2)] : [box]
        })
      }),
    ],
  }))
}

const SIGNS = { add: '+', times: '×', difference: '−' } as const
const MOST_ACROSS = 13

/** An arithmetic table; wide ones go over several pages, the numbers beside them again on each. */
export function chartPages(
  { operation, down, across }: Of<'chart'>,
  wishes: Pick<Wishes, 'paper' | 'blank'>,
): readonly Page[] {
  const wide = across.length > down.length
  const { w, h } = areaOf(wishes.paper, wide)
  const perRow = Math.min(across.length, MOST_ACROSS)
  const width = Math.min(w / (perRow + 1), 26)
  const height = Math.max(9, Math.min(width, h / (down.length + 1)))
  const perPage = Math.floor(h / height + 1e-9) - 1
  const answer = (a: number, b: number) =>
    operation === 'add' ? a + b : operation === 'times' ? a * b : Math.abs(a - b)
  return pieces(down, perPage).flatMap((rows) =>
    pieces(across, perRow).map((columns) => {
      const left = (w - (columns.length + 1) * width) / 2
      const cell = (text: string, column: number, row: number, strong: boolean): Mark[] => [
        {
          mark: 'rect',
          x: left + column * width,
          y: row * height,
          w: width,
          h: height,
          ...(strong ? { tint: true as const } : {}),
        },
        ...(text
          ? [
              centred(
                text,
                left + (column + 0.5) * width,
                (row + 0.5) * height,
                Math.min(6.5, height * 0.55),
                width * 0.86,
                strong,
              ),
            ]
          : []),
      ]
      return {
        wide,
        marks: [
          ...cell(SIGNS[operation], 0, 0, true),
          ...columns.flatMap((b, i) => cell(figure(b), i + 1, 0, true)),
          ...rows.flatMap((a, r) => [
            ...cell(figure(a), 0, r + 1, true),
            ...columns.flatMap((b, i) => cell(wishes.blank ? '' : figure(answer(a, b)), i + 1, r + 1, false)),
          ]),
        ],
      }
    }),
  )
}

const KEY_LINE = 26

/** What tokens or the faces of a die mean. */
export function keyPages({ lines }: Of<'key'>, wishes: Pick<Wishes, 'paper'>): readonly Page[] {
  const { w, h } = areaOf(wishes.paper, false)
  const sides = lines.length
  return pieces(lines, Math.floor(h / KEY_LINE)).map((part) => ({
    wide: false,
    marks: part.flatMap((line, i): Mark[] => {
      const y = i * KEY_LINE
      const size = KEY_LINE - 6
      const middle = y + KEY_LINE / 2
      const picture: Mark =
        'token' in line
          ? { mark: 'token', x: 4, y: y + 3, size, name: line.token, among: line.among }
          : { mark: 'die', x: 4, y: y + 3, size, face: line.face, sides }
      return [
        picture,
        beginning(line.means, size + 14, middle, 11, w - size - 18, true),
        { mark: 'line', x: 0, y: y + KEY_LINE, x2: w, y2: y + KEY_LINE },
      ]
    }),
  }))
}
