<script setup lang="ts">
import { bestNumber, cardsToCome } from '#core/games/column-keeper/advice'
import { columnsOf, isFull, type KeeperRules, type KeeperState } from '#core/games/column-keeper/rules'
import type { Tape } from '#core/tape'
import type { Seat } from '~/utils/matches'

/** What may still come, and after a round the best that each could have made. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const which = ref<'come' | 'best' | null>(null)
watch(() => tape.state, () => (which.value = null))
const rules = computed(() => tape.state.rules as KeeperRules)
const coming = computed(() => {
  const counts = new Map<number, number>()
  for (const card of cardsToCome(rules.value, tape.state.game as KeeperState)) counts.set(card, (counts.get(card) ?? 0) + 1)
  return [...counts]
})
/** The newest state in which everybody had filled up. */
const filled = computed(() => {
  const line = tape.lines.findLast(({ after, struck }) => !struck && isFull(rules.value, after.game as KeeperState))
  return line ? (line.after.game as KeeperState) : null
})
const best = computed(() =>
  which.value !== 'best' || !filled.value
    ? []
    : filled.value.sheets.map((sheet, i) => ({
        name: seats[i]!.name,
        made: columnsOf(sheet).total,
        best: bestNumber(rules.value, [...sheet.columns.flat(), ...sheet.aside]),
      })),
)
</script>

<template>
  <div class="space-y-2">
    <div class="flex flex-wrap gap-2">
      <button v-if="!tape.state.result" class="key" :aria-pressed="which === 'come'" @click="which = which === 'come' ? null : 'come'"><UIcon name="i-lucide-layers" class="size-5" /> What may still come</button>
      <button v-if="filled" class="key" :aria-pressed="which === 'best'" @click="which = which === 'best' ? null : 'best'"><UIcon name="i-lucide-eye" class="size-5" /> The best these cards could make</button>
    </div>
    <p v-if="which === 'come'" class="figures flex flex-wrap gap-x-4"><span v-for="[card, count] in coming" :key="card"><b>{{ card }}</b> ×{{ count }}</span></p>
    <ul v-else-if="which === 'best'"><li v-for="row in best" :key="row.name">{{ row.name }}: made <b class="figures">{{ row.made }}</b>, could have made <b class="figures">{{ row.best }}</b></li></ul>
  </div>
</template>
