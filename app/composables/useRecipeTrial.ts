import { proxy } from 'comlink'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { lengthFrom, minutesOf } from '#core/kernel/estimate'
import { sayMinutes } from '#core/catalogue/time'
import { recipeLength } from '#core/lab/recipeLength'
import { sayRecipeWarning } from '#core/lab/recipeWarnings'
import { winShares } from '#core/lab/report'
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
  const tried = shallowRef<ReturnType<Bots['tryRecipe']> | null>(null)
  const trial = computed(() => tried.value?.trial ?? null)
  const paces = usePaces()
  const pace = computed(() => paces.value[ownGame.id] ?? ownGame.about.pace)
  const trying = useWorker<Bots>(startBots)
  const seeking = useWorker<Bots>(startBots)

  async function tryOut() {
    tried.value = null
    if (!ok.value) return trying.cancel()
    const given = plain(recipe.value)
    tried.value = await trying.ask((remote, tell) =>
      remote.tryRecipe({ recipe: given, seats: seats.value, matches: MATCHES }, MOST_MS, tell),
    )
  }
  // Blanks are changed one after another: the bots begin when they stand still for a moment.
  watchDebounced([recipe, seats], tryOut, { debounce: 400, deep: true, immediate: true })

  const says = computed(() => {
    if (!trial.value) return null
    const told = minutesOf(lengthFrom(trial.value.plays, trial.value.ended), pace.value, rules.value.minutes)
    return told ? sayMinutes(told) : 'It may never end.'
  })
  const wins = computed(() => (trial.value ? winShares(trial.value) : []))
  const warnings = computed(() => (tried.value?.warnings ?? []).map(sayRecipeWarning))

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
    const values: Tried[] = []
    const players = Array.from({ length: seats.value }, () => 'best' as const)
    const search = { game: ownGame.id, houseRules: plain(recipe.value), players, pace: pace.value, rule, minutes }
    const done = await seeking.ask(async (remote, tell) => {
      await remote.search(
        { ...search, seed: 'recipe', between },
        proxy((one: Tried) => {
          values.push(one)
          tell(values.length / VALUES)
        }),
      )
      return true
    })
    const best = closest(values, minutes)
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
