<script setup lang="ts">
import { bestSoFar, chancesNow } from '#core/games/top-total/advice'
import { topTotal } from '#core/games/top-total/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { percent } from '~/utils/percent'

/** How likely the next roll beats what lies, exactly; only when asked. */
const { tape } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(topTotal, () => tape)

const shown = useAsked(() => tape)
const best = computed(() => bestSoFar(rules.value, state.value))
const chances = computed(() => (shown.value ? chancesNow(rules.value, state.value) : null))
</script>

<template>
  <div v-if="!tape.state.result && best !== null" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-scale" class="size-5" /> How likely is it to beat {{ best }}?</Key
    >
    <p v-if="chances" role="status">
      Beats it <b class="figures">{{ percent(chances.better) }}</b>, level
      <b class="figures">{{ percent(chances.level) }}</b>, falls short
      <b class="figures">{{ percent(chances.worse) }}</b>.
    </p>
  </div>
</template>
