<script setup lang="ts">
import { waysTo } from '#core/games/table-ladder/advice'
import { tableLadder } from '#core/games/table-ladder/index'
import type { LadderEntry } from '~/games/table-ladder/useLadderEntry'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Ways to a product that was rolled: skip counting, and facts beside it; only when asked, and never the product first. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const desk = useDesk()
const { rules } = useTable(tableLadder)
const entry = useEntry<LadderEntry>(() => ({ rolls: {} }))

const shown = useAsked(() => tape)
const rows = computed(() =>
  Object.entries(entry.value.rolls).map(([seat, roll]) => ({
    name: seats[Number(seat) - 1]!.name,
    factor: rules.value.factors[Number(seat) - 1]!,
    roll,
    ...waysTo(rules.value.factors[Number(seat) - 1]!, roll),
  })),
)
</script>

<template>
  <div v-if="!tape.state.result && !desk.still.value" class="space-y-2">
    <Key
      :aria-pressed="shown"
      :why="!rows.length && 'Roll first: then there is a product to find.'"
      @click="shown = !shown"
      ><UIcon name="i-lucide-footprints" class="size-5" /> A way to the product?</Key
    >
    <div v-if="shown" role="status" class="space-y-2">
      <div v-for="row in rows" :key="row.name">
        <p class="font-semibold">{{ row.name }}: {{ row.factor }} × {{ row.roll }}</p>
        <p class="figures">{{ row.skips.slice(0, -1).join(', ') }}{{ row.skips.length > 1 ? ', ' : '' }}…</p>
        <p v-for="way in row.neighbours" :key="way.roll" class="figures">
          {{ row.factor }} × {{ way.roll }} = {{ way.product }}, and {{ way.more }}
          {{ way.sign === '+' ? 'more' : 'less' }}
        </p>
      </div>
    </div>
  </div>
</template>
