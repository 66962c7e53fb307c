<script setup lang="ts">
/** What is said of a try that is not so, before it is a play. */
const { on } = defineProps<{ on: boolean }>()
</script>

<template>
  <p v-if="on" role="status" class="self-center font-semibold text-(--refused)">Not yet. Look at it once more.</p>
</template>
