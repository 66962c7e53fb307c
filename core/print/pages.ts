import { cardPages, dominoPages } from '#core/print/cutOut'
import { chartPages, keyPages, tablePages } from '#core/print/lists'
import { discPages, framePages, ladderPages, linePages, placePages, trackPages } from '#core/print/mats'
import type { Page, Sheet, Wishes } from '#core/contract/sheet'

/** The pages of one sheet, once (its copies are printed by repeating them); every mark lies within the drawing. */
export function pagesOf(sheet: Sheet, wishes: Wishes): readonly Page[] {
  switch (sheet.kind) {
    case 'places':
      return placePages(sheet, wishes)
    case 'line':
      return linePages(sheet, wishes)
    case 'track':
      return trackPages(sheet, wishes)
    case 'ladder':
      return ladderPages(sheet, wishes)
    case 'table':
      return tablePages(sheet, wishes)
    case 'chart':
      return chartPages(sheet, wishes)
    case 'discs':
      return discPages(sheet, wishes)
    case 'key':
      return keyPages(sheet, wishes)
    case 'cards':
      return cardPages(sheet, wishes)
    case 'dominoes':
      return dominoPages(sheet, wishes)
    case 'frames':
      return framePages(sheet, wishes)
  }
}
