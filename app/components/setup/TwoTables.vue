<script setup lang="ts">
import { list } from '#core/basics/words'
import type { Setup } from '~/composables/useSetup'

/** More children than the game takes: two tables at once, under the same rules. */
const { setup } = defineProps<{ setup: Setup }>()
const { twoTables, busy, game, view, source } = setup
/** Where everybody's layout is recorded before play, the app lays out at both. */
const lays = computed(() => Boolean(view.value.Opening) && source.value === 'table')
</script>

<template>
  <div v-if="twoTables" class="sheet p-3 space-y-2">
    <p>
      {{ game.about.title }} takes {{ game.about.seats.high }} at most. At two tables:
      <b v-for="(names, i) in twoTables" :key="i" class="block">{{ list([...names]) }}</b>
    </p>
    <p v-if="lays" class="text-sm">
      What lies at each table is entered there; let the app deal, or set the tables up one by one.
    </p>
    <Key v-else class="w-full" :disabled="busy" @click="setup.startTwo()"
      ><UIcon name="i-lucide-copy" class="size-5" /> Start both tables</Key
    >
  </div>
</template>
