import { GAMES } from '#core/games/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { broken } from '#core/print/flow'
import { CARDS, printablesOf } from '#core/print/forGame'
import { pagesOf } from '#core/print/pages'
import { receiptPages } from '#core/print/receipt'
import { areaOf, PAPERS, type Mark, type Page, type Paper, type Sheet, type Wishes } from '#core/contract/sheet'
import { readMatch } from '#core/format/matchFile'
import { FIXTURES } from '../../tests/games/index'
import { fileOf } from '../../tests/unit/judging'

const WISHES: Wishes = { paper: 'a4', faces: 'figure', cardSize: 'usual', backs: false, blank: false }

/** The corners of what a mark covers. */
function extent(mark: Mark): readonly [left: number, top: number, right: number, bottom: number] {
  switch (mark.mark) {
    case 'rect':
    case 'wave':
      return [mark.x, mark.y, mark.x + mark.w, mark.y + mark.h]
    case 'circle':
      return [mark.x - mark.r, mark.y - mark.r, mark.x + mark.r, mark.y + mark.r]
    case 'line':
      return [
        Math.min(mark.x, mark.x2),
        Math.min(mark.y, mark.y2),
        Math.max(mark.x, mark.x2),
        Math.max(mark.y, mark.y2),
      ]
    case 'text': {
      const width = mark.text.length * mark.size * 0.5
      const left = mark.from === 'start' ? mark.x : mark.from === 'end' ? mark.x - width : mark.x - width / 2
      return [left, mark.y - mark.size * 0.75, left + width, mark.y + mark.size * 0.25]
    }
    default:
      return [mark.x, mark.y, mark.x + mark.size, mark.y + mark.size]
  }
}

/** Marks that reach beyond the drawing of their page, or are too small to be read. */
function faults(pages: readonly Page[], paper: Paper): string[] {
  return pages.flatMap(({ wide, marks }, page) => {
    const { w, h } = areaOf(paper, wide)
    const beyond = marks.filter((mark) => {
      const [left, top, right, bottom] = extent(mark)
      return !(left >= -0.01 && top >= -0.01 && right <= w + 0.01 && bottom <= h + 0.01)
    })
    const tiny = marks.filter((mark) => mark.mark === 'text' && mark.size < 2.2)
    return [
      ...beyond.map((mark) => `page ${page} beyond: ${JSON.stringify(mark)}`),
      ...tiny.map((mark) => `page ${page} tiny: ${JSON.stringify(mark)}`),
    ].slice(0, 3)
  })
}

const SCHOOLS = GAMES.flatMap((game) =>
  [{ id: '', rules: {} }, ...game.presets].map(
    (preset) => [game.id, preset.id || 'as it is', game, preset.rules] as const,
  ),
)

