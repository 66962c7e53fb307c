import { LRUCache } from 'lru-cache'

/** How often a text is asked before it counts as common. */
const OFTEN = 3
/** Texts that are kept ready at most: each connection to the database keeps its own plans of them. */
const MOST_COMMON = 150
/** Letters of such a text: longer ones name many values, and hardly come again. */
const MOST_LETTERS = 4000

/** Tells which queries are asked so often that a database should keep them ready; bounded, whatever is asked. */
export function makeCommon(): (text: string) => boolean {
  const asked = new LRUCache<string, number>({ max: 500 })
  const common = new Set<string>()
  return (text) => {
    if (common.has(text)) return true
    const times = (asked.get(text) ?? 0) + 1
    asked.set(text, times)
    if (times < OFTEN || common.size >= MOST_COMMON || text.length > MOST_LETTERS) return false
    common.add(text)
    return true
  }
}
