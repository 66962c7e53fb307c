<script setup lang="ts">
/** The digits of a throw, touched in the order in which they make the number. */
const { numbers } = defineProps<{ numbers: readonly number[] }>()
const order = defineModel<readonly number[]>({ required: true })
</script>

<template>
  <div class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Digits in order">
    <Key
      v-for="(digit, place) in numbers"
      :key="place"
      class="figures text-2xl"
      :why="order.includes(place) && 'This digit stands in the number.'"
      :aria-label="`Digit ${digit}, ${place + 1} of ${numbers.length}`"
      @click="order = [...order, place]"
      >{{ digit }}</Key
    >
    <b class="figures text-3xl px-2 min-h-9">{{ order.map((place) => numbers[place]).join('') || '…' }}</b>
  </div>
</template>
