<script setup lang="ts">
/** A sentence of a recipe, with what is wrong with it below. */
const { problem = undefined } = defineProps<{ problem?: string }>()
</script>

<template>
  <li class="py-1.5">
    <div class="flex flex-wrap items-center text-lg leading-loose"><slot /></div>
    <p v-if="problem" role="alert" class="text-(--refused) font-semibold">{{ problem }}</p>
  </li>
</template>
