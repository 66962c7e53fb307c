import type { CommonRules } from '#core/contract/commonRules'
import { titleOf, type Game } from '#core/contract/game'
import type { Page, Wishes } from '#core/contract/sheet'
import { flowPages, type Block } from '#core/print/flow'
import { cardsInAll } from '#core/wording/cards'
import { goodWord } from '#core/wording/talk'

const SIZE = 5

/** The referee's two short cards on one page: before the match, and after it, with what must come back into the box. */
export function talkPages(
  game: Game,
  rules: CommonRules,
  seats: number,
  { paper }: Pick<Wishes, 'paper'>,
): readonly Page[] {
  const { notice, say, hard } = game.ready.talk(rules)
  const heading = (text: string): Block => ({ text, size: 7, strong: true, above: 12, keeps: true })
  const point = (text: string): Block => ({ text, size: SIZE, indent: 6, bullet: '–', above: 2 })
  const cards = game.ready.cards?.(rules, seats)
  return flowPages(
    [
      { text: titleOf(game.about, rules), size: 9, strong: true },
      heading('Before'),
      point(notice),
      point(`Say it so: “${say}”`),
      ...(seats > 1 ? [point('Who begins? Draw lots.')] : []),
      heading('After'),
      point(hard),
      point(goodWord(seats)),
      ...(cards ? [point(`Count the cards: ${cardsInAll(cards)} must be there.`)] : []),
      ...game.prepare(rules, seats).needs.map(({ count, what }) => point(`${count} ${what}`)),
    ],
    paper,
  )
}
