<script setup lang="ts">
/** A player's mark; the name stands beside it, so it is silent to a screen reader. */
import { PENNANTS } from '~/utils/pennants'

const { number, size = '2rem' } = defineProps<{
  /** Which pennant, from 1. */
  number: number
  /** Its height; empty where the attributes say it, within a larger drawing. */
  size?: string
}>()

const pennant = computed(() => PENNANTS[(number - 1) % PENNANTS.length]!)
const clip = useId()
</script>

<template>
  <svg
    viewBox="0 0 40 32"
    :style="size ? { height: size, width: `calc(${size} * 1.25)` } : undefined"
    class="shrink-0"
    aria-hidden="true"
  >
    <clipPath :id="clip"><path :d="pennant.shape" /></clipPath>
    <path d="M3 1v30" stroke="var(--ink)" stroke-width="2.5" stroke-linecap="round" />
    <g :clip-path="`url(#${clip})`">
      <rect width="40" height="32" :fill="pennant.colour" />
      <path :d="pennant.pattern" stroke="#fff" stroke-width="4" fill="none" />
    </g>
    <path :d="pennant.shape" fill="none" stroke="var(--ink)" stroke-width="1.2" stroke-linejoin="round" />
  </svg>
</template>
