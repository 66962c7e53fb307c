<script setup lang="ts">
/** How full it is: every die as a piece of its length, the limit as the brim, what is over beyond it. */
const { dice, frozen, limit, sum } = defineProps<{
  dice: readonly number[]
  /** How many of `dice`, from the start, are frozen. */
  frozen: number
  limit: number
  sum: number
}>()

const whole = computed(() => Math.max(limit * 1.12, sum))
const part = (value: number) => `${(100 * value) / whole.value}%`
const room = computed(() => limit - sum)
</script>

<template>
  <div>
    <div class="flex items-baseline gap-3 mb-1 flex-wrap">
      <p class="text-2xl font-bold figures">
        {{ sum }}<span class="text-(--ink-soft) text-lg"> of {{ limit }}</span>
      </p>
      <p
        v-if="dice.length"
        class="text-xl font-bold"
        :class="room < 0 ? 'text-(--refused)' : room === 0 ? 'text-(--stands)' : ''"
      >
        {{ room < 0 ? `${-room} over` : room === 0 ? 'full to the brim' : `room for ${room}` }}
      </p>
    </div>
    <div class="gauge" role="img" :aria-label="`${sum} of ${limit}`">
      <span
        v-for="(value, i) in dice"
        :key="i"
        class="piece figures"
        :class="{ ice: i < frozen }"
        :style="{ width: part(value) }"
        >{{ value }}</span
      >
      <span class="brim" :style="{ left: part(limit) }" />
      <span class="over" :style="{ left: part(limit) }" />
    </div>
  </div>
</template>

<style scoped>
.gauge {
  position: relative;
  display: flex;
  height: 2.1rem;
  background: var(--paper);
  border: 1px solid var(--ui-border-accented);
  border-radius: 0.4rem;
  overflow: hidden;
}
.piece {
  display: grid;
  place-items: center;
  min-width: 0;
  overflow: hidden;
  font-weight: 700;
  color: var(--on-accent);
  background: var(--accent);
  border-right: 2px solid var(--sheet);
}
.piece.ice {
  background: #cfe6ee;
  color: #0b2e3d;
}
.brim {
  position: absolute;
  inset-block: 0;
  width: 4px;
  margin-left: -2px;
  background: var(--ink);
}
.over {
  position: absolute;
  inset-block: 0;
  right: 0;
  background: repeating-linear-gradient(45deg, #0000 0 6px, color-mix(in oklab, var(--refused) 45%, #0000) 6px 9px);
}
</style>
