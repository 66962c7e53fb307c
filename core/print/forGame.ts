import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import { letterPages } from '#core/print/letter'
import { pagesOf } from '#core/print/pages'
import { talkPages } from '#core/print/talk'
import type { Page, Wishes } from '#core/contract/sheet'

/** Something that can be printed: its pages once, and how often they are needed. */
export interface Printable {
  readonly id: string
  readonly title: string
  readonly copies: number
  readonly pages: readonly Page[]
}

/** The sheet ids that games have beside their own. */
export const CARDS = 'cards'
const LETTER = 'letter'
const TALK = 'talk'

/** Everything that a game can be printed as under these rules: its own sheets, its pack to cut out, a letter home. */
export function printablesOf(game: Game, rules: CommonRules, seats: number, wishes: Wishes): readonly Printable[] {
  const own = game.ready
    .sheets(rules, seats)
    .map((sheet) => ({ id: sheet.id, title: sheet.title, copies: sheet.copies ?? 1, pages: pagesOf(sheet, wishes) }))
  const cards = game.ready.cards?.(rules, seats)
  return [
    ...own,
    ...(cards
      ? [
          {
            id: CARDS,
            title: 'Cards to cut out',
            copies: 1,
            pages: pagesOf({ kind: 'cards', id: CARDS, title: '', cards }, wishes),
          },
        ]
      : []),
    { id: TALK, title: 'Before and after, for the referee', copies: 1, pages: talkPages(game, rules, seats, wishes) },
    { id: LETTER, title: 'Letter to take home', copies: 1, pages: letterPages(game, rules, seats, wishes) },
  ]
}
