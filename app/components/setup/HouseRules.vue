<script setup lang="ts">
import type { Setup } from '~/composables/useSetup'

/** The house rules as controls, drawn from the game's own schema; presets set several at once. On a phone they are folded. */
const { setup } = defineProps<{ setup: Setup }>()

const { game, fields, rules, seats } = setup
/** Those for as many as play. */
const presets = computed(() => presetsFor(game.value, seats.value.length))
/** Where a recipe is made, with what stands here to begin with. */
const workshop = computed(() => `/workshop?rules=${encodeURIComponent(JSON.stringify(setup.named.value))}`)
const wide = useMediaQuery('(min-width: 40rem)')
const open = ref(false)
const unfolded = computed(() => wide.value || open.value || fields.value.some(({ name }) => setup.problemOf(name)))
</script>

<template>
  <fieldset class="sheet p-4 space-y-4">
    <legend class="contents"><span class="block text-xl font-bold display">House rules</span></legend>
    <div v-if="presets.length" class="flex flex-wrap gap-2">
      <Key
        v-for="preset in presets"
        :key="preset.id"
        :title="preset.hint"
        @click="setup.usePreset({ ...preset.rules })"
        >{{ preset.label }}</Key
      >
    </div>
    <Key v-if="game.about.titled" :to="workshop"
      ><UIcon name="i-lucide-hammer" class="size-5" /> Make it in the workshop</Key
    >
    <NamedRulesKeys :setup="setup" />
    <Key v-if="!wide" :aria-expanded="unfolded" class="w-full" @click="open = !open"
      ><UIcon name="i-lucide-sliders-horizontal" class="size-5" />
      {{ unfolded ? 'Fold the house rules' : 'Change a house rule' }}</Key
    >
    <div v-if="unfolded" class="grid gap-x-6 gap-y-4 sm:grid-cols-2">
      <RuleControl
        v-for="field in fields"
        :key="field.name"
        v-model="rules[field.name]"
        :field="field"
        :problem="setup.problemOf(field.name)"
        :rules="rules"
        :players="seats.map(({ name }, i) => name.trim() || `Player ${i + 1}`)"
      />
    </div>
  </fieldset>
</template>
