import type { Entry } from '#core/catalogue/find'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { minutesOf } from '#core/kernel/estimate'
import { callApi } from '~/utils/api'
import { startBots } from '~/workers/bots'
import type { Bots } from '~/workers/bots.worker'

const OWN = 'own-game'
/** For so many players, in so many milliseconds each, it is tried out how long they take. */
const SEATS = 2
const MOST_MS = 300

/** The games that this room has made up and kept, as they stand among the others. */
export function useOwnGames() {
  const games = shallowRef<readonly Entry[]>([])
  const paces = usePaces()
  const { ask } = useWorker<Bots>(startBots)

  async function load() {
    const { rules: kept } = await callApi(`/api/house-rules?game=${OWN}`)
    if (!kept.length) return
    // What knows recipes is fetched only where there are any.
    const [{ ownGame }, { aboutRecipe }, { rulesInOrder }] = await Promise.all([
      import('#core/games/own-game/index'),
      import('#core/games/own-game/aboutRecipe'),
      import('#core/kernel/houseRules'),
    ])
    games.value = kept.map(({ id, name, houseRules }) => ({
      id: OWN,
      about: aboutRecipe(rulesInOrder(ownGame, houseRules as Partial<OwnRules>, SEATS), name),
      kept: { id, houseRules, time: null },
    }))
    for (const each of games.value) {
      const rules = plain(each.kept!.houseRules)
      const length = await ask((remote) => remote.lengthOf(OWN, rules, SEATS, MOST_MS))
      const minutes = typeof rules.minutes === 'number' ? rules.minutes : null
      const told = length && minutesOf(length, paces.value[OWN] ?? each.about.pace, minutes)
      if (!told) continue
      const time = { low: told.usual, high: told.usual, atOnce: false, goesOn: told.high >= 2 * told.usual }
      games.value = games.value.map((one) =>
        one.kept!.id === each.kept!.id ? { ...one, kept: { ...one.kept!, time } } : one,
      )
    }
  }
  onMounted(() => {
    // Without the server the games of the rulebook are left.
    load().catch(() => undefined)
  })
  return games
}
