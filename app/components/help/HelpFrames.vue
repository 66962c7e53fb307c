<script setup lang="ts">
import { toggled } from '#core/basics/lists'
import type { Aid } from '#core/mastery/ladder'

/** Frames of ten to lay counters in by touch; those that lie there by themselves differ by the number they belong to. */
const { aid, laid } = defineProps<{ aid: Extract<Aid, { kind: 'frames' }>; laid: readonly number[] }>()
/** The cells that are filled, from 0. */
const work = defineModel<readonly number[]>({ required: true })

/** As many frames as the largest of such sums needs: their number tells nothing. */
const frames = computed(() => (aid.counters.length > 20 ? 4 : 2))
const part = (cell: number) => (laid.includes(cell) ? (aid.counters[cell] ?? 0) % 2 : 0)
const toggle = (cell: number) => (work.value = toggled(work.value, cell))
</script>

<template>
  <div class="frames">
    <div v-for="f in frames" :key="f" class="frame" role="group" :aria-label="`Frame ${f}`">
      <button
        v-for="c in 10"
        :key="c"
        type="button"
        class="cell"
        :class="{ there: work.includes(10 * (f - 1) + c - 1), other: part(10 * (f - 1) + c - 1) }"
        :aria-pressed="work.includes(10 * (f - 1) + c - 1)"
        :aria-label="`Cell ${c}`"
        @click="toggle(10 * (f - 1) + c - 1)"
      >
        <span />
      </button>
    </div>
  </div>
</template>

<style scoped>
.frames {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(16rem, 100%), 1fr));
  gap: 1rem;
}
.frame {
  display: grid;
  grid-template-columns: repeat(5, minmax(2.75rem, 1fr));
  border: 2px solid var(--ink-soft);
}
.cell {
  aspect-ratio: 1;
  display: grid;
  place-items: center;
  border: 1px solid var(--ink-soft);
  background: var(--sheet);
  cursor: pointer;
}
.cell span {
  width: 68%;
  aspect-ratio: 1;
  border-radius: 50%;
}
.there span {
  background: var(--accent);
}
.there.other span {
  background: none;
  border: 0.35rem solid var(--ink);
}
</style>
