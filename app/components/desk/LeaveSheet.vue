<script setup lang="ts">
/** Somebody leaves a match whose clock runs: it is let rest, or runs on. */
const { paused } = defineProps<{ paused: () => Promise<void> }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ go: [] }>()

async function rest() {
  await paused()
  emit('go')
}
</script>

<template>
  <DeskSheet
    v-model:open="open"
    title="The clock runs on"
    description="What becomes of it while you are away? This is asked once."
  >
    <div class="grid gap-2">
      <Key main @click="rest"><UIcon name="i-lucide-moon" class="size-5" /> Pause until later</Key>
      <Key @click="emit('go')"><UIcon name="i-lucide-timer" class="size-5" /> Let it run, they play on</Key>
      <Key @click="open = false">Stay here</Key>
    </div>
  </DeskSheet>
</template>
