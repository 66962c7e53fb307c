<script setup lang="ts">
import { aboutOf } from '#core/games/abouts'
import { capital } from '#core/basics/words'
import { cellsOf, keyOfAim, type Aim } from '#core/mastery/aims'
import type { CellKey } from '#core/mastery/cells'
import { eachGameOnce, suggest, type Suggestion } from '#core/practice/suggest'
import { rulesToward, TOWARD_GAMES } from '#core/practice/toward'
import { sayAim } from '#core/wording/mastery'
import { loadView } from '~/games'

/**
 * What to play next, one touch from a table that is ready to start: first what somebody works on, then what practises the
 * shaky facts of these people.
 */
const {
  wished,
  aims = [],
  names,
} = defineProps<{ wished: readonly CellKey[]; aims?: readonly Aim[]; names: readonly string[] }>()

interface Advice extends Suggestion {
  readonly title: string
  readonly label: string
}
const told = shallowRef<readonly Advice[]>([])
const fits = (game: string) => names.length <= (aboutOf(game)?.seats.high ?? 0)

/** Games whose rules can be turned toward an aim, with those rules; two of them for each. */
const turned = computed(() =>
  aims.flatMap((aim) => {
    const found = TOWARD_GAMES.filter((game) => fits(game) && rulesToward(game, [[aim]]))
    return found.slice(0, 2).map((game) => ({ aim, game, title: aboutOf(game)!.title }))
  }),
)
/** Facts of aims that no rule can be turned toward. */
const others = computed(() =>
  aims.filter((aim) => !turned.value.some((each) => each.aim === aim)).flatMap((aim) => cellsOf(aim)),
)
watch(
  () => [wished, others.value, names] as const,
  async () => {
    const { PRACTICE: table } = await import('#core/practice/table')
    const found = eachGameOnce(suggest(table, others.value, fits, 2), suggest(table, wished, fits))
    told.value = await Promise.all(
      found.map(async (each) => {
        const { about, presets } = (await loadView(each.game))!.game
        return { ...each, title: about.title, label: presets.find(({ id }) => id === each.preset)?.label ?? '' }
      }),
    )
  },
  { immediate: true },
)
const comeUp = ({ facts, times }: Suggestion) => {
  const often = times < 1 ? 'less than once a match' : `about ${Math.round(times)} times a match`
  return facts === 1 ? `one of them comes up, ${often}` : `${facts} of them come up, ${often}`
}
</script>

<template>
  <ul v-if="told.length || turned.length" class="space-y-2">
    <li v-for="{ aim, game, title } in turned" :key="`${game}${sayAim(aim)}`" class="advice">
      <Key :to="newMatchPath({ game, toward: keyOfAim(aim), names })"
        ><UIcon name="i-lucide-target" class="size-5" /> {{ title }}</Key
      >
      <span>{{ capital(sayAim(aim)) }}</span>
    </li>
    <li v-for="each in told" :key="each.game" class="advice">
      <Key :to="newMatchPath({ game: each.game, preset: each.preset, names })"
        ><UIcon name="i-lucide-play" class="size-5" /> {{ each.title }}: {{ each.label }}</Key
      >
      <span>{{ comeUp(each) }}</span>
    </li>
  </ul>
  <p v-else>{{ wished.length ? 'No game practises just these.' : 'Nothing is shaky: play whatever you like.' }}</p>
</template>

<style scoped>
.advice {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem 1rem;
}
</style>
