<script setup lang="ts">
import type { Verdict } from '#core/contract/verdict'
import type { StampKind } from '~/utils/stamps'

/** A verdict as it is learned from: its stamp, what it says, and the working. */
const { verdict, kind, says } = defineProps<{ verdict: Verdict; kind: StampKind; says: string }>()
</script>

<template>
  <Stamp :kind="kind" small />
  <p class="came">{{ says }}</p>
  <WorkingLine v-for="(working, i) in verdict.working.slice(-2)" :key="i" :working="working" tens class="came" />
</template>

<style scoped>
.came {
  font-size: 1.25rem;
  line-height: 1.25;
}
</style>
