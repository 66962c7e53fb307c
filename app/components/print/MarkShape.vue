<script setup lang="ts">
import type { Mark } from '#core/contract/sheet'

/** One mark of a page, in millimetres; spinner, token and die are those of the desk. */
const { mark } = defineProps<{ mark: Mark }>()
</script>

<template>
  <rect
    v-if="mark.mark === 'rect'"
    :x="mark.x"
    :y="mark.y"
    :width="mark.w"
    :height="mark.h"
    :rx="mark.round"
    :class="{ strong: mark.strong, dashed: mark.dashed, tint: mark.tint, cover: mark.cover }"
  />
  <circle
    v-else-if="mark.mark === 'circle'"
    :cx="mark.x"
    :cy="mark.y"
    :r="mark.r"
    :class="{ strong: mark.strong, dashed: mark.dashed, full: mark.full, cover: mark.cover }"
  />
  <path
    v-else-if="mark.mark === 'line'"
    :d="`M${mark.x} ${mark.y}L${mark.x2} ${mark.y2}`"
    :class="{ strong: mark.strong, dashed: mark.dashed }"
  />
  <text
    v-else-if="mark.mark === 'text'"
    :x="mark.x"
    :y="mark.y"
    :font-size="mark.size"
    :text-anchor="mark.from ?? 'middle'"
    :font-weight="mark.strong ? 700 : 400"
  >
    {{ mark.text }}
  </text>
  <Spinner
    v-else-if="mark.mark === 'disc'"
    :x="mark.x"
    :y="mark.y"
    size=""
    :width="mark.size"
    :height="mark.size"
    :faces="mark.faces"
  />
  <Token
    v-else-if="mark.mark === 'token'"
    :x="mark.x"
    :y="mark.y"
    size=""
    :width="mark.size"
    :height="mark.size"
    :name="mark.name"
    :among="mark.among"
  />
  <Die
    v-else-if="mark.mark === 'die'"
    :x="mark.x"
    :y="mark.y"
    size=""
    :width="mark.size"
    :height="mark.size"
    :face="mark.face"
    :sides="mark.sides"
  />
  <!-- The back of a card: three waves, in outline. -->
  <svg v-else :x="mark.x" :y="mark.y" :width="mark.w" :height="mark.h" viewBox="0 0 30 40" preserveAspectRatio="none">
    <path d="M4 11q5.5-5 11 0t11 0M4 20q5.5-5 11 0t11 0M4 29q5.5-5 11 0t11 0" />
  </svg>
</template>

<style scoped>
rect,
circle,
path {
  fill: none;
  stroke: #1c2430;
  stroke-width: 0.3;
}
.strong {
  stroke-width: 0.9;
}
.dashed {
  stroke-dasharray: 1.6 1.4;
}
.cover {
  fill: #fff;
}
.tint {
  fill: #ece7dc;
}
.full {
  fill: #1c2430;
  stroke: none;
}
text {
  fill: #1c2430;
  font-family: var(--font-sans);
}
</style>
