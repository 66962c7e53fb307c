<script setup lang="ts">
/** A play that doesn't stand: keep it as a slip, let it stand against what is believed, or clear it. */
const { overrulable, keep } = defineProps<{ overrulable: boolean; keep: string }>()
const emit = defineEmits<{ slip: []; clear: []; overrule: [why: string] }>()

const asking = ref(false)
const REASONS = ['I saw the card', 'A card was mis-sorted', 'Entered wrongly before']
</script>

<template>
  <div class="keys" role="group" aria-label="It doesn’t stand">
    <template v-if="asking">
      <Key v-for="reason in REASONS" :key="reason" @click="emit('overrule', reason)">{{ reason }}</Key>
      <Key aria-label="Never mind" @click="asking = false"><UIcon name="i-lucide-x" class="size-5" /></Key>
    </template>
    <template v-else>
      <Key :aria-label="keep" @click="emit('slip')"
        ><UIcon name="i-lucide-bookmark" class="size-5" /> <span>{{ keep }}</span></Key
      >
      <Key v-if="overrulable" aria-label="Let it stand …" @click="asking = true"
        ><UIcon name="i-lucide-gavel" class="size-5" /> <span>Let it stand …</span></Key
      >
      <Key aria-label="Clear it" @click="emit('clear')"
        ><UIcon name="i-lucide-x" class="size-5" /> <span>Clear it</span></Key
      >
      <slot />
    </template>
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
@media (max-width: 30rem) {
  .keys :deep(.key) {
    padding: 0 0.4rem;
    gap: 0.25rem;
    font-size: 0.85rem;
    flex: none;
  }
}
/* Low: words in two lines, without their pictures. */
@media (max-height: 34rem) {
  .keys :deep(.key) {
    min-height: 2.75rem;
    max-width: 5rem;
    padding: 0 0.35rem;
    white-space: normal;
    line-height: 1.05;
  }
  .keys :deep(.key > span) {
    font-size: 0.8rem;
  }
  .keys :deep(.key:not([aria-label='Never mind']) > :first-child:not(:last-child)) {
    display: none;
  }
}
</style>
