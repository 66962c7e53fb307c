<script setup lang="ts">
import type { DeskTab } from '~/components/desk/DeskLayout.vue'
import { TABS } from '~/theme/parts'

/** What is shown in the table's place where there is little room. */
const { entries } = defineProps<{
  /** How many entries the tape has. */
  entries: number
}>()
const tab = defineModel<DeskTab>({ required: true })
const tabs = computed(() => [
  { value: 'table', label: 'Table' },
  { value: 'tape', label: `Tape ${entries || ''}` },
  { value: 'eye', label: 'Eye' },
])
</script>

<template>
  <!-- A touch leaves the focus where it is: Enter stays the pad's. -->
  <UTabs
    v-model="tab"
    :items="tabs"
    :content="false"
    variant="link"
    :ui="TABS"
    aria-label="What is shown"
    @mousedown.prevent
  />
</template>
