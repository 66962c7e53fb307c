import { itemAt } from '#core/basics/lists'
import { combined } from '#core/kit/dice'
import type { ReadPlay } from '#core/contract/game'
import { turnedAtOnce, type Answer, type FirstRules, type Round } from '#core/games/say-it-first/rules'
import { notUnderstood, readExtras, readNumbers, writeExtras } from '#core/kit/notation'

/**
 * Notation of Say It First: the cards, then who said what in the order in which it was spoken, each with how it was
 * explained: `3 7 | 2=9, 1=10 !made-ten`. Short forms: `37 1` is right and explained by player 1, `37 1?` right and not
 * explained, `37` nobody. What belongs to the play itself stands behind another stroke.
 */
export function writePlay(play: Round): string {
  const answers = play.answers.map(
    (answer) => `${answer.by}=${answer.said}${writeExtras({ do: '', ...answer, said: undefined })}`,
  )
  const extras = writeExtras(play)
  return `round ${play.cards.join(' ')} | ${answers.join(', ')}${extras && ` |${extras}`}`.trimEnd()
}

export function readPlay(
  text: string,
  { combine }: FirstRules,
  { seats }: { readonly seats: number },
): ReadPlay<Round> {
  // Who stands before it (a name, at the desk) is who was right in the end.
  const before = /^\s*(\d{1,2})\s*:\s*/.exec(text)
  const [cardsText = '', answersTold, extrasText] = divide(
    text
      .slice(before?.[0].length ?? 0)
      .trim()
      .toLowerCase(),
    turnedAtOnce(seats),
  )
  const answersText = [answersTold?.trim(), before?.[1]].filter(Boolean).join(', ')
  const cards = readNumbers(cardsText)
  if (!cards?.length) return notUnderstood(text)
  const right = combined(cards, combine).equals
  const answers: Answer[] = []
  for (const part of answersText.split(',').filter((part) => part.trim())) {
    const { rest, extras } = readExtras(part.trim())
    const found = /^@?(\d{1,2})\s*(?:=\s*([-−]?\d{1,9}))?$/.exec(rest.trim())
    if (!found) return notUnderstood(text)
    const said = found[2] === undefined ? right : Number(found[2].replace('−', '-'))
    // Where only a player is named, the answer was right, and explained unless it says otherwise.
    const told = found[2] === undefined && extras.explained === undefined ? { explained: true, ...extras } : extras
    answers.push({ by: Number(found[1]), said, ...told })
  }
  const whole = readExtras(` ${(extrasText ?? '').trim()}`)
  if (whole.rest.trim()) return notUnderstood(text)
  return { ok: true, play: { do: 'round', cards, answers, ...whole.extras } }
}

/** The cards, the answers, and what belongs to the play. Without strokes, one number a seat (or one word of figures) is the cards. */
function divide(text: string, seats: number): (string | undefined)[] {
  const bare = text.replace(/^round\s*/, '')
  if (bare.includes('|')) return bare.split('|')
  const words = bare.split(/\s+/)
  const together =
    itemAt(words, 0).length > 1 && !itemAt(words, 0).includes(',') && [...itemAt(words, 0)].length === seats
  const cards = together ? 1 : seats
  return [words.slice(0, cards).join(' '), words.slice(cards).join(' ')]
}
