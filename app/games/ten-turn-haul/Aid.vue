<script setup lang="ts">
import { prospects, spinsLeft } from '#core/games/ten-turn-haul/advice'
import { tenTurnHaul } from '#core/games/ten-turn-haul/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { percent } from '~/utils/percent'

/** Everyone's exact chance to win with the turns that are left; only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(tenTurnHaul, () => tape)

const shown = useAsked(() => tape)
const left = computed(() => spinsLeft(rules.value, state.value))
const rows = computed(() =>
  shown.value
    ? prospects(rules.value, state.value).map((prospect, i) => ({
        ...prospect,
        name: seats[i]!.name,
        left: left.value[i]!,
      }))
    : [],
)
const level = computed(() => rows.value.some((row) => row.level >= 0.0005))
</script>

<template>
  <div v-if="!tape.state.result && seats.length > 1" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-scale" class="size-5" /> Can anybody still catch up?</Key
    >
    <table v-if="shown" class="w-full text-left" role="status">
      <thead>
        <tr class="text-sm text-(--ink-soft)">
          <th scope="col">Player</th>
          <th scope="col" class="text-right">turns left</th>
          <th scope="col" class="text-right">wins</th>
          <th v-if="level" scope="col" class="text-right">level</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.name">
          <th scope="row" class="font-semibold">{{ row.name }}</th>
          <td class="figures text-right">{{ row.left }}</td>
          <td class="figures text-right font-bold">{{ percent(row.alone) }}</td>
          <td v-if="level" class="figures text-right">{{ percent(row.level) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
