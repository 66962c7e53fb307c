<script setup lang="ts">
import type { About } from '#core/contract/game'
import { range } from '#core/basics/words'

/** A game in few words, as it is chosen. */
const { about, why, chosen = false } = defineProps<{ about: About; why: string; chosen?: boolean }>()
</script>

<template>
  <span class="block space-y-0.5">
    <span class="flex items-baseline gap-3">
      <span class="text-lg font-bold display">{{ about.title }}</span>
      <UIcon v-if="chosen" name="i-lucide-circle-check" class="size-5 text-(--accent) ml-auto self-center" />
    </span>
    <span class="block text-sm">{{ about.line }}</span>
    <span class="block text-sm text-(--ink-soft)"
      >{{ range(about.seats) }} players · {{ about.minutes.low }}–{{ about.minutes.high }} minutes · {{ why }}</span
    >
  </span>
</template>
