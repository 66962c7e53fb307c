<script setup lang="ts">
import { GAMES } from '#core/games/index'

/** All games there are, to choose one. */
const { chosen } = defineProps<{ chosen: string }>()
const emit = defineEmits<{ choose: [id: string] }>()
</script>

<template>
  <fieldset>
    <legend class="text-xl font-bold display mb-2">Which game</legend>
    <div class="grid gap-3 sm:grid-cols-2">
      <label v-for="game in GAMES" :key="game.id" class="sheet p-4 cursor-pointer choice">
        <input type="radio" name="game" class="sr-only" :value="game.id" :checked="game.id === chosen" @change="emit('choose', game.id)" />
        <span class="flex items-baseline gap-3">
          <span class="text-xl font-bold display">{{ game.about.title }}</span>
          <UIcon v-if="game.id === chosen" name="i-lucide-circle-check" class="size-5 text-(--accent) ml-auto" />
        </span>
        <span class="block">{{ game.about.line }}</span>
        <span class="block text-sm text-(--ink-soft) mt-1">
          {{ game.about.seats.low }}–{{ game.about.seats.high }} players · {{ game.about.minutes.low }}–{{ game.about.minutes.high }} minutes ·
          {{ game.about.skills.join(', ') }}
        </span>
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
.choice:has(input:checked) {
  border: 3px solid var(--accent);
}
.choice:has(input:focus-visible) {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
}
</style>
