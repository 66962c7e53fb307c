/** Entries read at once for an archive; between two pages others get their turn. */
export const PAGE = 400

/** What a match costs without any entries, counted in entries. */
const MATCH = 10

/** Matches with so many entries together as are read at once, in their order; a longer one is a page of its own. */
export function pagesOf<T extends { readonly last: number }>(all: readonly T[]): T[][] {
  const pages: T[][] = []
  let page: T[] = []
  let room = 0
  for (const match of all) {
    const size = match.last + MATCH
    if (size > room) {
      page = []
      pages.push(page)
      room = PAGE
    }
    page.push(match)
    room -= size
  }
  return pages
}
