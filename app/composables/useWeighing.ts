import { randomFor } from '#core/basics/random'
import type { Game } from '#core/contract/game'
import type { Option, Weighings } from '#core/contract/weighing'
import { weigh } from '#core/trainer/weighing'

/** Three positions of a game, one after the other: what would one do, and what is each choice worth? */
export function useWeighing(game: Game, weighings: Weighings) {
  const at = ref(0)
  const weighing = computed(() => weighings[at.value as 0 | 1 | 2])
  const weighed = computed(() => weigh(game, weighing.value))
  /** In an order that does not tell which is best; the same each time. */
  const options = computed(() => randomFor('weighing', game.id, at.value).shuffled(weighed.value.options))
  const best = computed(() => weighed.value.options[0] as Option)
  /** What was chosen; null before. */
  const chosen = shallowRef<Option | null>(null)
  watch(at, () => (chosen.value = null))
  const seats = computed(() => seatedAs(weighed.value.players))
  useLocalDesk({
    ...{ tape: () => weighed.value.tape, seats: () => seats.value, still: () => true },
    commit: () => {},
  })
  const last = weighings.length - 1
  return {
    ...{ at, weighing, options, best, chosen, last },
    choose: (option: Option | undefined) => option && (chosen.value ??= option),
    next: () => at.value < last && at.value++,
    back: () => at.value > 0 && at.value--,
  }
}
