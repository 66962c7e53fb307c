<script setup lang="ts">
/** In which game somebody asks whether they may. */
useHead({ title: 'May I? · Nimble Tally' })
</script>

<template>
  <div class="space-y-4">
    <header>
      <h1 class="text-3xl font-bold">May I?</h1>
      <p class="text-lg">One question, no match: say what lies there and what somebody wants to play.</p>
    </header>
    <GameFinder>
      <template #default="{ fit, why, players }">
        <NuxtLink
          :to="learnPath('may-i', fit.id, fit.kept?.houseRules)"
          class="sheet block p-3 h-full hover:bg-(--accent-soft)"
          ><GameCard :id="fit.id" :players="players" :about="fit.about" :kept="fit.kept" :why="why"
        /></NuxtLink>
      </template>
    </GameFinder>
  </div>
</template>
