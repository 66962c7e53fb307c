import { fieldOf } from '#core/basics/fields'
import type { Preset } from '#core/contract/game'
import { answersIn, explainedIn } from '#core/kernel/facts'
import { readHouseRules } from '#core/kernel/houseRules'
import type { Table } from '#core/contract/table'
import type { Tape } from '#core/kernel/tape'

/** What to try next after a match, and the numbers that say so. */
export interface NextLevel extends ShareRight {
  readonly preset: Preset<never>
  readonly way: 'harder' | 'easier'
}

/** What was counted for it: how many were right, of how many; of these answers said aloud, and plays explained without one. */
interface ShareRight {
  readonly right: number
  readonly of: number
  readonly answers: number
  readonly explained: number
}

/** Answers and explanations below which a match says nothing of how hard it was. */
const ENOUGH = 8
/** Shares of right ones from which a harder school is proposed, and below which an easier one. */
const [HARDER, EASIER] = [0.9, 0.65]

/**
 * What to try next: from what was said and explained in this match, one step up or down the game's
 * own ladder of presets. Null where the numbers say neither, are too few, or the ladder ends.
 */
export function nextLevel(tape: Tape): NextLevel | null {
  const told = shareOf(tape)
  if (!told) return null
  const share = told.right / told.of
  const way = share >= HARDER ? 'harder' : share < EASIER ? 'easier' : null
  const preset = way && stepFrom(tape, way)
  return way && preset ? { preset, way, ...told } : null
}

/** What a match tells of how hard it was: answers given, and plays explained; nobody who was silent is counted. */
function shareOf(tape: Tape): ShareRight | null {
  const answers = tape.lines.flatMap((line) => answersIn(tape.table, line))
  const explained = tape.lines.flatMap((line) => explainedIn(tape.table, line))
  const all = [...answers, ...explained]
  if (all.length < ENOUGH) return null
  return { right: all.filter(Boolean).length, of: all.length, answers: answers.length, explained: explained.length }
}

/** The preset one step up or down from the one that these rules are nearest to. */
function stepFrom({ table, state }: Tape, way: NextLevel['way']): Preset<never> | null {
  const { ladder } = table.game.ready
  const fits = ladder.flatMap((id) =>
    table.game.presets.filter((preset) => preset.id === id && table.players.length <= (preset.most ?? Infinity)),
  )
  const distances = fits.map((preset) => distance(table, state.rules, preset.rules))
  const at = distances.indexOf(Math.min(...distances))
  return (fits[at + (way === 'harder' ? 1 : -1)] as Preset<never> | undefined) ?? null
}

/** In how many of the game's own house rules these differ from a preset. */
function distance({ game, players }: Table, rules: object, named: object): number {
  const read = readHouseRules(game, named, players.length)
  if (!read.ok) return Infinity
  const names = Object.keys(game.houseRules.shape)
  return names.filter((rule) => !isSame(fieldOf(rules, rule), fieldOf(read.rules, rule))).length
}

/** Rules are plain JSON, made by the same schema: alike is written alike. */
const isSame = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)
