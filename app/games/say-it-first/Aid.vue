<script setup lang="ts">
import { unsureFacts } from '#core/games/say-it-first/advice'
import { showWorking } from '#core/contract/working'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** The facts that are slow or wrong among these players, so that they come up again; only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()

const shown = useAsked(() => tape)
const SIGNS = { add: '+', subtract: '-', times: '×', compare: '-' } as const
const rows = computed(() =>
  shown.value
    ? unsureFacts(tape).map(({ operation, terms, answer, wrong, slow, seats: whose }) => ({
        fact: showWorking({
          kind: 'equation',
          terms: terms.map((value, i) => ({ sign: i ? SIGNS[operation] : '+', value })),
          equals: answer,
        }),
        wrong,
        slow,
        who: whose.map((seat) => seats[seat - 1]?.name ?? '').join(', '),
      }))
    : [],
)
</script>

<template>
  <div class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-repeat" class="size-5" /> Which facts are not sure yet?</Key
    >
    <template v-if="shown">
      <p v-if="!rows.length" role="status">So far every fact was known at once.</p>
      <table v-else class="w-full text-left" role="status">
        <thead>
          <tr class="text-sm text-(--ink-soft)">
            <th scope="col">Fact</th>
            <th scope="col" class="text-right">wrong</th>
            <th scope="col" class="text-right">counted</th>
            <th scope="col" class="pl-3">who</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.fact">
            <th scope="row" class="figures whitespace-nowrap">{{ row.fact }}</th>
            <td class="figures text-right">{{ row.wrong }}</td>
            <td class="figures text-right">{{ row.slow }}</td>
            <td class="pl-3">{{ row.who }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>
