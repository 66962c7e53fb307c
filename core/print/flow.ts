import { lastOf } from '#core/basics/lists'
import { areaOf, type Mark, type Page, type Paper } from '#core/contract/sheet'

/** Mean width of a letter of running text, of its size. */
const LETTER = 0.5
/** Height of a line, of its size. */
const LINE = 1.4

/** A piece of running text that stays together: its lines are broken to the width of the column. */
export interface Block {
  readonly text: string
  /** In millimetres. */
  readonly size: number
  readonly strong?: boolean
  /** Millimetres from the left edge, and what stands there before the first line. */
  readonly indent?: number
  readonly bullet?: string
  /** At the right edge of the last line. */
  readonly beside?: string
  /** Millimetres above it. */
  readonly above?: number
  /** It heads what follows: never alone at the foot of a column. */
  readonly keeps?: true
  /** A line to write on behind the text, or a rule above it. */
  readonly line?: 'write' | 'above'
}

/** Breaks a text into lines no wider than `width`. */
export function broken(text: string, size: number, width: number): string[] {
  const most = Math.max(4, Math.floor(width / (size * LETTER)))
  const lines: string[] = []
  let line = ''
  // A word longer than a line is cut.
  const words = text.split(/\s+/).flatMap((word) => word.match(new RegExp(`.{1,${most}}`, 'gu')) ?? [])
  for (const word of words) {
    if (line && line.length + 1 + word.length > most) {
      lines.push(line)
      line = word
    } else line = line ? `${line} ${word}` : word
  }
  return line || !lines.length ? [...lines, line] : lines
}

const linesOf = ({ text, size, indent = 0, beside }: Block, width: number) =>
  broken(text, size, width - indent - (beside ? beside.length * size * 0.62 + 4 : 0))

/** Running text in columns, from page to page. */
export function flowPages(blocks: readonly Block[], paper: Paper, columns = 1, gap = 10): readonly Page[] {
  const { w, h } = areaOf(paper, false)
  const width = (w - (columns - 1) * gap) / columns
  const pages: Mark[][] = [[]]
  let [column, y] = [0, 0]
  for (const [n, block] of blocks.entries()) {
    const { size, strong = false, indent = 0, bullet, beside, above = 0, line, text } = block
    const lines = linesOf(block, width)
    const height = lines.length * size * LINE
    const next = block.keeps && blocks[n + 1]
    const below = next ? (next.above ?? 0) + linesOf(next, width).length * next.size * LINE : 0
    if (y > 0 && y + above + height + below > h) {
      y = 0
      column++
      if (column === columns) {
        column = 0
        pages.push([])
      }
    } else if (y > 0) y += above
    const marks = lastOf(pages)
    const x = column * (width + gap)
    if (line === 'above')
      marks.push({ mark: 'line', x, y: y - above / 2, x2: x + width, y2: y - above / 2, dashed: true })
    const base = (i: number) => y + (i + 0.78) * size * LINE
    if (bullet) marks.push({ mark: 'text', x, y: base(0), size, text: bullet, from: 'start', strong })
    lines.forEach((each, i) =>
      marks.push({ mark: 'text', x: x + indent, y: base(i), size, text: each, from: 'start', strong }),
    )
    if (beside)
      marks.push({
        mark: 'text',
        x: x + width,
        y: base(lines.length - 1),
        size,
        text: beside,
        from: 'end',
        strong: true,
      })
    if (line === 'write')
      marks.push({
        mark: 'line',
        x: x + Math.min(width, text.length * size * LETTER + 4),
        y: base(0) + 0.8,
        x2: x + width,
        y2: base(0) + 0.8,
      })
    y += height
  }
  return pages.map((marks) => ({ wide: false, marks }))
}
