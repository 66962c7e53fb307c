import { expose } from 'comlink'
import { gameById } from '#core/games/index'
import { runLab, type LabAnswer, type LabQuestion } from '#core/lab/run'
import { searchRule, type RuleSearch, type Tried } from '#core/lab/search'

/** Matches tried out, off the page's thread. */
const worker = {
  /** Matches from `from` to `to` (not included). */
  run: (question: LabQuestion, from: number, to: number): LabAnswer => runLab(question, from, to),
  /** Values of a rule; `tell` gets each as it was tried. */
  search(search: Omit<RuleSearch, 'game'> & { readonly game: string }, tell: (tried: Tried) => void): void {
    for (const tried of searchRule({ ...search, game: gameById(search.game)! })) tell(tried)
  },
}

expose(worker)
export type LabWorker = typeof worker
