<script setup lang="ts">
import { HEADING, MARGIN, PAPERS, type Page, type Paper } from '#core/contract/sheet'

/** One page as it comes out of the printer: its heading, and the drawing below it. */
const {
  page,
  paper,
  heading,
  number,
  of,
  keeps = false,
  name = '',
} = defineProps<{
  page: Page
  paper: Paper
  heading: string
  /** Which page of its sheet, of how many. */
  number: number
  of: number
  /** A child keeps it: there is a line for name and day. */
  keeps?: boolean
  /** Whose it is; without it the line is blank. */
  name?: string
}>()

const size = computed(() => {
  const { width, height } = PAPERS[paper]
  return page.wide ? { w: height, h: width } : { w: width, h: height }
})
</script>

<template>
  <svg
    class="paper"
    :class="{ wide: page.wide }"
    :viewBox="`0 0 ${size.w} ${size.h}`"
    :style="{ width: `${size.w}mm`, height: `${size.h}mm` }"
    role="img"
    :aria-label="`${heading}, page ${number} of ${of}`"
  >
    <text :x="MARGIN" :y="MARGIN + 4.5" font-size="4.2" font-weight="700">{{ heading }}</text>
    <text :x="size.w - MARGIN" :y="MARGIN + 4.5" font-size="3.4" text-anchor="end">
      {{ of > 1 ? `${number} of ${of} · ` : '' }}Nimble Tally
    </text>
    <g v-if="keeps" class="name">
      <text :x="MARGIN" :y="MARGIN + 9.2" font-size="3.4">Name</text>
      <text :x="MARGIN + 12" :y="MARGIN + 8.9" font-size="4.2" font-weight="700">{{ name }}</text>
      <path :d="`M${MARGIN + 11} ${MARGIN + 9.6}h62`" />
      <text :x="MARGIN + 80" :y="MARGIN + 9.2" font-size="3.4">Day</text>
      <path :d="`M${MARGIN + 88} ${MARGIN + 9.6}h32`" />
    </g>
    <g :transform="`translate(${MARGIN} ${MARGIN + HEADING})`">
      <MarkShape v-for="(mark, i) in page.marks" :key="i" :mark="mark" />
    </g>
  </svg>
</template>

<style scoped>
.paper {
  display: block;
  background: #fff;
  color: #1c2430;
  --die: #fff;
}
text {
  fill: #1c2430;
  font-family: var(--font-sans);
}
.name path {
  stroke: #1c2430;
  stroke-width: 0.25;
}
@media screen {
  .paper {
    box-shadow: var(--shadow);
    border: 1px solid var(--rule);
  }
}
@media print {
  .paper {
    break-inside: avoid;
  }
  .wide {
    page: sideways;
  }
  .paper + .paper {
    break-before: page;
  }
}
</style>
