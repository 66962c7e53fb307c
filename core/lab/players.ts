import { fieldOf } from '#core/basics/fields'
import { judgePlay } from '#core/kernel/match'
import type { BasePlay } from '#core/contract/plays'
import { randomFor, type Random } from '#core/basics/random'
import type { MatchState, Table } from '#core/contract/table'

/** How somebody plays in the lab, from the one who often errs to the one who never does. */
export const PLAYERS = ['careless', 'careful', 'best'] as const
export type PlayerKind = (typeof PLAYERS)[number]

/** Of a hundred: how many decisions are any that stand instead of the game's own advice, and how many answers are wrong. */
export const ERRS: Readonly<Record<PlayerKind, { readonly decisions: number; readonly answers: number }>> = {
  careless: { decisions: 50, answers: 16 },
  careful: { decisions: 12, answers: 3 },
  best: { decisions: 0, answers: 0 },
}

/** What somebody plays next, and whether the answer in it is wrong. */
interface LabPlay {
  readonly play: BasePlay
  /** The same with the right answer; the play itself where nothing wrong is said. */
  readonly right: BasePlay
}

/** Plays looked at for another decision: some games have thousands, most of which differ by chance alone. */
const LOOKED_AT = 90

/** The play of `seat` before entry `n` of the match `key`; chance comes as it would for the best player, so that only decisions differ. */
export function labPlay(
  kind: PlayerKind,
  table: Table,
  state: MatchState,
  seat: number,
  key: string,
  n: number,
): LabPlay {
  const { game } = table
  const best = game.bot(state.rules, state.game, seat, randomFor(key, 'deal', state.played))
  const { decisions, answers } = ERRS[kind]
  if (!decisions && !answers) return { play: best, right: best }
  const random = randomFor(key, 'errs', n)
  const chance = (of: number) => random.whole(1, 100) <= of
  const right = chance(decisions) ? (anyOther(table, state, seat, best, random) ?? best) : best
  const said = (right as { readonly said?: unknown }).said
  if (typeof said !== 'number' || !chance(answers)) return { play: right, right }
  return { play: { ...right, said: said + random.oneOf(OFF) } as BasePlay, right }
}

/** How far wrong answers are off: mostly by one, or by a ten. */
const OFF = [1, -1, 1, -1, 2, -2, 10, -10]

/** Any other decision that stands with the same chance; undefined where none was found. */
function anyOther(table: Table, state: MatchState, seat: number, best: BasePlay, random: Random): BasePlay | undefined {
  const { game } = table
  const brought = game.deal(state.rules, state.game, best, random)
  const chance = Object.keys(brought?.brings ?? {}).filter((field) => field in best)
  const lies = (play: BasePlay, field: string) => JSON.stringify(fieldOf(play, field))
  const same = chance.map((field) => [field, lies(best, field)] as const)
  const found: BasePlay[] = []
  let looked = 0
  for (const play of game.sameChance?.(state.rules, state.game, best) ?? game.plays(state.rules, state.game, seat)) {
    if (looked++ >= LOOKED_AT) break
    if (
      play.do === best.do
        ? same.every(([field, value]) => lies(play, field) === value)
        : !game.deal(state.rules, state.game, play, random)
    )
      found.push(play)
  }
  const play = found[random.whole(0, Math.max(0, found.length - 1))]
  if (!play) return undefined
  // Answers and explanations are given as the best player gives them.
  const { said } = best as { readonly said?: unknown }
  const told = {
    explained: true,
    ...play,
    ...(play.do === best.do && said !== undefined && !('said' in play) ? { said } : {}),
  } as BasePlay
  return [play, told].find((each) => judgePlay(table, state, each).verdict.stands)
}
