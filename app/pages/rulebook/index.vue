<script setup lang="ts">
useHead({ title: 'Rulebook · Nimble Tally' })
</script>

<template>
  <div class="space-y-4">
    <h1 class="text-3xl font-bold">Rulebook</h1>
    <GameFinder>
      <template #default="{ fit, why }">
        <NuxtLink :to="`/rulebook/${fit.id}`" class="sheet block p-3 h-full hover:bg-(--accent-soft)"><GameCard :about="fit.about" :why="why" /></NuxtLink>
      </template>
    </GameFinder>
  </div>
</template>
