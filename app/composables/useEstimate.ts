import { sayMinutes } from '#core/catalogue/time'
import { minutesOf, type Length } from '#core/kernel/estimate'
import type { Setup } from '~/composables/useSetup'
import { startBots } from '~/workers/bots'
import type { Bots } from '~/workers/bots.worker'

/** Milliseconds that the bots may play. */
const MOST_MS = 4000

/** What is asked about: a game, its house rules as they stand, and how many play. */
interface Asked extends Pick<Setup, 'game' | 'read'> {
  readonly rules: Readonly<Ref<Record<string, unknown>>>
  readonly seats: Readonly<Ref<readonly unknown[]>>
}

/** How long a match will take under the rules as they stand now: bots try it out in a worker, the room’s logbook tells the pace. */
export function useEstimate({ game, read, rules, seats }: Asked) {
  const length = shallowRef<Length | null>(null)
  /** Seconds a play in this room, by game; of others the game’s own guess counts. */
  const paces = usePaces()
  const { ask, cancel } = useWorker<Bots>(startBots)

  async function estimate() {
    length.value = null
    if (!read.value.ok) return cancel()
    const { id } = game.value
    length.value = await ask((remote) => remote.lengthOf(id, plain(rules.value), seats.value.length, MOST_MS))
  }
  // Rules change key by key: the bots begin when they stand still for a moment.
  watchDebounced([game, rules, () => seats.value.length], estimate, { debounce: 400, deep: true, immediate: true })

  const own = computed(() => paces.value[game.value.id])
  const says = computed(() => {
    if (!length.value || !read.value.ok) return null
    const told = minutesOf(length.value, own.value ?? game.value.about.pace, read.value.rules.minutes)
    if (!told) return 'It may never end under these rules: set a clock.'
    return sayMinutes(told)
  })
  return { says, own }
}
