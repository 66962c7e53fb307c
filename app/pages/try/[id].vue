<script setup lang="ts">
import { rulesFit } from '~/utils/houseRules'

/** Whoever is to referee plays one match against bots first. */
definePageMeta({ layout: 'desk' })
const { view, game, houseRules, key, seats, back } = await useLearning()
const ok = game !== undefined && rulesFit(game, houseRules, seats)
</script>

<template>
  <TryOut
    v-if="view && game && ok"
    :view="view"
    :house-rules="houseRules"
    :seats="seats"
    :match-key="key"
    :back="back"
  />
  <LearnPage v-else :game="game" :ok="false" />
</template>
