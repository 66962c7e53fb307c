import { Graph, type Links } from './graph'
import { merged, type Group } from './groups'

/**
 * Says which modules lie in one file. The bundler would make a file of every set of pages that share a module: a table asked for
 * 76 of them, each packed by itself, which cost a tenth more to send.
 */

/** What every page asks for once it is there. Left to the bundler it would be put beside something large that few ask for. */
const AFTERWARDS = /\/workbox-window\/[^?]+$/
/** Beside what few pages need it would bring along all that it lists, since a file asks for every file that it names. */
const REGISTER = /\/core\/games\/abouts\.ts$/
/**
 * What is asked for as a whole: pages, their layouts, and how a game is shown. First set-up, which is opened once, lies in the
 * files of a new match, whose parts it is made of, and divides none of them.
 */
const PAGE = /\/app\/(?:(?:pages(?!\/first)|layouts)\/[^?]+\.vue|games\/[^/]+\/index\.ts)$/
/** How much oftener some are opened than others, and what stands first in a browser that has nothing yet. */
const WEIGHTS: readonly (readonly [RegExp, number])[] = [
  [/\/(?:pages\/index|layouts\/default)\.vue$/, 12],
  [/\/(?:pages\/(?:match\/\[id\]|board\/\[token\])|layouts\/desk)\.vue$/, 6],
  // Desk, board and all that teaches it ask for how a game is shown.
  [/\/games\/[^/]+\/index\.ts$/, 2],
]
/** Code is sent so many times smaller than it is written. */
const PACKED = 6

const weightOf = (id: string) => WEIGHTS.find(([pattern]) => pattern.test(id))?.[1] ?? 1

/** A module as the bundler read it. */
export interface Module {
  readonly id: string
  readonly code: string | null
  readonly isEntry: boolean
}

/** The file of each module that pages need, or ask for once they are there; none for what only a part of a page asks for later. */
export function filesOf(modules: readonly Module[], links: ReadonlyMap<string, Links>): ReadonlyMap<string, string> {
  const ids = modules.map(({ id }) => id)
  const graph = new Graph(links)
  // They lie in files of their own, with what the bundler itself adds.
  const entries = modules.flatMap(({ id, isEntry }) => (isEntry ? [id] : []))
  const first = graph.closure(entries)
  const afterwards = graph.closure(ids.filter((id) => AFTERWARDS.test(id)))
  const pages = ids.filter((id) => PAGE.test(id))
  const needs = pages.map((id) => graph.closure([id]))
  const groups = new Map<bigint, Group>()
  for (const { id, code } of modules) {
    if (first.has(id)) continue
    const needed = needs.reduce((all, need, page) => (need.has(id) ? all | (1n << BigInt(page)) : all), 0n)
    if (!needed) continue
    const group = groups.get(needed) ?? { pages: needed, bytes: 0, ids: [] }
    const bytes = (code?.length ?? 0) / PACKED
    groups.set(needed, { pages: needed, bytes: group.bytes + bytes, ids: [...group.ids, id] })
  }
  const shared = merged([...groups.values()], pages.map(weightOf))
  return new Map([
    ...[...afterwards].map((id) => [id, 'afterwards'] as const),
    ...[...first].flatMap((id) => (entries.includes(id) ? [] : [[id, 'first'] as const])),
    ...shared.flatMap((group, n) => group.ids.map((id) => [id, `shared-${n}`] as const)),
    ...ids.flatMap((id) => (REGISTER.test(id) ? [[id, 'register'] as const] : [])),
  ])
}
