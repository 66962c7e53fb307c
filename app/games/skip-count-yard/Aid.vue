<script setup lang="ts">
import { skipCountYard } from '#core/games/skip-count-yard/index'
import { comingNext } from '#core/games/skip-count-yard/search'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { shownLater } from '~/games/view'

// Who never asks doesn't load what searches.
const OverlookedPlays = shownLater(() => import('~/games/skip-count-yard/OverlookedPlays.vue'))

/** The multiples, what may come next, and plays overlooked: single ones, and the most that this turn could play. Only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(skipCountYard, () => tape)

type What = 'table' | 'next' | 'plays'
const which = ref<What | null>(null)
const full = ref(false)
const next = computed(() => (which.value === 'next' ? comingNext(rules.value.sets, state.value.yard) : []))
/** The cards that whoever is on turn holds, where the referee names them. */
const named = ref<number[]>([])
watch(
  () => state.value.turn,
  () => (named.value = []),
)
const show = (what: What) => (which.value = which.value === what ? null : what)
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <div class="flex flex-wrap gap-2">
      <Key :aria-pressed="which === 'table'" @click="show('table')"
        ><UIcon name="i-lucide-table" class="size-5" /> Multiples</Key
      >
      <Key :aria-pressed="which === 'next'" @click="show('next')"
        ><UIcon name="i-lucide-arrow-right-to-line" class="size-5" /> What may come next</Key
      >
      <Key :aria-pressed="which === 'plays'" @click="show('plays')"
        ><UIcon name="i-lucide-search" class="size-5" /> Overlooked?</Key
      >
    </div>
    <div v-if="which === 'table'" role="status">
      <table class="figures text-right">
        <tbody>
          <tr v-for="set in rules.sets" :key="set">
            <td v-for="times in full ? 10 : 5" :key="times" class="px-1.5" :class="{ 'font-bold': times === 1 }">
              {{ set * times }}
            </td>
          </tr>
        </tbody>
      </table>
      <Key :aria-pressed="full" @click="full = !full">{{ full ? 'Short' : 'Full table' }}</Key>
    </div>
    <ul v-else-if="which === 'next'" role="status">
      <li v-for="row in next" :key="row.at">
        <b>{{ row.at }}</b>:
        <span class="figures">{{
          row.next.length ? row.next.map(({ step, card }) => `${card} (×${step})`).join(', ') : 'complete'
        }}</span>
      </li>
    </ul>
    <!-- What was found stays while something else is looked at. -->
    <KeepAlive>
      <OverlookedPlays v-if="which === 'plays'" v-model:named="named" :rules="rules" :state="state" :seats="seats" />
    </KeepAlive>
  </div>
</template>
