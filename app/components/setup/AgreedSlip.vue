<script setup lang="ts">
import { sayCommonRules } from '#core/wording/houseRules'
import type { Setup } from '~/composables/useSetup'

/** What was agreed, read back in plain sentences, and how long it will take. */
const { setup } = defineProps<{ setup: Setup }>()

const { game, read, seats } = setup
const sentences = computed(() =>
  read.value.ok
    ? [
        ...game.value.wording.readBack(read.value.rules, seats.value.length),
        ...sayCommonRules(
          game.value,
          read.value.rules,
          (seat) => seats.value[seat - 1]?.name.trim() || `Player ${seat}`,
        ),
      ]
    : [],
)
const { says, own } = useEstimate(setup)
</script>

<template>
  <section class="sheet p-5 space-y-4" aria-label="Agreed">
    <h2 class="font-bold text-lg">Agreed for {{ game.about.title }}</h2>
    <ul class="space-y-1.5 list-disc pl-5">
      <li v-for="sentence in sentences" :key="sentence">{{ sentence }}</li>
    </ul>
    <p
      v-if="sentences.length"
      class="min-h-6 flex items-center gap-2 font-semibold"
      role="status"
      :title="own ? 'At the pace of this room' : 'At an unhurried pace'"
    >
      <UIcon name="i-lucide-hourglass" class="size-5 shrink-0" /> {{ says ?? 'How long? Bots try it out …' }}
    </p>
    <FillTime :setup="setup" :pace="own ?? game.about.pace" />
    <p v-if="!sentences.length" class="text-(--refused)">A house rule does not fit yet.</p>
  </section>
</template>
