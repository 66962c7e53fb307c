<script setup lang="ts">
/** What keeps a match from starting; nothing where nothing does. */
const { says } = defineProps<{ says: string | null }>()
</script>

<template>
  <p v-if="says" role="alert" class="says">{{ says }}</p>
</template>

<style scoped>
.says {
  padding: 0.4rem 0.7rem;
  border: 2px solid var(--refused);
  border-radius: 0.5rem;
  background: var(--sheet);
  color: var(--refused);
  font-weight: 600;
}
</style>
