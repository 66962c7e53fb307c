<script setup lang="ts">
/** A board while it is looked for, and where its link leads nowhere. */
const { missing, ready, looking } = defineProps<{ missing: string | null; ready: boolean; looking: string }>()
</script>

<template>
  <div v-if="missing" class="p-10 text-center space-y-3">
    <h1 class="text-3xl font-bold">No board here</h1>
    <p class="text-xl">{{ missing }}</p>
  </div>
  <div v-else-if="!ready" class="p-10 text-center text-xl" aria-busy="true">{{ looking }}</div>
  <slot v-else />
</template>
