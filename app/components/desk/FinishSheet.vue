<script setup lang="ts">
import { standing } from '#core/kernel/match'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Ends the match before its own end: decided on the standing as it is shown here. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ finish: [why: string] }>()

const why = ref('')
const scores = computed(() => standing(tape.table, tape.state))
</script>

<template>
  <DeskSheet
    v-model:open="open"
    title="End the match now?"
    description="It is decided on the standing, and the result says so. It can be taken back."
  >
    <form class="space-y-4" @submit.prevent="emit('finish', why.trim())">
      <ul class="space-y-1 text-lg">
        <li v-for="(seat, i) in seats" :key="i" class="flex gap-2 items-center">
          <Pennant :number="seat.pennant" size="1.3rem" /> {{ seat.name }}
          <b class="figures ml-auto">{{ minus(scores[i]!) }}</b>
        </li>
      </ul>
      <UInput
        v-model="why"
        maxlength="200"
        size="xl"
        class="w-full"
        placeholder="Why (if you like): the ferry leaves"
        aria-label="Why"
      />
      <div class="flex gap-2 flex-wrap">
        <Key main type="submit"><UIcon name="i-lucide-flag" class="size-5" /> End the match</Key>
        <Key @click="open = false">Play on</Key>
      </div>
    </form>
  </DeskSheet>
</template>
