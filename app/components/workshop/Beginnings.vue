<script setup lang="ts">
import { AS_RECIPES } from '#core/catalogue/asRecipe'
import { aboutOf } from '#core/games/abouts'
import { gameById } from '#core/games/index'
import { ownGame } from '#core/games/own-game/index'
import { defaultRules } from '#core/kernel/houseRules'
import type { Workshop } from '~/composables/useWorkshop'

/** What a recipe may begin with: recipes as different as can be, or a game of the rulebook that can be said as one. */
const { workshop } = defineProps<{ workshop: Workshop }>()
const { begin } = workshop
/** What a game taken over is otherwise as a recipe. */
const otherwise = ref<string | null>(null)

function beginWith(rules: object) {
  otherwise.value = null
  begin({ ...rules })
}
const SAID = (Object.keys(AS_RECIPES) as (keyof typeof AS_RECIPES)[]).map((id) => ({
  id,
  title: aboutOf(id)!.title,
}))
function beginWithGame(id: keyof typeof AS_RECIPES) {
  const said = AS_RECIPES[id](defaultRules(gameById(id)!, 2, {}))
  begin({ ...said.recipe })
  otherwise.value = said.otherwise?.replace(/^./, (first) => first.toLowerCase()) ?? null
}
</script>

<template>
  <section class="space-y-2" aria-labelledby="begin">
    <h2 id="begin" class="font-bold text-lg">Begin with</h2>
    <div class="flex flex-wrap gap-1.5">
      <Key v-for="each in ownGame.presets" :key="each.id" :title="each.hint" @click="beginWith(each.rules)">{{
        each.label
      }}</Key>
    </div>
    <div class="flex flex-wrap items-center gap-1.5" role="group" aria-label="A game of the rulebook">
      <span class="font-semibold mr-1">or a game of the rulebook:</span>
      <Key v-for="{ id, title } in SAID" :key="id" @click="beginWithGame(id)">{{ title }}</Key>
    </div>
    <p v-if="otherwise" role="status" class="flex gap-2">
      <UIcon name="i-lucide-info" class="size-5 shrink-0 mt-0.5" /> Otherwise than in the rulebook: {{ otherwise }}
    </p>
  </section>
</template>
