<script setup lang="ts">
import { chanceNow, spinsToGoal, winningSpins } from '#core/games/exact-landing/advice'
import { exactLanding } from '#core/games/exact-landing/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { percent } from '~/utils/percent'

/** How far everybody is from the goal, which spins would do it, how likely, and how many spins it takes on average; only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(exactLanding, () => tape)

const shown = useAsked(() => tape)
const rows = computed(() =>
  shown.value
    ? state.value.places.map((at, i) => {
        const wins = winningSpins(rules.value, at)
        const mean = spinsToGoal(rules.value, at)
        return {
          name: seats[i]!.name,
          away: Math.abs(rules.value.goal - at),
          wins: wins.map(({ sign, step }) => `${sign === '-' ? '−' : '+'}${step}`).join(' or ') || 'none yet',
          chance: percent(chanceNow(rules.value, at)),
          mean: mean === null ? 'may never end' : mean.toFixed(1),
        }
      })
    : [],
)
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-flag" class="size-5" /> How far is it, and which spin does it?</Key
    >
    <table v-if="shown" class="w-full text-left" role="status">
      <thead>
        <tr class="text-sm text-(--ink-soft)">
          <th scope="col">Player</th>
          <th scope="col">to go</th>
          <th scope="col">wins with</th>
          <th scope="col">next spin</th>
          <th scope="col">spins on average</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.name">
          <th scope="row" class="font-semibold">{{ row.name }}</th>
          <td class="figures">{{ row.away }}</td>
          <td class="figures">{{ row.wins }}</td>
          <td class="figures">{{ row.chance }}</td>
          <td class="figures">{{ row.mean }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
