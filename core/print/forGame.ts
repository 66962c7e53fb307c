import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import { letterPages, type Letter } from '#core/print/letter'
import { pagesOf } from '#core/print/pages'
import { rulesPages } from '#core/print/rulesPage'
import { talkPages } from '#core/print/talk'
import type { Page, Sheet, Wishes } from '#core/contract/sheet'

/** Something that can be printed: its pages once, and how often they are needed. */
export interface Printable {
  /** A child writes on it and keeps it: it has a line for the name and the day. */
  readonly keeps: boolean
  readonly id: string
  readonly title: string
  readonly copies: number
  readonly pages: readonly Page[]
}

/** The sheet ids that games have beside their own. */
export const CARDS = 'cards'
export const LETTER = 'letter'
const TALK = 'talk'
const RULES = 'rules'

/** Sheets that are written on, whatever is wished; charts and lines only where they are blank. */
const WRITTEN_ON = ['table', 'ladder', 'frames']
const BLANK = ['chart', 'line']
const isKept = ({ kind }: Sheet, { blank }: Wishes) => WRITTEN_ON.includes(kind) || (blank && BLANK.includes(kind))

/** Everything that a game can be printed as under these rules: its own sheets, its pack to cut out, a letter home. */
export function printablesOf(
  game: Game,
  rules: CommonRules,
  seats: number,
  wishes: Wishes,
  letter: Letter = {},
): readonly Printable[] {
  const own = game.ready.sheets(rules, seats).map((sheet) => ({
    id: sheet.id,
    title: sheet.title,
    copies: sheet.copies ?? 1,
    keeps: isKept(sheet, wishes),
    pages: pagesOf(sheet, wishes),
  }))
  const cards = game.ready.cards?.(rules, seats)
  return [
    ...own,
    ...(cards
      ? [
          {
            id: CARDS,
            title: 'Cards to cut out',
            copies: 1,
            keeps: false,
            pages: pagesOf({ kind: 'cards', id: CARDS, title: '', cards }, wishes),
          },
        ]
      : []),
    {
      id: RULES,
      title: 'The rules on one page',
      copies: 1,
      keeps: false,
      pages: rulesPages(game, rules, seats, wishes),
    },
    {
      id: TALK,
      title: 'Before and after, for the referee',
      copies: 1,
      keeps: false,
      pages: talkPages(game, rules, seats, wishes),
    },
    {
      id: LETTER,
      title: 'Letter to take home',
      copies: 1,
      keeps: false,
      pages: letterPages(game, rules, seats, wishes, letter),
    },
  ]
}
