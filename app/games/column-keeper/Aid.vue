<script setup lang="ts">
import { bestNumber, cardsToCome } from '#core/games/column-keeper/advice'
import { columnKeeper } from '#core/games/column-keeper/index'
import { columnsOf, isFull } from '#core/games/column-keeper/rules'
import { countsOf } from '#core/kit/pack'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** What may still come, and after a round the best that each could have made. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const which = ref<'come' | 'best' | null>(null)
watch(
  () => tape.state,
  () => (which.value = null),
)
const { rules, state } = useTable(columnKeeper, () => tape)
const coming = computed(() => [...countsOf(cardsToCome(rules.value, state.value))])
/** The newest state in which everybody had filled up. */
const filled = computed(() => {
  const line = tape.lines.findLast(({ after, struck }) => !struck && isFull(rules.value, stateIn(columnKeeper, after)))
  return line ? stateIn(columnKeeper, line.after) : null
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
      <Key v-if="!tape.state.result" :aria-pressed="which === 'come'" @click="which = which === 'come' ? null : 'come'"
        ><UIcon name="i-lucide-layers" class="size-5" /> What may still come</Key
      >
      <Key v-if="filled" :aria-pressed="which === 'best'" @click="which = which === 'best' ? null : 'best'"
        ><UIcon name="i-lucide-eye" class="size-5" /> The best these cards could make</Key
      >
    </div>
    <p v-if="which === 'come'" class="figures flex flex-wrap gap-x-4">
      <span v-for="[card, count] in coming" :key="card"
        ><b>{{ card }}</b> ×{{ count }}</span
      >
    </p>
    <ul v-else-if="which === 'best'">
      <li v-for="row in best" :key="row.name">
        {{ row.name }}: made <b class="figures">{{ row.made }}</b>, could have made
        <b class="figures">{{ row.best }}</b>
      </li>
    </ul>
  </div>
</template>
