import { skillNames } from '#core/contract/skills'
import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import { flowPages, type Block } from '#core/print/flow'
import type { Page, Wishes } from '#core/contract/sheet'
import { sayCommonRules } from '#core/wording/houseRules'

const SIZE = 4.2

/** A letter for families: how the game goes under the rules agreed, what is needed, what it practises, what to ask. */
export function letterPages(
  game: Game,
  rules: CommonRules,
  seats: number,
  { paper }: Pick<Wishes, 'paper'>,
): readonly Page[] {
  const { needs, care } = game.prepare(rules, seats)
  const heading = (text: string): Block => ({ text, size: 5.2, strong: true, above: 5 })
  const point = (text: string): Block => ({ text, size: SIZE, indent: 5, bullet: '–', above: 0.8 })
  const blocks: Block[] = [
    { text: 'Dear family of', size: SIZE, line: 'write' },
    {
      text: `today we played ${game.about.title}. ${game.about.line} Perhaps you would like to play it together at home.`,
      size: SIZE,
      above: 3,
    },
    heading('How it goes'),
    ...game.ready.aloud(rules, seats).map(point),
    heading('What we agreed'),
    ...[...game.wording.readBack(rules, seats), ...sayCommonRules(game, rules)].map(point),
    heading('What you need'),
    ...needs.map(({ count, what, detail }) => point(`${count} ${what}${detail ? `, ${detail}` : ''}`)),
    heading('What it practises'),
    { text: `It practises ${skillNames(game.about.skills)}.`, size: SIZE, above: 0.8 },
    heading('What to ask while you play'),
    ...game.wording.prompts(rules, []).map(point),
    ...care.map((text): Block => ({ text: `Please mind: ${text}`, size: SIZE, strong: true, above: 4 })),
    { text: 'Right answers are nice; how somebody found them is what to talk about.', size: SIZE, above: 4 },
  ]
  return flowPages(blocks, paper)
}
