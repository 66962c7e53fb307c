<script setup lang="ts">
import { ABOUTS } from '#core/games/abouts'

useHead({ title: 'Rulebook · Nimble Tally' })
</script>

<template>
  <div class="space-y-5">
    <h1 class="text-3xl font-bold">Rulebook</h1>
    <ul class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
      <li v-for="{ id, about } in ABOUTS" :key="id">
        <NuxtLink :to="`/rulebook/${id}`" class="sheet block p-5 space-y-2 h-full hover:bg-(--accent-soft)">
          <h2 class="text-xl font-bold">{{ about.title }}</h2>
          <p>{{ about.line }}</p>
          <p class="text-sm text-(--ink-soft)">{{ about.seats.low }}–{{ about.seats.high }} players · {{ about.skills.join(', ') }}</p>
        </NuxtLink>
      </li>
    </ul>
  </div>
</template>
