import { skillNames } from '#core/contract/skills'
import type { CommonRules } from '#core/contract/commonRules'
import { titleOf, type Game } from '#core/contract/game'
import { flowPages, type Block } from '#core/print/flow'
import type { Page, Wishes } from '#core/contract/sheet'
import { sayCommonRules } from '#core/wording/houseRules'

/** Sizes of its text in millimetres, the best first: a smaller one where a page would hold but a few lines. */
const SIZES = [4.2, 4.05, 3.9, 3.75]
/** A page that is filled less, as a part of the fullest, is not worth its paper. */
const LEAST_FILLED = 0.2

/** A paragraph of a letter: running text, the heading of what follows, or one point of a list. */
export interface LetterPart {
  readonly kind: 'text' | 'heading' | 'point'
  /** Of one line: nothing in it breaks. */
  readonly text: string
}

/** Letters of a letter at most: some three pages. */
export const LETTER_LENGTH = 6000

/** What is written in a letter home, and of which day. */
export interface Letter {
  /** Its parts where it was edited. */
  readonly parts?: readonly LetterPart[]
  /** As it is written: `28 November 2026`. */
  readonly day?: string
}

/** A letter for families: how the game goes under the rules agreed, what is needed, what it practises, what to ask. */
export function letterParts(game: Game, rules: CommonRules, seats: number): readonly LetterPart[] {
  const { needs, care } = game.prepare(rules, seats)
  const line = (text: string): LetterPart => ({ kind: 'text', text })
  const part = (heading: string, points: readonly string[]): LetterPart[] =>
    points.length
      ? [{ kind: 'heading', text: heading }, ...points.map((text) => ({ kind: 'point', text }) as const)]
      : []
  return [
    line(
      `today we played ${titleOf(game.about, rules)}. ${game.about.line} Perhaps you would like to play it together at home.`,
    ),
    ...part('How it goes', game.ready.aloud(rules, seats)),
    ...part('What we agreed', [...game.wording.readBack(rules, seats), ...sayCommonRules(game, rules)]),
    ...part(
      'What you need',
      needs.map(({ count, what, detail }) => `${count} ${what}${detail ? `, ${detail}` : ''}`),
    ),
    ...part('What it practises', [`It practises ${skillNames(game.about.skills)}.`]),
    ...part('What to ask while you play', game.wording.prompts(rules, [])),
    ...care.map((text) => line(`Please mind: ${text}`)),
    line('Right answers are nice; how somebody found them is what to talk about.'),
  ]
}

/** The letter on its pages. */
export function letterPages(
  game: Game,
  rules: CommonRules,
  seats: number,
  { paper }: Pick<Wishes, 'paper'>,
  { parts = letterParts(game, rules, seats), day = '' }: Letter = {},
): readonly Page[] {
  const tried = SIZES.map((size) => flowPages(blocksOf(parts, day, size), paper))
  const filled = ({ marks }: Page) => Math.max(0, ...marks.map(({ y }) => y))
  const wellFilled = (pages: readonly Page[]) =>
    pages.length === 1 || filled(pages.at(-1)!) >= LEAST_FILLED * Math.max(...pages.map(filled))
  return tried.find(wellFilled) ?? tried[0]!
}

function blocksOf(parts: readonly LetterPart[], day: string, size: number): Block[] {
  return [
    { text: '', size, beside: day || ' ' },
    { text: 'Dear family of', size, line: 'write', above: 2 },
    ...parts.map(({ kind, text }): Block => {
      if (kind === 'point') return { text, size, indent: 5, bullet: '–', above: 0.8 }
      if (kind === 'heading') return { text, size: size + 1, strong: true, above: 5, keeps: true }
      return { text, size, strong: text.startsWith('Please mind'), above: 3.5 }
    }),
  ]
}
