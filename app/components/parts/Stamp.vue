<script setup lang="ts">
import type { StampKind } from '~/utils/stamps'

/** A verdict's word in its own shape and colour; never colour alone. */
const { kind, small = false } = defineProps<{ kind: StampKind; small?: boolean }>()

const STAMPS: Readonly<Record<StampKind, { word: string; icon: string }>> = {
  stands: { word: 'Stands', icon: 'i-lucide-check' },
  refused: { word: 'Doesn’t stand', icon: 'i-lucide-x' },
  call: { word: 'Your call', icon: 'i-lucide-hand' },
  noted: { word: 'Noted', icon: 'i-lucide-pen-line' },
  open: { word: 'Not yet', icon: 'i-lucide-ellipsis' },
  struck: { word: 'Taken back', icon: 'i-lucide-strikethrough' },
  overruled: { word: 'Let stand', icon: 'i-lucide-gavel' },
}
const stamp = computed(() => STAMPS[kind])
</script>

<template>
  <span class="stamp" :class="[kind, small ? 'small' : '']">
    <UIcon :name="stamp.icon" class="shrink-0" />
    <span :class="small ? 'sr-only' : ''">{{ stamp.word }}</span>
  </span>
</template>

<style scoped>
.stamp {
  display: inline-flex;
  align-items: center;
  gap: 0.4em;
  padding: 0.2em 0.7em;
  font-family: var(--font-display);
  font-weight: 700;
  white-space: nowrap;
  border: 2.5px solid currentColor;
}
.small {
  padding: 0.15em;
  border-width: 2px;
}
.stands {
  color: var(--stands);
  background: var(--stands-soft);
  border-radius: 2em;
  transform: rotate(-1.5deg);
}
.refused {
  color: var(--refused);
  background: var(--refused-soft);
  border-radius: 0.15em;
  border-style: double;
  border-width: 4px;
}
.refused.small {
  border-width: 2px;
  border-style: solid;
}
.call {
  color: var(--call);
  background: var(--call-soft);
  border-radius: 0.8em 0.1em;
  border-style: dashed;
}
.noted,
.open {
  color: var(--call);
  background: var(--call-soft);
  border-radius: 0.15em 0.15em 0.9em 0.9em;
}
.open {
  border-style: dotted;
}
.overruled {
  color: var(--stands);
  background: var(--stands-soft);
  border-radius: 0.8em 0.1em;
  border-style: dashed;
}
.struck {
  color: var(--ink-soft);
  background: transparent;
  border-style: dotted;
}
</style>
