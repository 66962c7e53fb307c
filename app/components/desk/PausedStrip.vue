<script setup lang="ts">
/** The match rests until later. */
const { at } = defineProps<{ at: string }>()
const emit = defineEmits<{ back: [] }>()
const { helping } = useDesk()
</script>

<template>
  <div class="rests" role="status">
    <UIcon name="i-lucide-moon" class="size-7 shrink-0" />
    <p class="grow">
      <b>Paused until later</b>, since {{ lately(at) }}. Nothing is lost; whose turn it is stands above.
    </p>
    <Key v-if="!helping" main @click="emit('back')"><UIcon name="i-lucide-play" class="size-5" /> Go on</Key>
  </div>
</template>

<style scoped>
.rests {
  min-width: 0;
  display: flex;
  align-items: center;
  gap: 0.4rem;
  padding: 0.8rem;
  border: 2px dashed var(--call);
  border-radius: 0.6rem;
}
</style>
