import * as z from 'zod'
import { ownGame } from '#core/games/own-game/index'
import type { OwnRules } from '#core/games/own-game/houseRules'
import type { Game } from '#core/contract/game'
import { defaultRules, readHouseRules } from '#core/kernel/houseRules'
import { openMatch } from '#core/kernel/match'
import { nextPlay } from '#core/kernel/selfPlay'
import { addEntry, foldTape } from '#core/kernel/tape'
import { sayEntry, sayVerdict } from '#core/wording/index'

// The register's own type: what is typed by its game is judged the same.
const game = ownGame as unknown as Game
const SEATS = 2
/** Plays of an example turn at most: a pot may be thrown for a long time. */
const MOST_SHOWN = 8
const STEPS_BACK = 200

/** A game being made up: its recipe as named, kept on this device, with steps back; what is wrong with it, and a turn of it. */
export function useWorkshop() {
  const recipe = useKept<Rules>('workshop', z.record(z.string(), z.unknown()), {})
  const { undo, redo, canUndo, canRedo } = useRefHistory(recipe, { deep: true, capacity: STEPS_BACK })
  const usual = computed(() => defaultRules(game, SEATS, plain(recipe.value)))
  /** All of it, defaults filled in; in bounds or not, so that what is wrong can be seen. */
  const rules = computed(() => ({ ...usual.value, ...plain(recipe.value) }) as unknown as OwnRules)
  const read = computed(() => readHouseRules(game, plain(recipe.value), SEATS))
  const problems = computed(() => (read.value.ok ? [] : read.value.problems))
  const problemOf = (...names: string[]) =>
    names.map((name) => ruleProblem(problems.value, name, game)).find((says) => says !== undefined)

  /** Names rules; what is as usual is named no more. */
  function put(changes: Partial<OwnRules>) {
    const named = { ...plain(recipe.value), ...changes }
    recipe.value = namedOnly(named, defaultRules(game, SEATS, named))
  }
  const begin = (given: Rules) => (recipe.value = { ...given })

  /** Which chance the example turn has. */
  const seed = ref(1)
  /** One turn as bots would play it, sentence by sentence; empty where the recipe is not in order. */
  const turn = computed<readonly string[]>(() => {
    const opened = openMatch(game, {
      houseRules: plain(recipe.value),
      players: ['Ines', 'Bao'],
      first: 1,
      source: 'table',
      seed: null,
      opening: null,
    })
    if (!opened.ok) return []
    let tape = foldTape(opened.table, opened.state, [])
    const says: string[] = []
    for (let n = 0; n < MOST_SHOWN; n++) {
      const play = nextPlay(tape.table, tape.state, `2~workshop ${seed.value}`, n)
      if (play === null || (play as { by: number }).by !== 1) break
      tape = addEntry(tape, { play })
      const line = tape.lines.at(-1)!
      says.push(`${sayEntry(tape.table, line)}. ${sayVerdict(tape.table, line)}`)
      if (tape.state.result) break
    }
    return says
  })
  return { recipe, rules, read, problems, problemOf, put, begin, undo, redo, canUndo, canRedo, seed, turn }
}

export type Workshop = ReturnType<typeof useWorkshop>
