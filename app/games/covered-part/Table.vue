<script setup lang="ts">
import { coveredPart as game } from '#core/games/covered-part/index'
import { coveredPart, view } from '#core/games/covered-part/rules'
import CoverSheet from '~/games/covered-part/CoverSheet.vue'

/** What lies on the table; the cover is on, also for children who look over the referee's shoulder, until it is lifted on purpose. */
const { seats, veiled } = useDesk()
const { rules, state } = useTable(game)
const lifted = ref(false)
watch(state, () => (lifted.value = false))
const seen = computed(() => view(rules.value, state.value))
</script>

<template>
  <section class="sheet p-4 space-y-3" aria-label="Table">
    <CoverSheet
      :rules="rules"
      :hidden="seen.hidden"
      :last="state.history.at(-1) ?? null"
      :seats="seats"
      :peek="lifted && state.hidden ? coveredPart(state.hidden) : null"
    />
    <HeldKey v-if="state.hidden && veiled && !lifted" label="Look under the cover" @held="lifted = true" />
    <Key v-else-if="state.hidden" :aria-pressed="lifted" @click="lifted = !lifted"
      ><UIcon :name="lifted ? 'i-lucide-eye-off' : 'i-lucide-eye'" class="size-5" />
      {{ lifted ? 'Cover it again' : 'Look under the cover' }}</Key
    >
  </section>
</template>
