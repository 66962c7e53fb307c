<script setup lang="ts">
/** On their own: an answer that is not right is tried again, kept as it was said, or shown; showing it is recorded as help. */
const desk = useDesk()
/** It was answered, wrong, and the play would stand all the same. */
const wrong = computed(
  () => desk.given.value && desk.answering.value === 'wrong' && desk.judged.value?.verdict.stands === true,
)
</script>

<template>
  <div class="keys" role="group" aria-label="On their own">
    <template v-if="wrong">
      <Key @click="desk.clear()"><UIcon name="i-lucide-rotate-ccw" class="size-5" /> <span>Try again</span></Key>
      <Key @click="desk.record()"><UIcon name="i-lucide-bookmark" class="size-5" /> <span>Leave it so</span></Key>
    </template>
    <Key @click="desk.lift()"><UIcon name="i-lucide-eye" class="size-5" /> <span>Show it</span></Key>
  </div>
</template>

<style scoped>
.keys {
  display: flex;
  gap: 0.3rem;
  overflow-x: auto;
}
.keys :deep(.key) {
  padding: 0 0.6rem;
  font-size: 0.95rem;
  white-space: nowrap;
}
@media (max-height: 34rem) {
  .keys :deep(.key) {
    min-height: 2.75rem;
  }
}
</style>
