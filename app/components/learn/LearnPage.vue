<script setup lang="ts">
import type { Game } from '#core/contract/game'

/** A page on which a game is learned: its picture as high as there is room, the keys below; or why there is none. */
const { game, ok } = defineProps<{
  game: Game | undefined
  /** Whether it can be played under the rules that were named. */
  ok: boolean
}>()
</script>

<template>
  <div v-if="game && ok" class="page"><slot /></div>
  <div v-else class="sheet p-8 m-8 max-w-xl mx-auto text-center space-y-4">
    <h1 class="text-2xl font-bold">{{ game ? 'These house rules can’t be played' : 'No such game' }}</h1>
    <Key to="/rulebook">All games</Key>
  </div>
</template>

<style scoped>
.page {
  height: 100dvh;
  display: flex;
  flex-direction: column;
}
</style>
