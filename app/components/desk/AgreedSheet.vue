<script setup lang="ts">
import type { Tape } from '#core/kernel/tape'
import { sayEntry } from '#core/wording/index'
import { sayCommonRules } from '#core/wording/houseRules'
import { callApi } from '~/utils/api'

/** The house rules as they are agreed now, and what was changed since the match began. */
const { tape } = defineProps<{ tape: Tape }>()
const open = defineModel<boolean>('open', { required: true })

const { helping } = useDesk()
const { load } = useAccess()
const failed = ref<string | null>(null)
/** This device helps no more; the code lets it in again. */
async function stop() {
  try {
    await callApi('/api/helper', 'DELETE')
    // The desk is left first: it is not to ask for what only the referee gets.
    await navigateTo('/help')
    await load(true)
  } catch (error) {
    failed.value = saysOf(error)
  }
}

const sentences = computed(() => {
  const { game, seats } = tape.table
  const { rules } = tape.state
  return [...game.wording.readBack(rules, seats), ...sayCommonRules(game, rules)]
})
const changes = computed(() =>
  tape.lines.filter(({ struck, verdict, entry }) => !struck && verdict.stands && entry.kind === 'rules'),
)
</script>

<template>
  <DeskSheet v-model:open="open" title="Agreed" :description="tape.table.game.about.title">
    <div class="space-y-4">
      <ul class="space-y-1.5 list-disc pl-5 text-lg">
        <li v-for="sentence in sentences" :key="sentence">{{ sentence }}</li>
      </ul>
      <section v-if="changes.length" class="space-y-1">
        <h3 class="font-bold">Changed since the start</h3>
        <ul class="list-disc pl-5">
          <li v-for="line in changes" :key="line.number">{{ sayEntry(tape.table, line) }}</li>
        </ul>
      </section>
      <template v-if="helping">
        <Key @click="stop()"><UIcon name="i-lucide-log-out" class="size-5" /> Stop helping here</Key>
        <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
      </template>
      <NuxtLink v-else :to="`/rulebook/${tape.table.game.id}`" class="key"
        ><UIcon name="i-lucide-book-open" class="size-5" /> The rulebook’s page</NuxtLink
      >
    </div>
  </DeskSheet>
</template>
