<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import FillLayout from '~/games/fill-in-order/FillLayout.vue'
import { useFillEntry } from '~/games/fill-in-order/useFillEntry'

/** Everybody’s places, the discard and the stock; the chain that is being entered lies in its places already. */
const { seats, still, tape } = useDesk()
const { seat, entry, state, layout, top } = useFillEntry()
const touched = useTouched<number>()
const coming = computed(() =>
  layout.value.flatMap((card, i) =>
    card !== null && ofSeat(state.value.layouts, seat.value)[i] === null ? [i + 1] : [],
  ),
)
const mine = (i: number) => i + 1 === seat.value && !still.value && !tape.value!.state.result
</script>

<template>
  <section class="sheet p-3 flex flex-wrap items-start gap-x-6 gap-y-3" aria-label="Table">
    <div v-for="(each, i) in state.layouts" :key="i" class="mine" :class="{ on: mine(i) }">
      <p class="flex items-center gap-2 font-semibold">
        <Pennant :number="seats[i]!.pennant" size="1.3rem" /> <span class="truncate">{{ seats[i]!.name }}</span>
      </p>
      <FillLayout
        :layout="mine(i) ? layout : each"
        :newest="state.newest?.by === i + 1 ? state.newest.slots : []"
        :coming="mine(i) ? coming : []"
        :touchable="mine(i) && (entry.wild !== null || (entry.asked ?? null) !== null)"
        @pick="touched = $event"
      />
    </div>
    <div class="flex gap-4 items-end">
      <p class="grid justify-items-center gap-1">
        <PlayingCard v-if="top !== null" :value="top" size="3.4rem" />
        <span v-else class="bare" />
        <span class="text-sm">discard</span>
      </p>
      <p class="grid justify-items-center gap-1">
        <PlayingCard v-if="state.stock" :value="null" size="3.4rem" />
        <span v-else class="bare" />
        <span class="text-sm"
          >stock <b class="figures">{{ state.stock }}</b></span
        >
      </p>
    </div>
  </section>
</template>

<style scoped>
.mine {
  padding: 0.35rem 0.5rem;
  border: 2px solid var(--rule);
  border-radius: 0.6rem;
}
.on {
  border-color: var(--accent);
}
.bare {
  width: 3.4rem;
  height: 4.53rem;
  border: 2px dashed var(--ui-border-accented);
  border-radius: 0.5rem;
}
/* On a phone whoever is on turn comes first. */
@media (max-width: 39.99rem) {
  .on {
    order: -1;
  }
}
</style>
