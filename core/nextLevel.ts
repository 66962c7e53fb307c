import type { Preset } from '#core/game'
import { NOT_PRACTISED, practisedFacts } from '#core/facts'
import { readHouseRules } from '#core/houseRules'
import type { Table } from '#core/table'
import type { Tape } from '#core/tape'

/** What to try next after a match, and the numbers that say so. */
export interface NextLevel {
  readonly preset: Preset<never>
  readonly way: 'harder' | 'easier'
  /** Told from answers said aloud, or from plays that did not stand. */
  readonly from: 'answers' | 'plays'
  readonly right: number
  readonly of: number
}

/** Answers or plays below which a match says nothing of how hard it was. */
const ENOUGH = 8
/** Shares of right ones from which a harder school is proposed, and below which an easier one. */
const [HARDER, EASIER] = [0.9, 0.65]

/**
 * What to try next: from what was said right in this match (where too little was said, from what stood), one step up or down the game's
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

function shareOf(tape: Tape): Pick<NextLevel, 'from' | 'right' | 'of'> | null {
  const answers = tape.lines.flatMap((line) => practisedFacts(tape.table, line)).filter(({ said }) => said !== null)
  if (answers.length >= ENOUGH) return { from: 'answers', right: answers.filter(({ right }) => right).length, of: answers.length }
  const plays = tape.lines.filter(({ play, struck, verdict }) => play && !struck && !(verdict.reason && NOT_PRACTISED.has(verdict.reason.code)))
  if (plays.length < ENOUGH) return null
  return { from: 'plays', right: plays.filter(({ verdict }) => verdict.stands).length, of: plays.length }
}

/** The preset one step up or down from the one that these rules are nearest to. */
function stepFrom({ table, state }: Tape, way: NextLevel['way']): Preset<never> | null {
  const { ladder } = table.game.ready
  const fits = ladder.flatMap((id) => table.game.presets.filter((preset) => preset.id === id && table.players.length <= (preset.most ?? Infinity)))
  const distances = fits.map((preset) => distance(table, state.rules, preset.rules))
  const at = distances.indexOf(Math.min(...distances))
  return (fits[at + (way === 'harder' ? 1 : -1)] as Preset<never> | undefined) ?? null
}

/** In how many of the game's own house rules these differ from a preset. */
function distance({ game, players }: Table, rules: object, named: object): number {
  const read = readHouseRules(game, named, players.length)
  if (!read.ok) return Infinity
  const [mine, theirs] = [rules as Record<string, unknown>, read.rules as unknown as Record<string, unknown>]
  return Object.keys(game.houseRules.shape).filter((rule) => !isSame(mine[rule], theirs[rule])).length
}

/** Rules are plain JSON, made by the same schema: alike is written alike. */
const isSame = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)
