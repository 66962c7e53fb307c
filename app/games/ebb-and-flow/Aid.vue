<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { outlook } from '#core/games/ebb-and-flow/advice'
import { ebbAndFlow } from '#core/games/ebb-and-flow/index'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { percent } from '~/utils/percent'

/** What is left in the pack and what it does to the turn to come, exactly; only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(ebbAndFlow, () => tape)

const shown = useAsked(() => tape)
const words = computed(() => (rules.value.swing === 'parity' ? ['even', 'odd'] : ['warm', 'cool']))
const now = computed(() => (shown.value ? outlook(rules.value, state.value, state.value.turn) : null))
const change = computed(
  () => now.value && `${now.value.change < 0 ? '−' : '+'}${Math.abs(now.value.change).toFixed(1)}`,
)
</script>

<template>
  <div v-if="!tape.state.result" class="space-y-2">
    <Key :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-waves" class="size-5" /> What is left in the pack?</Key
    >
    <div v-if="now" role="status" class="space-y-1">
      <p>
        <b class="figures">{{ now.up }}</b> {{ words[0] }}, <b class="figures">{{ now.down }}</b> {{ words[1]
        }}<template v-if="rules.wilds"
          >, <b class="figures">{{ now.wilds }}</b> wild</template
        >
      </p>
      <p>
        {{ ofSeat(seats, state.turn).name }} rises with <b class="figures">{{ percent(now.rises) }}</b>, falls with
        <b class="figures">{{ percent(now.falls) }}</b>; on average <b class="figures">{{ change }}</b>
      </p>
    </div>
  </div>
</template>
