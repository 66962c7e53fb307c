/** What a file more costs to ask for and to pack by itself, as bytes sent. */
const FILE_BYTES = 500

/** Modules that the same pages need, and so lie in one file. */
export interface Group {
  /** Which pages, a bit each, in the order of their weights. */
  readonly pages: bigint
  /** What it takes to send. */
  readonly bytes: number
  readonly ids: readonly string[]
}

/** How often the pages of a set are opened, all told. */
function visits(pages: bigint, weights: readonly number[]): number {
  return weights.reduce((sum, weight, page) => sum + (pages & (1n << BigInt(page)) ? weight : 0), 0)
}

/** What two files in one would save, in bytes sent: a file less where both are needed, more than is needed elsewhere. */
function saved(a: Group, b: Group, weights: readonly number[]): number {
  const wasted = visits(a.pages & ~b.pages, weights) * b.bytes + visits(b.pages & ~a.pages, weights) * a.bytes
  return visits(a.pages & b.pages, weights) * FILE_BYTES - wasted
}

/** Puts groups together as long as that saves something, the most saving pair first; a weight says how often a page is opened. */
export function merged(groups: readonly Group[], weights: readonly number[]): readonly Group[] {
  const left = new Set<Group>()
  let pairs: { readonly gain: number; readonly pair: readonly [Group, Group] }[] = []
  const add = (group: Group) => {
    for (const other of left) {
      const gain = saved(group, other, weights)
      if (gain > 0) pairs.push({ gain, pair: [group, other] })
    }
    left.add(group)
  }
  groups.forEach(add)
  while (pairs.length) {
    const [a, b] = pairs.reduce((best, next) => (next.gain > best.gain ? next : best)).pair
    for (const gone of [a, b]) left.delete(gone)
    pairs = pairs.filter(({ pair }) => pair.every((group) => left.has(group)))
    add({ pages: a.pages | b.pages, bytes: a.bytes + b.bytes, ids: [...a.ids, ...b.ids] })
  }
  return [...left]
}
