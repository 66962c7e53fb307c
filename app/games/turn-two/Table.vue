<script setup lang="ts">
import PairGrid from '~/games/turn-two/PairGrid.vue'
import { usePairEntry } from '~/games/turn-two/usePairEntry'

/** The grid: a place touched is turned. The referee may peek at what was seen. */
const { still, tape, veiled } = useDesk()
const { entry, state, waiting, peeking } = usePairEntry()
const touched = useTouched<number>()
const open = computed(() => Object.fromEntries(entry.value.cards.map((card, i) => [entry.value.at[i]!, card])))
</script>

<template>
  <section class="sheet p-3 flex flex-wrap items-center justify-center gap-x-8 gap-y-2" aria-label="Table">
    <PairGrid
      :places="state.places.map(({ lies }) => lies)"
      :open="open"
      :waiting="waiting"
      :seen="peeking && !veiled ? state.places.map(({ seen }) => seen) : []"
      :newest="entry.at.length ? null : state.newest"
      :touchable="!still && !tape!.state.result"
      @pick="touched = $event"
    />
    <p class="text-lg">
      <UIcon name="i-lucide-layers" class="size-5 align-middle" /> stock <b class="figures">{{ state.stock }}</b>
    </p>
  </section>
</template>
