<script setup lang="ts">
import { nextLevel } from '#core/kernel/nextLevel'
import type { Tape } from '#core/kernel/tape'
import { sayNextLevel } from '#core/wording/nextLevel'

/** After a match: what to try next and why, one touch away; nothing where the match says nothing of it. */
const { tape, match } = defineProps<{ tape: Tape; match: string }>()
const next = computed(() => nextLevel(tape))
</script>

<template>
  <p v-if="next" class="flex flex-wrap items-center gap-x-4 gap-y-2" data-testid="next">
    <span class="flex gap-2"
      ><UIcon
        :name="next.way === 'harder' ? 'i-lucide-trending-up' : 'i-lucide-trending-down'"
        class="size-6 shrink-0"
      />
      {{ sayNextLevel(next) }}</span
    >
    <Key :to="`/new?like=${match}&preset=${next.preset.id}`" :title="next.preset.hint">Try {{ next.preset.label }}</Key>
  </p>
</template>
