<script setup lang="ts">
import type { HeapRules, HeapState } from '#core/games/six-heaps/rules'
import HeapBlock from '~/games/six-heaps/HeapBlock.vue'

/** Six Heaps for the room: the block, the target, and how many cards everybody holds. */
const { rules, view, seats, secret } = defineProps<{
  rules: HeapRules
  view: Pick<HeapState, 'heaps' | 'stock' | 'newest'> & { readonly hands: readonly number[] }
  seats: readonly { name: string; pennant: number }[]
  turn: readonly number[]
  secret: boolean
}>()
</script>

<template>
  <div class="flex flex-wrap items-center justify-evenly gap-x-3 gap-y-3">
    <HeapBlock
      :heaps="view.heaps"
      :lines="secret ? [] : (view.newest?.lines ?? [])"
      :newest="view.newest?.at ?? null"
    />
    <div class="space-y-4 text-base">
      <p>
        a line makes <b class="figures text-4xl">{{ rules.target }}</b>
      </p>
      <p>
        stock <b class="figures">{{ view.stock }}</b>
      </p>
      <p v-for="(size, i) in view.hands" :key="i">
        {{ seats[i]?.name }} holds <b class="figures">{{ size }}</b>
      </p>
    </div>
  </div>
</template>
