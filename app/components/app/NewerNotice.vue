<script setup lang="ts">
/** A newer version is here: taken with a touch, or with the next start. Never shown at a desk, where it would be in the way. */
const { $newer } = useNuxtApp()
const later = ref(false)
</script>

<template>
  <UAlert
    v-if="$newer && !later"
    title="A newer Nimble Tally is here"
    description="Taking it loads this page again; nothing that is recorded is lost."
    icon="i-lucide-package-open"
    variant="soft"
    orientation="horizontal"
    class="print:hidden"
  >
    <template #actions>
      <Key main @click="$newer()">Take it</Key>
      <Key @click="later = true">Later</Key>
    </template>
  </UAlert>
</template>
