<script setup lang="ts">
import type { OwnRules } from '#core/games/own-game/houseRules'
import { sayWay } from '#core/games/own-game/sayRecipe'

/** The ways to use a throw, where there are several. */
const { rules } = defineProps<{ rules: OwnRules }>()
const way = defineModel<number | null>({ required: true })
</script>

<template>
  <div class="flex flex-wrap gap-1.5" role="group" aria-label="How it is used">
    <Key v-for="(each, i) in rules.ways" :key="i" :aria-pressed="way === i + 1" @click="way = i + 1">{{
      sayWay(rules, each)
    }}</Key>
  </div>
</template>
