<script setup lang="ts">
/** A game explained in steps, with one drawn example in the slot. */
const { steps, example } = defineProps<{ steps: readonly string[]; example: string }>()
</script>

<template>
  <div class="space-y-5">
    <section class="space-y-2">
      <h2 class="text-2xl font-bold">How it goes</h2>
      <ol class="list-decimal pl-6 space-y-1.5 text-lg">
        <li v-for="step in steps" :key="step">{{ step }}</li>
      </ol>
    </section>
    <section class="space-y-3">
      <h2 class="text-2xl font-bold">{{ example }}</h2>
      <div class="sheet p-4 space-y-3"><slot /></div>
    </section>
  </div>
</template>
