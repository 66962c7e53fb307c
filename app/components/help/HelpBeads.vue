<script setup lang="ts">
import type { Aid } from '#core/mastery/ladder'

/** Strings of ten beads, five and five told apart: a touched bead slides over with all between it and the others there. */
const { aid } = defineProps<{ aid: Extract<Aid, { kind: 'beads' }> }>()
/** How many beads of each string are slid over. */
const work = defineModel<readonly number[]>({ required: true })

function slide(string: number, bead: number) {
  const over = work.value[string] ?? 0
  const to = bead <= over ? bead - 1 : bead
  work.value = work.value.map((beads, i) => (i === string ? to : beads))
}
const isOver = (string: number, bead: number) => bead <= (work.value[string] ?? 0)
</script>

<template>
  <div class="grid gap-1">
    <div v-for="s in aid.strings" :key="s" class="string" role="group" :aria-label="`String ${s}`">
      <button
        v-for="b in 10"
        :key="b"
        type="button"
        class="bead"
        :class="{ over: isOver(s - 1, b), later: b > 5, apart: b === (work[s - 1] ?? 0) + 1 }"
        :aria-pressed="isOver(s - 1, b)"
        :aria-label="`Bead ${b}`"
        @click="slide(s - 1, b)"
      >
        <span />
      </button>
    </div>
  </div>
</template>

<style scoped>
.string {
  display: flex;
  width: 100%;
  max-width: 36rem;
  padding: 0 0.3rem;
  background: linear-gradient(var(--ink-soft), var(--ink-soft)) center / 100% 2px no-repeat;
}
.bead {
  flex: 0 1 2.75rem;
  min-width: 0;
  height: 2.75rem;
  display: grid;
  place-items: center;
  cursor: pointer;
}
/* What is not slid over lies at the other end. */
.apart {
  margin-left: auto;
}
.bead span {
  width: min(2.2rem, 94%);
  aspect-ratio: 1;
  border-radius: 50%;
  background: var(--accent);
  border: 2px solid var(--accent);
}
.later span {
  background: var(--sheet);
  border-width: 0.4rem;
}
</style>
