import type { Game } from '#core/contract/game'
import { gameById } from '#core/games/index'
import type { Problem } from '#core/contract/problem'
import { sayProblem } from '#core/wording/index'
import { Refusal, told } from '../utils/refusal'

/** Problems told of one file or setup: a broken one may have any number. */
const MOST_TOLD = 50

const gameOf = ({ facts }: Problem) => (typeof facts.game === 'string' ? gameById(facts.game) : undefined)

/** A problem as it is told: in bounded words, those of `game` where it has its own. */
export function tellProblem(found: Problem, game: Game | undefined = gameOf(found)) {
  return { path: told(found.path), code: found.code, says: told(sayProblem(found, game)) }
}

/** The refusal (422) for what is wrong with a file or a setup; it names the first problem and carries them all. */
export function refusalOf(problems: readonly Problem[], game?: Game): Refusal {
  const said = problems.slice(0, MOST_TOLD).map((found) => tellProblem(found, game))
  const first = said[0]!
  return new Refusal(422, first.code, first.says, first.path, { problems: said })
}
