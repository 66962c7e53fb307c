<script setup lang="ts">
/** One of the referee's two short cards, while such cards are wished on this device; put away with a touch. */
const away = defineModel<boolean>('away', { required: true })
const wished = useTalk()
</script>

<template>
  <section v-if="wished && !away" class="card space-y-2">
    <slot />
    <div class="flex flex-wrap gap-2">
      <Key @click="away = true"><UIcon name="i-lucide-x" class="size-5" /> Put away</Key>
      <slot name="keys" />
    </div>
  </section>
</template>

<style scoped>
.card {
  padding: 0.6rem 0.8rem;
  border-left: 4px solid var(--accent);
  background: var(--accent-soft);
  border-radius: 0.4rem;
}
</style>
