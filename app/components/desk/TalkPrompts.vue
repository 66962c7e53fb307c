<script setup lang="ts">
/** Questions to ask the children, one at a time. */
const { prompts } = defineProps<{ prompts: readonly string[] }>()
const at = ref(0)
const prompt = computed(() => prompts[at.value % Math.max(1, prompts.length)])
watch(
  () => prompts.join(),
  () => (at.value = 0),
)
</script>

<template>
  <div v-if="prompt" class="flex items-center gap-3">
    <UIcon name="i-lucide-message-circle-question" class="size-6 text-(--accent) shrink-0" />
    <p class="text-lg display font-semibold">{{ prompt }}</p>
    <UButton v-if="prompts.length > 1" variant="words" class="shrink-0 font-normal" @click="at++">another</UButton>
  </div>
</template>
