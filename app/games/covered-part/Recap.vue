<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { combined } from '#core/kit/dice'
import { coveredPart as game } from '#core/games/covered-part/index'
import { coveredPart } from '#core/games/covered-part/rules'
import { showWorking } from '#core/contract/working'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Every hide and what was guessed. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(game, () => tape)
</script>

<template>
  <div class="space-y-3">
    <ol class="grid gap-x-6 gap-y-1 sm:grid-cols-2">
      <li v-for="(hide, i) in state.history" :key="i" class="flex flex-wrap items-center gap-2">
        <Pennant :number="ofSeat(seats, hide.by).pennant" size="1.1rem" />
        <b class="figures">{{ showWorking(combined(hide.parts, rules.combine)) }}</b>
        <span v-if="hide.found">found: {{ hide.said }}</span>
        <span v-else>said {{ hide.said }}, covered was {{ coveredPart(hide) }}</span>
      </li>
    </ol>
    <RoundsTable :tape="tape" :seats="seats" caption="What rulings gave" head="" :rows="[]" />
  </div>
</template>
