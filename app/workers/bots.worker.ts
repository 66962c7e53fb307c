import { expose } from 'comlink'
import { gameById } from '#core/games/index'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { ownGame } from '#core/games/own-game/index'
import { sentencesFor } from '#core/games/own-game/search'
import { rulesInOrder } from '#core/kernel/houseRules'
import { lengthOf, type Length } from '#core/kernel/estimate'
import { tryRecipe, type RecipeTrial } from '#core/lab/recipeTrial'
import { recipeWarnings } from '#core/lab/recipeWarnings'
import { runLab, type LabAnswer, type LabQuestion } from '#core/lab/run'
import { searchRule, type RuleSearch, type Tried } from '#core/lab/search'

/** Matches after which it is told how far a trial is. */
const TOLD = 50

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
  /** What a recipe that is in order comes to, by as many matches as fit into `most` milliseconds, and what a table should know of it; `tell` gets the part done. */
  tryRecipe(
    asked: { recipe: Record<string, unknown>; seats: number; matches: number },
    most: number,
    tell: (part: number) => void,
  ): { readonly trial: RecipeTrial; readonly warnings: ReturnType<typeof recipeWarnings> } {
    const start = performance.now()
    const trial = tryRecipe(asked, (done) => {
      if (done % TOLD === 0) tell(done / asked.matches)
      return performance.now() - start < most
    })
    const rules = rulesInOrder(ownGame, asked.recipe as Partial<OwnRules>, asked.seats)
    return { trial, warnings: recipeWarnings(rules, trial) }
  },
  /** The number sentences that make a target or come nearest to it, `most` of them; `tell` gets the part done. */
  sentences: (
    rules: Pick<OwnRules, 'signs' | 'useAll'>,
    numbers: readonly number[],
    target: number,
    most: number,
    tell: (part: number) => void,
  ) => sentencesFor(rules, numbers, target, most, tell),
}

expose(worker)
export type Bots = typeof worker
