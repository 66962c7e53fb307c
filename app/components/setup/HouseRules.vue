<script setup lang="ts">
import type { Setup } from '~/composables/useSetup'

/** The house rules as controls, drawn from the game's own schema; presets set several at once. */
const { setup } = defineProps<{ setup: Setup }>()

const { game, fields, rules } = setup
</script>

<template>
  <fieldset class="sheet p-4 space-y-4">
    <legend class="contents"><span class="block text-xl font-bold display">House rules</span></legend>
    <div v-if="game.presets.length" class="flex flex-wrap gap-2">
      <button v-for="preset in game.presets" :key="preset.id" type="button" class="key" :title="preset.hint" @click="setup.usePreset({ ...preset.rules })">
        {{ preset.label }}
      </button>
    </div>
    <div class="grid gap-x-6 gap-y-4 sm:grid-cols-2">
      <RuleControl v-for="field in fields" :key="field.name" v-model="rules[field.name]" :field="field" :problem="setup.problemOf(field.name)" />
    </div>
  </fieldset>
</template>
