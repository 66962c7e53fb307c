<script setup lang="ts">
/** A play that doesn't stand: keep it as a slip, let it stand against what is believed, or clear it. */
const { overrulable, keep } = defineProps<{ overrulable: boolean; keep: string }>()
const emit = defineEmits<{ slip: []; clear: []; overrule: [why: string] }>()

const asking = ref(false)
const REASONS = ['I saw the card', 'A card was mis-sorted', 'Entered wrongly before']
</script>

<template>
  <div class="flex flex-wrap gap-2">
    <template v-if="asking">
      <span class="self-center font-semibold">Let it stand, because:</span>
      <button v-for="reason in REASONS" :key="reason" class="key" @click="emit('overrule', reason)">{{ reason }}</button>
      <button class="key" @click="asking = false">Never mind</button>
    </template>
    <template v-else>
      <button class="key" @click="emit('slip')"><UIcon name="i-lucide-bookmark" class="size-5" /> {{ keep }}</button>
      <button v-if="overrulable" class="key" @click="asking = true"><UIcon name="i-lucide-hand" class="size-5" /> Let it stand …</button>
      <button class="key" @click="emit('clear')">Clear it</button>
    </template>
  </div>
</template>
