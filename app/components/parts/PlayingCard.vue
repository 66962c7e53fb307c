<script setup lang="ts">
/** One card with a number (or letter); `value` null shows its back. */
const {
  value,
  size = '3rem',
  raised = false,
  dim = false,
} = defineProps<{
  value: number | string | null
  /** Width; the height follows. */
  size?: string
  raised?: boolean
  dim?: boolean
}>()
</script>

<template>
  <svg
    viewBox="0 0 30 40"
    :style="{ width: size, height: `calc(${size} * 1.3333)` }"
    class="card shrink-0"
    :class="{ raised, dim, back: value === null }"
    aria-hidden="true"
    data-arrives
  >
    <rect x="1" y="1" width="28" height="38" rx="4" />
    <template v-if="value === null">
      <path d="M5 12q5-5 10 0t10 0M5 20q5-5 10 0t10 0M5 28q5-5 10 0t10 0" />
    </template>
    <text v-else x="15" y="27" text-anchor="middle" :class="{ long: String(value).length > 1 }">{{ value }}</text>
  </svg>
</template>

<style scoped>
.card rect {
  fill: var(--die);
  stroke: #1c2430;
  stroke-width: 1.6;
}
.card text {
  fill: #1c2430;
  font: 700 20px var(--font-sans);
}
.card text.long {
  font-size: 16px;
}
.back rect {
  fill: #2f6f7c;
}
.back path {
  fill: none;
  stroke: #cfe6ee;
  stroke-width: 1.8;
  stroke-linecap: round;
}
.raised {
  filter: drop-shadow(0 3px 3px rgb(0 0 0 / 0.35));
}
.dim rect {
  fill: #cfc7b8;
}
</style>
