<script setup lang="ts">
import { expectedDips, outlook } from '#core/games/token-dip/advice'
import { tokenDip } from '#core/games/token-dip/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { percent } from '~/utils/percent'

/** What the next dip may bring, and how far the goal is; only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(tokenDip, () => tape)

const shown = useAsked(() => tape)
const rows = computed(() =>
  shown.value
    ? seats.map(({ name }, i) => ({
        name,
        ...outlook(rules.value, state.value, i + 1),
        dips: toGoal.value ? expectedDips(rules.value, state.value, i + 1) : null,
      }))
    : [],
)
const toGoal = computed(() => rules.value.mode === 'first-to')
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-shopping-bag" class="size-5" /> What may the next dip bring?</Key
    >
    <template v-if="shown">
      <table class="w-full text-left" role="status">
        <thead>
          <tr class="text-sm text-(--ink-soft)">
            <th scope="col">Player</th>
            <th scope="col" class="text-right">on average</th>
            <th v-if="toGoal" scope="col" class="text-right">at the goal</th>
            <th v-if="toGoal" scope="col" class="text-right">dips to go</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.name">
            <th scope="row" class="font-semibold">{{ row.name }}</th>
            <td class="figures text-right">{{ minus(Math.round(row.expected * 10) / 10) }}</td>
            <td v-if="toGoal" class="figures text-right font-bold">{{ percent(row.reaches) }}</td>
            <td v-if="toGoal" class="figures text-right">
              {{ row.dips === null ? 'may never come' : `about ${Math.round(row.dips * 10) / 10}` }}
            </td>
          </tr>
        </tbody>
      </table>
      <p class="text-sm text-(--ink-soft)">
        {{
          rules.bag
            ? 'The next dip: exact, from what is left in the bag. Dips to go: if the bag stayed as it is now.'
            : 'As if there were as many of each in the bag; agree on counts to have it exact.'
        }}
      </p>
    </template>
  </div>
</template>