describe.each(SCHOOLS)('%s, %s', (_id, _school, game, named) => {
  const seats = Math.max(2, game.about.seats.low)
  const read = readHouseRules(game, named, seats)
  if (!read.ok) throw new Error('refused')

  test.each(Object.keys(PAPERS) as Paper[])('every sheet fits %s, whatever is wished', (paper) => {
    const wished: Wishes[] = [
      { ...WISHES, paper },
      { paper, faces: 'dots', cardSize: 'small', backs: true, blank: true },
      { paper, faces: 'frames', cardSize: 'large', backs: false, blank: true },
      { paper, faces: 'word', cardSize: 'usual', backs: true, blank: false },
    ]
    for (const wishes of wished) {
      const printables = printablesOf(game, read.rules, seats, wishes)
      expect(new Set(printables.map(({ id }) => id)).size).toBe(printables.length)
      for (const { id, pages, title } of printables) {
        expect([id, faults(pages, paper)]).toEqual([id, []])
        expect(pages.length).toBeGreaterThan(0)
        expect(pages.every(({ marks }) => marks.length > 0)).toBe(true)
        expect(title).not.toMatch(/undefined|NaN|null/)
      }
    }
  })

  test('no page ends with a heading, none of the letter holds but a few lines; what a child writes on is told', () => {
    for (const paper of Object.keys(PAPERS) as Paper[]) {
      const printables = printablesOf(game, read.rules, seats, { ...WISHES, paper, blank: true })
      const running = printables.filter(({ id }) => ['letter', 'talk', 'rules'].includes(id))
      for (const { id, pages } of running)
        for (const { marks } of pages) {
          const last = marks.filter((mark) => mark.mark === 'text').at(-1)!
          // Points are set in; a heading is larger and begins at the edge.
          expect([
            id,
            paper,
            last.mark === 'text' && last.strong === true && last.size > (id === 'rules' ? 8 : 5.2) && last.text,
          ]).toEqual([id, paper, false])
        }
      expect(printables.find(({ id }) => id === 'rules')!.pages).toHaveLength(1)
      const letter = running.find(({ id }) => id === 'letter')!
      const texts = letter.pages.map(({ marks }) => marks.filter(({ mark }) => mark === 'text').length)
      if (texts.length > 1) expect(texts.at(-1)).toBeGreaterThan(4)
      for (const { id, keeps } of printables)
        if (['cards', 'talk', 'letter', 'rules'].includes(id)) expect([id, keeps]).toEqual([id, false])
    }
  })

  test('what is said and printed has words for everything', () => {
    const aloud = game.ready.aloud(read.rules, seats)
    expect(aloud).toHaveLength(3)
    const texts = printablesOf(game, read.rules, seats, WISHES).flatMap(({ pages }) =>
      pages.flatMap(({ marks }) => marks.flatMap((mark) => (mark.mark === 'text' ? [mark.text] : []))),
    )
    for (const text of [...aloud, ...texts]) expect(text).not.toMatch(/undefined|NaN|null|\[object/)
    for (const sentence of aloud) expect(sentence).toMatch(/^[A-Z].*[.]$/)
  })

  test('exactly the pack agreed is cut out', () => {
    const cards = game.ready.cards?.(read.rules, seats)
    const printed = printablesOf(game, read.rules, seats, { ...WISHES, backs: true }).find(({ id }) => id === CARDS)
    expect(printed !== undefined).toBe(cards !== undefined)
    if (!cards || !printed) return
    const total = cards.reduce((sum, { count }) => sum + count, 0)
    const of = (kind: Mark['mark']) =>
      printed.pages.flatMap(({ marks }) => marks.filter(({ mark }) => mark === kind)).length
    expect([of('rect'), of('wave')]).toEqual([total, total])
    for (const { face, count } of cards) {
      const shown = printed.pages.flatMap(({ marks }) =>
        marks.filter((mark) => mark.mark === 'text' && mark.text === String(face)),
      )
      expect([face, shown.length]).toEqual([face, count])
    }
  })
})

test.each(GAMES.map((game) => [game.id, game] as const))(
  '%s: the ladder names presets, each once',
  (_id, { ready, presets }) => {
    const ids = presets.map(({ id }) => id)
    expect(ready.ladder.length).toBeGreaterThan(1)
    expect(new Set(ready.ladder).size).toBe(ready.ladder.length)
    expect(ready.ladder.filter((id) => !ids.includes(id))).toEqual([])
  },
)

test.each(Object.entries(FIXTURES))(
  '%s: a whole match as a receipt, its scores at the end of each line',
  (_id, { match }) => {
    const entries = match.lines.length
    const read = readMatch(fileOf(match.parts))
    if (!read.ok) throw new Error('refused')
    for (const paper of ['a4', 'letter'] as const) {
      const pages = receiptPages(read.tape, '26 November 2026', { paper })
      expect(faults(pages, paper)).toEqual([])
    }
    expect(entries).toBeGreaterThan(0)
  },
)

/** The marks of a sheet on A4. */
const drawn = (sheet: Sheet, wishes: Partial<Wishes> = {}) => pagesOf(sheet, { ...WISHES, ...wishes })
const textsOf = (pages: readonly Page[]) =>
  pages.flatMap(({ marks }) => marks.flatMap((mark) => (mark.mark === 'text' ? [mark.text] : [])))

describe('worked cases', () => {
  const base = { id: 'x', title: 'X' }
  test('a line to 20 fits one strip; one to 100 is cut into five', () => {
    const stops = (high: number) => Array.from({ length: high + 1 }, (_, i) => i)
    const strips = (pages: readonly Page[]) =>
      pages.flatMap(({ marks }) => marks.filter((mark) => mark.mark === 'line' && mark.strong)).length
    expect(strips(drawn({ ...base, kind: 'line', stops: stops(20), strong: [20] }))).toBe(1)
    expect(strips(drawn({ ...base, kind: 'line', stops: stops(100), strong: [100] }))).toBe(5)
  })
  test('a blank line keeps its start and goal', () => {
    const stops = [-2, -1, 0, 1, 2]
    expect(textsOf(drawn({ ...base, kind: 'line', stops, strong: [-2, 0] }, { blank: true }))).toEqual(['−2', '0'])
    expect(textsOf(drawn({ ...base, kind: 'line', stops, strong: [-2, 0] }))).toEqual(['−2', '−1', '0', '1', '2'])
  })
  test.each([
    ['add', ['+', '3', '4', '2', '5', '6', '5', '8', '9']],
    ['times', ['×', '3', '4', '2', '6', '8', '5', '15', '20']],
    ['difference', ['−', '3', '4', '2', '1', '2', '5', '2', '1']],
  ] as const)('a chart: %s', (operation, texts) => {
    expect(textsOf(drawn({ ...base, kind: 'chart', operation, down: [2, 5], across: [3, 4] }))).toEqual(texts)
  })
  test('a double-six set has 28 dominoes and 168 dots', () => {
    const marks = drawn({ ...base, kind: 'dominoes', high: 6 }).flatMap(({ marks }) => marks)
    expect(marks.filter(({ mark }) => mark === 'rect')).toHaveLength(28)
    expect(marks.filter(({ mark }) => mark === 'circle')).toHaveLength(168)
  })
  test('dots and frames count what the figure says', () => {
    for (const faces of ['dots', 'frames'] as const)
      for (const face of [0, 1, 7, 10, 13, 20]) {
        const marks = drawn({ ...base, kind: 'cards', cards: [{ face, count: 1 }] }, { faces }).flatMap(
          ({ marks }) => marks,
        )
        expect([faces, face, marks.filter((mark) => mark.mark === 'circle' && mark.full).length]).toEqual([
          faces,
          face,
          face,
        ])
      }
  })
  test('a track turns back at the end of each row', () => {
    const spaces = Array.from({ length: 12 }, (_, i) => ({ text: String(i + 1) }))
    const at = (text: string) =>
      drawn({ ...base, kind: 'track', spaces })[0]!.marks.find(
        (mark) => mark.mark === 'text' && mark.text === text,
      ) as { x: number; y: number }
    expect(at('11').x).toBeCloseTo(at('10').x)
    expect(at('12').x).toBeLessThan(at('11').x)
    expect(at('11').y).toBeGreaterThan(at('10').y)
  })
  test.each([
    ['', ['']],
    ['one two three', ['one two', 'three']],
    ['longwordwithout', ['longwor', 'dwithou', 't']],
  ])('%j is broken', (text, lines) => {
    expect(broken(text, 2, 7)).toEqual(lines)
  })
})
