import { expose } from 'comlink'
import { gameById } from '#core/games/index'
import { lengthOf, type Length } from '#core/kernel/estimate'
import { runLab, type LabAnswer, type LabQuestion } from '#core/lab/run'
import { searchRule, type RuleSearch, type Tried } from '#core/lab/search'

/** Bots that play whole matches, off the page's thread. */
const worker = {
  /** Matches from `from` to `to` (not included). */
  run: (question: LabQuestion, from: number, to: number): LabAnswer => runLab(question, from, to),
  /** Values of a rule; `tell` gets each as it was tried. Nothing of a game that isn't known. */
  search(
    { game, ...search }: Omit<RuleSearch, 'game'> & { readonly game: string },
    tell: (tried: Tried) => void,
  ): void {
    const found = gameById(game)
    if (found) for (const tried of searchRule({ ...search, game: found })) tell(tried)
  },
  /** How long matches are, by as many as fit into `most` milliseconds, 200 at most; null for a game that isn't known. */
  lengthOf(game: string, houseRules: Record<string, unknown>, seats: number, most: number): Length | null {
    const found = gameById(game)
    const start = performance.now()
    return found ? lengthOf({ game: found, houseRules, seats }, () => performance.now() - start < most) : null
  },
}

expose(worker)
export type Bots = typeof worker
