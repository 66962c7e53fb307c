<script setup lang="ts">
/** A paper spinner: its fields round a pencil point, and the paper clip over the one that was spun (none: `at` null). */
const {
  faces,
  at = null,
  size = '6rem',
} = defineProps<{
  faces: readonly (number | string)[]
  /** The field that was spun; of several alike, the first. */
  at?: number | string | null
  /** Width and height; empty where the attributes say it, within a larger drawing. */
  size?: string
}>()

const point = (turn: number, radius: number) =>
  `${50 + radius * Math.sin(turn * 2 * Math.PI)} ${50 - radius * Math.cos(turn * 2 * Math.PI)}`
const fields = computed(() =>
  faces.map((face, i) => {
    const [from, to] = [i / faces.length, (i + 1) / faces.length]
    const path =
      faces.length === 1 ? '' : `M50 50L${point(from, 46)}A46 46 0 ${to - from > 0.5 ? 1 : 0} 1 ${point(to, 46)}Z`
    const middle = (from + to) / 2
    return {
      face,
      path,
      x: 50 + 33 * Math.sin(middle * 2 * Math.PI),
      y: 50 - 33 * Math.cos(middle * 2 * Math.PI),
      turn: middle,
    }
  }),
)
const here = computed(() => (at === null ? -1 : faces.indexOf(at)))
const letter = computed(() =>
  Math.max(6, Math.min(17, 110 / Math.max(faces.length, 3)) - Math.max(0, longest.value - 2) * 1.5),
)
const longest = computed(() => Math.max(...faces.map((face) => String(face).length)))
</script>

<template>
  <svg
    viewBox="0 0 100 100"
    :style="size ? { width: size, height: size } : undefined"
    class="shrink-0"
    aria-hidden="true"
  >
    <circle cx="50" cy="50" r="46" class="disc" />
    <template v-for="(field, i) in fields" :key="i">
      <path v-if="field.path" :d="field.path" :class="{ spun: i === here }" />
      <text
        :x="field.x"
        :y="field.y"
        dy="0.36em"
        text-anchor="middle"
        :font-size="letter"
        :class="{ strong: i === here }"
      >
        {{ field.face }}
      </text>
    </template>
    <g v-if="here >= 0" :transform="`rotate(${360 * fields[here]!.turn} 50 50)`" class="clip">
      <path d="M50 54V26M46 54V24a4 4 0 0 1 8 0V50a2.6 2.6 0 0 1-5.2 0" />
    </g>
    <circle cx="50" cy="50" r="3.2" class="pin" />
  </svg>
</template>

<style scoped>
.disc,
path {
  fill: var(--die);
  stroke: #1c2430;
  stroke-width: 1.2;
}
.spun {
  fill: #f3c64f;
}
text {
  fill: #1c2430;
  font-family: var(--font-sans);
  font-weight: 600;
}
.strong {
  font-weight: 800;
}
.clip path {
  fill: none;
  stroke: #5b6470;
  stroke-width: 2.2;
  stroke-linecap: round;
}
.pin {
  fill: #1c2430;
}
</style>
