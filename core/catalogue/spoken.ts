import { itemAt } from '#core/basics/lists'
import { MANNER_IDS, MANNERS, type MannerId } from '#core/catalogue/manners'

/** What a line that somebody typed says beside the words that are searched for. */
interface Spoken {
  /** What is left to be searched for. */
  readonly text: string
  readonly manner: MannerId | null
  readonly age: number | null
  readonly minutes: number | null
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth']
/** Years of a child in the first school year. */
const FIRST_GRADE = 6
/** School years by their names, with the age of the youngest in them. */
const YEARS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:preschool|pre-?k|nursery)\b/, 4],
  [/\b(?:kindergarten|kinder|reception|grade k)\b/, 5],
]
/** Words for a game that is soon over, and the minutes that are meant. */
const QUICK = /\b(?:warm-?\s?ups?|starters?|quick|short|fillers?|five minutes|ice-?breakers?)\b/
const QUICK_MINUTES = 10

/** Reads how, for which school year and for how long a game is wanted out of a typed line; the rest is searched for. */
export function readSpoken(line: string): Spoken {
  let text = line.toLowerCase()
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const found = pattern.exec(text)
    if (found) text = text.replace(pattern, ' ')
    return found
  }
  let age: number | null = null
  for (const [pattern, years] of YEARS) if (age === null && take(pattern)) age = years
  if (age === null) {
    const grade =
      take(/\b(?:grade|class|year)\s?(\d)\b/) ?? take(/\b(\d)(?:st|nd|rd|th)[ -](?:grade|class|year)(?:rs?|s)?\b/)
    const named = grade ? null : take(new RegExp(`\\b(${ORDINALS.join('|')})[ -](?:grade|class|year)(?:rs?|s)?\\b`))
    const year = grade ? Number(grade[1]) : named ? ORDINALS.indexOf(itemAt(named, 1)) + 1 : null
    if (year !== null) age = FIRST_GRADE - 1 + year
  }
  const minutes = take(QUICK) ? QUICK_MINUTES : null
  const manner = MANNER_IDS.find((id) => MANNERS[id].words.some((words) => take(new RegExp(`\\b${words}\\b`)))) ?? null
  return { text: text.replace(/\s+/g, ' ').trim(), manner, age, minutes }
}
