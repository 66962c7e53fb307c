<script setup lang="ts">
/** At which of this server's addresses other devices are to reach it; where they can't at all, what to do. */
const { origins } = defineProps<{
  /** From `useOrigins`, as is whether nobody but this machine can follow a link. */
  origins: readonly string[]
  local: boolean
}>()
const chosen = defineModel<number>({ required: true })
</script>

<template>
  <div v-if="origins.length > 1" class="flex flex-wrap gap-1.5" role="group" aria-label="Address">
    <Key v-for="(each, i) in origins" :key="each" :aria-pressed="chosen === i" @click="chosen = i"
      ><span class="figures text-sm">{{ each }}</span></Key
    >
  </div>
  <p v-if="local" class="font-semibold text-(--call)" role="status">
    Other devices can’t reach this Nimble Tally: it serves this machine alone. Stop it, and start it with
    <code class="figures">bin/start --host 0.0.0.0</code>; then a code to be scanned stands here.
  </p>
</template>
