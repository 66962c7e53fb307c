import { proxy } from 'comlink'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { minutesOf } from '#core/kernel/estimate'
import { count } from '#core/basics/words'
import { recipeLength } from '#core/lab/recipeLength'
import type { RecipeTrial } from '#core/lab/recipeTrial'
import { recipeWarnings, sayRecipeWarning, winsOf } from '#core/lab/recipeWarnings'
import { closest, type Tried } from '#core/lab/search'
import { ownGame } from '#core/games/own-game/index'
import { startBots } from '~/workers/bots'
import type { Bots } from '~/workers/bots.worker'

/** Matches that bots play, in as many milliseconds at most. */
const MATCHES = 1000
const MOST_MS = 6000
/** Values of a rule that a search tries, more or less. */
const VALUES = 20

interface Asked {
  readonly rules: Readonly<Ref<OwnRules>>
  readonly recipe: Readonly<Ref<Rules>>
  readonly seats: Readonly<Ref<number>>
  /** Whether the recipe is in order. */
  readonly ok: Readonly<Ref<boolean>>
  readonly put: (changes: Partial<OwnRules>) => void
}

/** A recipe tried out by bots as it stands: how long, who wins, what should be known of it; and made as long as wished. */
export function useRecipeTrial({ rules, recipe, seats, ok, put }: Asked) {
  const trial = shallowRef<RecipeTrial | null>(null)
  const paces = usePaces()
  const pace = computed(() => paces.value[ownGame.id] ?? ownGame.about.pace)
  const trying = useWorker<Bots>(startBots)
  const seeking = useWorker<Bots>(startBots)

  async function tryOut() {
    trial.value = null
    if (!ok.value) return trying.cancel()
    const given = plain(recipe.value)
    trial.value = await trying.ask((remote, tell) =>
      remote.tryRecipe({ recipe: given, seats: seats.value, matches: MATCHES }, MOST_MS, tell),
    )
  }
  // Blanks are changed one after another: the bots begin when they stand still for a moment.
  watchDebounced([recipe, seats], tryOut, { debounce: 400, deep: true, immediate: true })

  const says = computed(() => {
    if (!trial.value) return null
    const { plays, ended, matches } = trial.value
    const sorted = [...plays].sort((a, b) => a - b)
    const at = (part: number) => sorted[Math.floor(part * (sorted.length - 1))] ?? 0
    const length = { low: at(0.1), usual: at(0.5), high: at(0.9), ended: ended / matches, matches }
    const told = minutesOf(length, pace.value, rules.value.minutes)
    if (!told) return 'It may never end.'
    const { low, usual, high } = told
    return `About ${count(usual, 'minute', 'minutes')}${low === high ? '' : `, ${low} to ${high}`}.`
  })
  const wins = computed(() => (trial.value ? winsOf(trial.value) : []))
  const warnings = computed(() => (trial.value ? recipeWarnings(rules.value, trial.value).map(sayRecipeWarning) : []))

  /** The rule by which it can be made longer or shorter; null where it has none. */
  const longer = computed(() => (ok.value ? recipeLength(rules.value) : null))
  /** What a search came to; null before one. */
  const found = ref<string | null>(null)
  function outdated() {
    found.value = null
    seeking.cancel()
  }
  watch([recipe, seats], outdated, { deep: true, flush: 'sync' })
  /** Looks for the value that makes matches take about so many minutes, and takes it. */
  async function make(minutes: number) {
    if (!longer.value) return
    const { rule, ...between } = longer.value
    const tried: Tried[] = []
    const players = Array.from({ length: seats.value }, () => 'best' as const)
    const search = { game: ownGame.id, houseRules: plain(recipe.value), players, pace: pace.value, rule, minutes }
    const done = await seeking.ask(async (remote, tell) => {
      await remote.search(
        { ...search, seed: 'recipe', between },
        proxy((one: Tried) => {
          tried.push(one)
          tell(tried.length / VALUES)
        }),
      )
      return true
    })
    const best = closest(tried, minutes)
    if (!done || !best) return
    put({ [rule]: best.value })
    // What was taken has changed the recipe: told after that.
    found.value = `${{ rounds: 'Rounds', goal: 'The goal', start: 'Points at the start' }[rule]}: ${minus(best.value)}. That is nearest to ${minutes} minutes.`
  }
  return {
    trial,
    part: trying.part,
    seeking: seeking.part,
    stop: seeking.cancel,
    says,
    wins,
    warnings,
    longer,
    found,
    make,
  }
}
