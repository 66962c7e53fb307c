<script setup lang="ts">
import type { Spot } from '#core/games/six-heaps/block'
import HeapBlock from '~/games/six-heaps/HeapBlock.vue'
import { useHeapEntry } from '~/games/six-heaps/useHeapEntry'

/** The block with its top numbers; once a card is chosen, the heap where it was put is touched. */
const { still, seats, tape } = useDesk()
const { entry, state, laid } = useHeapEntry()
const touched = useTouched<Spot>()
const open = computed(() => !still.value && entry.value.card !== null && !entry.value.at && !tape.value!.state.result)
</script>

<template>
  <section class="sheet p-3 flex flex-wrap items-center justify-center gap-x-8 gap-y-3" aria-label="Table">
    <HeapBlock
      :heaps="laid"
      :lines="entry.card === null ? state.newest?.lines : []"
      :newest="entry.at ?? (entry.card === null ? (state.newest?.at ?? null) : null)"
      :coming="entry.card"
      :touchable="open"
      @pick="touched = $event"
    />
    <ul class="space-y-1 text-lg">
      <li>
        <UIcon name="i-lucide-layers" class="size-5 align-middle" /> stock <b class="figures">{{ state.stock }}</b>
      </li>
      <li v-for="(hand, i) in state.hands" :key="i" class="flex items-center gap-2">
        <Pennant :number="seats[i]!.pennant" size="1.3rem" /> {{ seats[i]!.name }} holds
        <b class="figures">{{ hand.size }}</b>
      </li>
    </ul>
  </section>
</template>
