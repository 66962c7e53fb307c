<script setup lang="ts">
import type { CommonRules } from '#core/contract/commonRules'
import type { Game } from '#core/contract/game'
import type { GameId } from '#core/games/ids'
import { SITUATIONS } from '#core/games/situations'
import { questionsOf } from '#core/trainer/questions'

/** What people ask about a game, answered under the house rules as they stand; one opens at a time, the one that is linked at once. */
const { game, rules, seats } = defineProps<{ game: Game; rules: CommonRules; seats: number }>()
const questions = computed(() => questionsOf(game, SITUATIONS[game.id as GameId], rules, seats))
const items = computed(() =>
  questions.value.map(({ id, asks, answer }) => ({ value: id, label: asks, content: answer })),
)
const route = useRoute()
const open = ref<string | undefined>(typeof route.query.ask === 'string' ? route.query.ask : undefined)
const list = useTemplateRef('list')
onMounted(() => {
  if (open.value) list.value?.scrollIntoView({ block: 'start' })
})
</script>

<template>
  <section ref="list" class="space-y-2 scroll-mt-4" aria-labelledby="questions">
    <h2 id="questions" class="text-2xl font-bold">Questions</h2>
    <UAccordion
      v-model="open"
      :items="items"
      class="sheet px-4"
      :ui="{ body: 'text-lg', label: 'text-lg font-semibold' }"
    />
  </section>
</template>
