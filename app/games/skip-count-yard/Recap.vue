<script setup lang="ts">
import { skipCountYard } from '#core/games/skip-count-yard/index'
import HandList from '~/games/skip-count-yard/HandList.vue'
import YardSheet from '~/games/skip-count-yard/YardSheet.vue'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** The yard at the end, and how many cards each had left. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(skipCountYard, () => tape)
const count = (seat: number, kind: string) =>
  tape.lines.filter(({ play, verdict, struck }) => play?.by === seat && play.do === kind && verdict.stands && !struck)
    .length
</script>

<template>
  <div class="space-y-3">
    <YardSheet :sets="rules.sets" :yard="state.yard" :stock="state.stock" />
    <ul>
      <li v-for="(seat, i) in seats" :key="i">
        <b>{{ seat.name }}</b> added <span class="figures">{{ count(i + 1, 'add') }}</span>, moved
        <span class="figures">{{ count(i + 1, 'move') }}</span> times;
        <span class="figures">{{ state.hands[i]!.size }}</span> left in hand
      </li>
    </ul>
    <HandList v-if="state.out.length" :hands="state.hands.map(({ size }) => size)" :out="state.out" :seats="seats" />
  </div>
</template>
