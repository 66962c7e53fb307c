<script setup lang="ts">
import { tensAndOnes } from '#core/contract/working'

/** A total as squares of a hundred, rods of ten and single ones, so that its size is seen and not only read. */
const { value } = defineProps<{ value: number }>()

const split = computed(() => tensAndOnes(value))
/** Squares at most: more could not be told apart. */
const MOST_HUNDREDS = 4
const hundreds = computed(() => Math.floor(Math.abs(split.value.tens) / 100))
const rods = computed(() => (Math.abs(split.value.tens) % 100) / 10)
const ones = computed(() => Math.abs(split.value.ones))
const says = computed(() => `${split.value.tens} and ${split.value.ones}`)
</script>

<template>
  <span
    v-if="hundreds <= MOST_HUNDREDS"
    class="inline-flex items-end gap-[3px] h-4"
    role="img"
    :aria-label="says"
    :title="says"
  >
    <i v-for="n in hundreds" :key="`h${n}`" class="size-4 rounded-[1px] bg-(--accent)" />
    <i v-if="hundreds && (rods || ones)" class="w-1" />
    <i v-for="n in rods" :key="`t${n}`" class="w-1 h-4 rounded-[1px] bg-(--accent)" />
    <i v-if="rods && ones" class="w-1" />
    <i v-for="n in ones" :key="`o${n}`" class="size-1 rounded-[1px] bg-(--ink-soft)" />
  </span>
</template>
