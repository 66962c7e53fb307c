<script setup lang="ts">
const route = useRoute()
const id = computed(() => String(route.params.id))
</script>

<template>
  <MatchDesk :id="id" :key="id" />
</template>
