<script setup lang="ts">
/** A play that doesn't stand: keep it as a slip, let it stand against what is believed, or clear it. */
const { overrulable, keep } = defineProps<{ overrulable: boolean; keep: string }>()
const emit = defineEmits<{ slip: []; clear: []; overrule: [why: string] }>()

const asking = ref(false)
const REASONS = ['I saw the card', 'A card was mis-sorted', 'Entered wrongly before']
</script>

<template>
  <VerdictKeys label="It doesn’t stand">
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
  </VerdictKeys>
</template>
