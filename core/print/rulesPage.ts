import type { CommonRules } from '#core/contract/commonRules'
import { titleOf, type Game } from '#core/contract/game'
import type { Page, Wishes } from '#core/contract/sheet'
import { flowPages, type Block } from '#core/print/flow'
import { sayCommonRules } from '#core/wording/houseRules'

/** Sizes of its text in millimetres, the best first: the largest by which all of it stands on one page. */
const SIZES = [7, 6.4, 5.8, 5.2, 4.7, 4.2, 3.8]

/** The rules as they are agreed, in sentences, to be hung up beside the table: on one page wherever they fit. */
export function rulesPages(
  game: Game,
  rules: CommonRules,
  seats: number,
  { paper }: Pick<Wishes, 'paper'>,
): readonly Page[] {
  const { needs, care } = game.prepare(rules, seats)
  const aloud = game.about.titled ? [] : game.ready.aloud(rules, seats)
  const agreed = [...game.wording.readBack(rules, seats), ...sayCommonRules(game, rules)]
  const tried = SIZES.map((size) => {
    const heading = (text: string): Block => ({ text, size: size + 1.5, strong: true, above: size, keeps: true })
    const point = (text: string): Block => ({ text, size, indent: size + 1, bullet: '–', above: size / 3 })
    return flowPages(
      [
        { text: titleOf(game.about, rules), size: size + 4, strong: true },
        ...(aloud.length ? [heading('How it goes'), ...aloud.filter(Boolean).map(point)] : []),
        heading('What we agreed'),
        ...agreed.map(point),
        heading('What we need'),
        ...needs.map(({ count, what, detail }) => point(`${count} ${what}${detail ? `, ${detail}` : ''}`)),
        ...care.map((text): Block => ({ text, size: size - 0.4, above: size / 2 })),
      ],
      paper,
    )
  })
  return tried.find(({ length }) => length === 1) ?? tried.at(-1)!
}
