<script setup lang="ts">
import type { Day } from '#shared/api'

/** A day or a session looked back on: its title, keys beside it, what came of it, to print and as CSV. */
const { title, day, csv, nothing, failed } = defineProps<{
  title: string
  /** Null while it is on its way. */
  day: Day | null
  /** Where the same is as CSV. */
  csv: string
  /** What is said where nothing was played. */
  nothing: string
  failed: string | null
}>()
const emit = defineEmits<{ again: [] }>()
const print = () => window.print()
useHead({ title: () => `${title} · Nimble Tally` })
</script>

<template>
  <div class="space-y-5">
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl font-bold mr-auto">{{ title }}</h1>
      <span class="flex flex-wrap gap-2 print:hidden">
        <slot name="before" />
        <Key :why="!day?.matches.length && 'There is no match to print.'" @click="print()"
          ><UIcon name="i-lucide-printer" class="size-5" /> Print it</Key
        >
        <Key :file="csv"><UIcon name="i-lucide-sheet" class="size-5" /> CSV</Key>
        <slot name="after" />
      </span>
    </header>
    <p v-if="failed" role="alert" class="sheet p-4 flex flex-wrap gap-3 items-center">
      {{ failed }} <Key @click="emit('again')">Try again</Key>
    </p>
    <Awaited v-else-if="!day" says="Looking back on it …" />
    <UEmpty v-else-if="!day.matches.length" class="sheet" icon="i-lucide-notebook" :title="nothing" />
    <LookedBack v-else :day="day" />
  </div>
</template>
