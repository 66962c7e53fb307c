import * as z from 'zod'
import { namedRulesFields } from '#core/format/namedRules'
import { gameById, GAMES } from '#core/games/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { problem, type Problem } from '#core/contract/problem'

/** House rules under a name, handed from one adult to another (docs/house-rules.schema.json). */
const HOUSE_RULES = 'nimble-tally/house-rules'

export const houseRulesFileShape = z.strictObject({
  format: z.literal(HOUSE_RULES),
  version: z.literal(1),
  ...namedRulesFields,
  houseRules: namedRulesFields.houseRules.default({}),
})

type HouseRulesFile = z.infer<typeof houseRulesFileShape>
type ReadHouseRulesFile =
  { readonly ok: true; readonly file: HouseRulesFile } | { readonly ok: false; readonly problems: readonly Problem[] }

/** Reads such a file from its text; or everything that is wrong with it, each with its path. */
export function readHouseRulesText(text: string): ReadHouseRulesFile {
  let json: unknown
  try {
    json = JSON.parse(text.charCodeAt(0) === 0xfeff ? text.slice(1) : text)
  } catch (error) {
    return { ok: false, problems: [problem('', 'not-json', { detail: (error as Error).message })] }
  }
  return readHouseRulesFile(json)
}

/** The same from JSON. */
function readHouseRulesFile(json: unknown): ReadHouseRulesFile {
  const read = houseRulesFileShape.safeParse(json)
  if (!read.success) {
    const paths = [...new Set(read.error.issues.map((issue) => issue.path.join('.')))]
    return { ok: false, problems: paths.map((path) => problem(path, 'bad-house-rules-file', { field: path })) }
  }
  const problems = namedRulesProblems(read.data.game, read.data.houseRules)
  return problems.length ? { ok: false, problems } : { ok: true, file: read.data }
}

/** What is wrong with rules as named for a game: they must fit some number of players. */
export function namedRulesProblems(id: string, houseRules: Readonly<Record<string, unknown>>): readonly Problem[] {
  const game = gameById(id)
  if (!game) return [problem('game', 'unknown-game', { game: id, known: GAMES.map((each) => each.id) })]
  const { low, high } = game.about.seats
  let problems: readonly Problem[] = []
  for (let seats = low; seats <= high; seats++) {
    const read = readHouseRules(game, houseRules, seats)
    if (read.ok) return []
    if (!problems.length) problems = read.problems
  }
  return problems
}

export function makeHouseRulesFile({
  game,
  name,
  houseRules,
}: Pick<HouseRulesFile, 'game' | 'name' | 'houseRules'>): HouseRulesFile {
  return { format: HOUSE_RULES, version: 1, game, name, houseRules }
}
