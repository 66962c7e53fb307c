<script setup lang="ts">
definePageMeta({ layout: 'desk' })

const route = useRoute()
const id = computed(() => String(route.params.id))
</script>

<template>
  <MatchDesk :id="id" :key="id" />
</template>
