<script setup lang="ts">
useHead({ title: 'Rulebook · Nimble Tally' })
</script>

<template>
  <div class="space-y-4">
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl font-bold mr-auto">Rulebook</h1>
      <Key to="/may-i"><UIcon name="i-lucide-circle-help" class="size-5" /> May I?</Key>
      <Key to="/choices"><UIcon name="i-lucide-table-2" class="size-5" /> Choice board</Key>
    </header>
    <GameFinder>
      <template #default="{ fit, why, players }">
        <NuxtLink
          :to="fit.kept ? `/workshop?kept=${fit.kept.id}` : `/rulebook/${fit.id}`"
          class="sheet block p-3 h-full hover:bg-(--accent-soft)"
          ><GameCard :id="fit.id" :players="players" :about="fit.about" :kept="fit.kept" :why="why"
        /></NuxtLink>
      </template>
    </GameFinder>
  </div>
</template>
