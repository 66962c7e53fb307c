<script setup lang="ts">
import type { Judged } from '#core/match'
import { isReferees } from '#core/verdict'
import { drawingsFor } from '~/utils/drawings'

/** The verdict on what is being entered, before it is recorded. Keeps its height, so that nothing jumps. */
const { judged, says, idle } = defineProps<{ judged: Judged | null; says: string | null; idle: string }>()

/** What waits for the player rather than being wrong. */
const OPEN = new Set(['answer-missing', 'unexplained'])
const call = computed(() => {
  const verdict = judged?.verdict
  return Boolean(verdict && (isReferees(verdict) || OPEN.has(verdict.reason?.code ?? '')))
})
const kind = computed(() => (!judged ? null : call.value ? 'call' : judged.verdict.stands ? 'stands' : 'refused'))
const working = computed(() => judged?.verdict.working[0] ?? null)
const drawn = useLocalStorage('draw-verdict', false)
const drawable = computed(() => working.value && drawingsFor(working.value).length > 0)
</script>

<template>
  <div class="verdict" :class="kind ?? 'idle'" data-testid="verdict">
    <template v-if="kind">
      <Stamp :kind="kind" class="text-lg" />
      <p class="flex-1 min-w-48 leading-snug font-semibold">{{ says }}</p>
      <WorkingLine v-if="working" :working="working" tens class="text-lg" />
      <button v-if="drawable" class="size-11 grid place-items-center cursor-pointer" :aria-pressed="drawn" aria-label="Draw the working" title="Draw the working" @click="drawn = !drawn">
        <UIcon name="i-lucide-shapes" class="size-5" />
      </button>
      <WorkingDrawing v-if="drawn && working" :working="working" class="w-full" />
    </template>
    <p v-else class="text-(--ink-soft)">{{ idle }}</p>
  </div>
</template>

<style scoped>
.verdict {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 1rem;
  min-height: 3.75rem;
  padding: 0.5rem 0.9rem;
  border-radius: 0.6rem;
  border: 1px solid var(--rule);
  background: var(--sheet);
}
.stands {
  border-color: var(--stands);
}
.refused {
  border-color: var(--refused);
}
.call {
  border-color: var(--call);
}
.idle {
  border-style: dashed;
  background: transparent;
}
</style>
