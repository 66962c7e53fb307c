<script setup lang="ts">
import { GAMES } from '#core/games/index'

useHead({ title: 'Rulebook · Nimble Tally' })
</script>

<template>
  <div class="space-y-5">
    <h1 class="text-3xl font-bold">Rulebook</h1>
    <ul class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
      <li v-for="game in GAMES" :key="game.id">
        <NuxtLink :to="`/rulebook/${game.id}`" class="sheet block p-5 space-y-2 h-full hover:bg-(--accent-soft)">
          <h2 class="text-xl font-bold">{{ game.about.title }}</h2>
          <p>{{ game.about.line }}</p>
          <p class="text-sm text-(--ink-soft)">{{ game.about.seats.low }}–{{ game.about.seats.high }} players · {{ game.about.skills.join(', ') }}</p>
        </NuxtLink>
      </li>
    </ul>
  </div>
</template>
