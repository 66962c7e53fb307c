<script setup lang="ts">
import * as z from 'zod'
import { grouped } from '#core/basics/words'
import type { Workshop } from '~/composables/useWorkshop'

/** What a thousand matches between bots came to: how long, who wins, what should be known; and making it longer or shorter. */
const { workshop } = defineProps<{ workshop: Workshop }>()
const { rules, recipe, read, put } = workshop
const seats = useKept('workshop-seats', z.int().min(1).max(6), 2)
const ok = computed(() => read.value.ok)
const { trial, part, seeking, stop, says, wins, warnings, longer, found, make } = useRecipeTrial({
  rules,
  recipe,
  seats,
  ok,
  put,
})
const SEATS = [1, 2, 3, 4, 5, 6].map((value) => ({ value, label: String(value) }))
const MINUTES = [5, 10, 15, 20]
const PLACES = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth']
</script>

<template>
  <section class="sheet p-4 space-y-3" aria-label="Tried by bots">
    <h2 class="font-bold text-lg">
      {{ trial ? `${grouped(trial.matches)} matches between bots` : 'Bots try it out …' }}
    </h2>
    <ChoiceRow v-model="seats" label="Players" :choices="SEATS" />
    <UProgress v-if="part > 0" :model-value="part" :max="1" aria-label="Matches played" />
    <template v-if="trial">
      <p class="font-semibold flex items-center gap-2" role="status">
        <UIcon name="i-lucide-hourglass" class="size-5 shrink-0" /> {{ says }}
      </p>
      <ul v-if="wins.length > 1" class="space-y-1" aria-label="Who wins">
        <li v-for="(share, i) in wins" :key="i" class="win">
          <span>{{ i === 0 ? 'Whoever begins' : `The ${PLACES[i]}` }}</span>
          <span class="line"><span class="fill" :style="{ width: `${100 * share.value}%` }" /></span>
          <b class="figures">{{ percent(share.value) }}</b>
        </li>
      </ul>
      <ul v-if="warnings.length" class="space-y-1.5" aria-label="To know">
        <li v-for="each in warnings" :key="each" class="flex gap-2">
          <UIcon name="i-lucide-triangle-alert" class="size-5 shrink-0 mt-0.5 text-(--call)" /> {{ each }}
        </li>
      </ul>
      <p v-else class="flex gap-2">
        <UIcon name="i-lucide-circle-check" class="size-5 shrink-0 mt-0.5 text-(--stands)" /> Nothing stands out.
      </p>
    </template>
    <div v-if="longer" class="space-y-1.5">
      <div class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Make it so long">
        <span class="font-semibold basis-full">Make it about</span>
        <Key v-for="minutes in MINUTES" :key="minutes" :disabled="seeking > 0" @click="make(minutes)"
          >{{ minutes }} minutes</Key
        >
        <Key v-if="seeking > 0" @click="stop()"><UIcon name="i-lucide-x" class="size-5" /> Stop</Key>
      </div>
      <UProgress v-if="seeking > 0" :model-value="seeking" :max="1" aria-label="Values tried" />
      <p v-if="found" role="status">{{ found }}</p>
    </div>
  </section>
</template>

<style scoped>
.win {
  display: grid;
  grid-template-columns: 8.5rem minmax(3rem, 1fr) 3.5rem;
  align-items: center;
  gap: 0.6rem;
}
.win b {
  text-align: right;
}
.line {
  height: 0.8rem;
  border-radius: 0.4rem;
  background: var(--sunken);
  overflow: hidden;
}
.fill {
  display: block;
  height: 100%;
  background: var(--accent);
}
</style>
