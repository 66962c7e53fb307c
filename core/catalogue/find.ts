import MiniSearch from 'minisearch'
import { mannersOf, type MannerId } from '#core/catalogue/manners'
import { MATERIALS, type MaterialId } from '#core/contract/materials'
import { SKILLS, type SkillId } from '#core/contract/skills'
import { readSpoken } from '#core/catalogue/spoken'
import { timeOf, type MatchTime } from '#core/catalogue/time'
import type { GameId } from '#core/games/ids'
import type { About } from '#core/contract/game'

/** What somebody looks for; whatever is empty or null does not matter. */
export interface Wish {
  /** Typed: skills by any of their words, titles, materials. */
  readonly text: string
  readonly skills: readonly SkillId[]
  /** How it is to be played. */
  readonly manner: MannerId | null
  readonly players: number | null
  /** Minutes there are. */
  readonly minutes: number | null
  /** Years of the youngest. */
  readonly age: number | null
  /** What is in the box; empty: anything. */
  readonly box: readonly MaterialId[]
}

export interface Entry {
  readonly id: GameId
  readonly about: About
  /** House rules under a name that stand among the games: one of the table's own. */
  readonly kept?: {
    readonly id: string
    readonly houseRules: Readonly<Record<string, unknown>>
    /** How long it takes; null while that isn't known. */
    readonly time: MatchTime | null
  }
}
/** What tells entries apart. */
export const keyOfEntry = ({ id, kept }: Entry): string => kept?.id ?? id

/** A game that fits, and why this one: the skills that were looked for, or all that it practises. */
export interface Fit extends Entry {
  readonly practises: readonly SkillId[]
  /** What of the box it uses; empty where the box does not matter. */
  readonly uses: readonly MaterialId[]
  readonly score: number
  /** None fits what was typed; this one comes nearest. */
  readonly near: boolean
}

export const NO_WISH: Wish = { text: '', skills: [], manner: null, players: null, minutes: null, age: null, box: [] }

/** Whether everything a game needs is in the box: of each group of things that will do, one. */
export function isInBox(needs: About['needs'], box: readonly MaterialId[]): boolean {
  return needs.every((group) => group.some((material) => box.includes(material)))
}

/** Searches all that is said of games; made once a list. */
function indexOf(entries: readonly Entry[]): MiniSearch {
  const index = new MiniSearch({
    fields: ['title', 'skills', 'line', 'materials'],
    searchOptions: { prefix: (term) => term.length > 2, combineWith: 'AND', boost: { title: 4, skills: 2 } },
  })
  index.addAll(
    entries.map(({ about, ...entry }) => ({
      id: keyOfEntry({ ...entry, about }),
      title: about.title,
      line: about.line,
      skills: about.skills.map((skill) => [SKILLS[skill].name, ...SKILLS[skill].words].join(' ')).join(' '),
      materials: about.needs
        .flat()
        .map((material) => [MATERIALS[material].name, ...MATERIALS[material].words].join(' '))
        .join(' '),
    })),
  )
  return index
}
const INDEXES = new WeakMap<readonly Entry[], MiniSearch>()

/** Where a mistyped word is looked for: among what people look for, and not in sentences. */
const NAMED = ['title', 'skills', 'materials']

/** Letters that may be wrong in a word: none in a short one, where that would make another word of it. */
const slips = (term: string) => (term.length > 6 ? 2 : term.length === 6 ? 1 : false)

/** Games by how well they fit what was typed: as it stands, else mistyped, else some of its words (`near`). */
function searched(
  index: MiniSearch,
  text: string,
): { readonly hits: ReadonlyMap<string, number>; readonly near: boolean } {
  const tries = [
    { near: false, options: {} },
    { near: false, options: { fuzzy: slips, fields: NAMED } },
    { near: true, options: { fuzzy: slips, fields: NAMED, combineWith: 'OR' as const } },
  ]
  for (const { near, options } of tries) {
    const found = index.search(text, options)
    if (found.length) return { hits: new Map(found.map(({ id, score }) => [id as string, score])), near }
  }
  return { hits: new Map(), near: false }
}

/** Whether a wish lies within what a game is for; none always does. */
const isWithin = (wish: number | null, { low, high }: { readonly low: number; readonly high: number }) =>
  wish === null || (wish >= low && wish <= high)

/** Seconds a play in this room, by game. */
type Paces = Readonly<Record<string, number>>

/** The games that fit a wish: those that practise more of it first, then those whose words fit better, then in their own order. */
export function findGames(entries: readonly Entry[], wish: Wish, paces: Paces = {}): Fit[] {
  const { skills, players, box } = wish
  const spoken = readSpoken(wish.text)
  const manner = wish.manner ?? spoken.manner
  const minutes = wish.minutes ?? spoken.minutes
  const age = wish.age ?? spoken.age
  const index = INDEXES.get(entries) ?? indexOf(entries)
  INDEXES.set(entries, index)
  const { hits, near } = spoken.text ? searched(index, spoken.text) : { hits: null, near: false }
  const found = entries.flatMap((entry): Fit[] => {
    const { id, about, kept } = entry
    const key = keyOfEntry(entry)
    if (hits && !hits.has(key)) return []
    // A word of a title of one's own is no wish for a manner of playing.
    const wanted = kept ? wish.manner : manner
    if (wanted !== null && !mannersOf(about).includes(wanted)) return []
    if (!isWithin(players, about.seats)) return []
    const time = kept ? kept.time : timeOf({ id, about }, players, paces[id])
    if (minutes !== null && time && time.low > minutes) return []
    if (!isWithin(age, about.ages)) return []
    if (box.length && !isInBox(about.needs, box)) return []
    const practises = about.skills.filter((skill) => !skills.length || skills.includes(skill))
    if (!practises.length) return []
    const uses = box.length ? about.needs.map((group) => group.find((material) => box.includes(material))!) : []
    const score = (skills.length ? 100 * practises.length : 0) + (hits?.get(key) ?? 0)
    return [{ ...entry, practises, uses, score, near }]
  })
  return found.sort((a, b) => b.score - a.score)
}
