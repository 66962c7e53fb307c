<script setup lang="ts">
import type { AskedRoom } from '#core/kernel/predictions'

/** What the room guesses, as bars that grow with the hands; then which it was. */
const { asked } = defineProps<{ asked: AskedRoom }>()
const most = computed(() => Math.max(1, ...asked.hands))
</script>

<template>
  <div class="space-y-3">
    <p class="text-[1.6rem] font-bold">{{ asked.asks }}</p>
    <ul class="grid gap-2 text-[1.3rem]">
      <li v-for="(choice, i) in asked.choices" :key="choice" class="answer" :class="{ came: asked.came === i }">
        <span class="says"
          ><UIcon v-if="asked.came === i" name="i-lucide-check" class="size-7 shrink-0" /> {{ choice }}</span
        >
        <span class="bar" :style="{ width: `${(100 * asked.hands[i]!) / most}%` }" />
        <b class="figures">{{ asked.hands[i] }}</b>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: minmax(8rem, max-content) minmax(4rem, 1fr) 3ch;
  align-items: center;
  gap: 0 1rem;
}
.says {
  display: flex;
  align-items: center;
  gap: 0.4rem;
}
.bar {
  height: 1.4rem;
  border-radius: 0.7rem;
  background: var(--ink-soft);
  transition: width 300ms;
}
.came {
  font-weight: 800;
}
.came .bar {
  background: var(--accent);
}
.answer b {
  text-align: right;
}
</style>
