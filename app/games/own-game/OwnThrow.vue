<script setup lang="ts">
import type { OwnRules } from '#core/games/own-game/houseRules'

/** The newest throw of an own game, and the pot where there is one. */
const { rules, numbers, pot, secret } = defineProps<{
  rules: OwnRules
  numbers: readonly number[]
  pot: number
  secret: boolean
}>()
</script>

<template>
  <div class="flex flex-wrap items-center gap-3 min-h-12">
    <span v-if="numbers.length" class="flex flex-wrap items-center gap-1.5" role="group" aria-label="The throw">
      <template v-for="(number, i) in numbers" :key="i">
        <Die v-if="rules.brings.kind === 'dice'" :face="number" :sides="rules.brings.sides[i] ?? 6" size="2.8rem" />
        <PlayingCard v-else :value="number" size="2.8rem" />
      </template>
    </span>
    <p v-if="rules.throws === 'choice'" class="pot">
      pot <b class="figures text-2xl">{{ secret ? '?' : minus(pot) }}</b>
    </p>
  </div>
</template>

<style scoped>
.pot {
  padding: 0.2rem 0.8rem;
  border: 2px dashed var(--call);
  border-radius: 0.6rem;
}
</style>
