<script setup lang="ts">
import { aboutOf } from '#core/games/abouts'
import type { CellKey } from '#core/mastery/cells'
import { suggest, type Suggestion } from '#core/practice/suggest'
import { loadView } from '~/games'

/** What to play to practise the shaky facts of these people, one touch from a table that is ready to start. */
const { wished, names } = defineProps<{ wished: readonly CellKey[]; names: readonly string[] }>()

interface Advice extends Suggestion {
  readonly title: string
  readonly label: string
}
const told = shallowRef<readonly Advice[]>([])
watch(
  () => [wished, names] as const,
  async () => {
    const { PRACTICE: table } = await import('#core/practice/table')
    const fits = (game: string) => {
      const about = aboutOf(game)
      return about !== undefined && names.length <= about.seats.high
    }
    const found = suggest(table, wished, fits)
    told.value = await Promise.all(
      found.map(async (each) => {
        const game = (await loadView(each.game))!.game
        return {
          ...each,
          title: game.about.title,
          label: game.presets.find(({ id }) => id === each.preset)?.label ?? '',
        }
      }),
    )
  },
  { immediate: true },
)
</script>

<template>
  <ul v-if="told.length" class="space-y-2">
    <li v-for="each in told" :key="each.game" class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <Key :to="newMatchPath({ game: each.game, preset: each.preset, names })"
        ><UIcon name="i-lucide-play" class="size-5" /> {{ each.title }}: {{ each.label }}</Key
      >
      <span>{{ each.facts }} of them come up, about {{ each.times }} times in a match</span>
    </li>
  </ul>
  <p v-else>{{ wished.length ? 'No game practises just these.' : 'Nothing is shaky: play whatever you like.' }}</p>
</template>
