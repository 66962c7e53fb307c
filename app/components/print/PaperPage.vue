<script setup lang="ts">
import { HEADING, MARGIN, PAPERS, type Page, type Paper } from '#core/contract/sheet'

/** One page as it comes out of the printer: its heading, and the drawing below it. */
const { page, paper, heading, number, of } = defineProps<{
  page: Page
  paper: Paper
  heading: string
  /** Which page of its sheet, of how many. */
  number: number
  of: number
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
