<script setup lang="ts">
import { isEqual } from 'ohash/utils'
import type { Game } from '#core/contract/game'
import { defaultRules, readHouseRules } from '#core/kernel/houseRules'

/** One side's house rules: a preset in one touch, or rule by rule. */
const { game, seats, label } = defineProps<{ game: Game; seats: number; label: string }>()
/** As named: what is left out is as usual. */
const rules = defineModel<Record<string, unknown>>({ required: true })

const usual = computed(() => defaultRules(game, seats, rules.value))
const all = computed(() => ({ ...usual.value, ...rules.value }))
const fields = computed(() => fieldsWith(game, usual.value))
const read = computed(() => readHouseRules(game, rules.value, seats))
const problemOf = (rule: string) => (read.value.ok ? undefined : ruleProblem(read.value.problems, rule, game))
const presets = computed(() => presetsFor(game, seats))
const open = ref(false)
const changed = computed(() => Object.keys(rules.value).length)
</script>

<template>
  <fieldset class="space-y-3">
    <legend class="contents">
      <span class="block font-bold text-lg">{{ label }}</span>
    </legend>
    <div class="flex flex-wrap gap-2">
      <Key
        v-if="!presets.some((preset) => isEqual(preset.rules, {}))"
        :aria-pressed="isEqual(rules, {})"
        @click="rules = {}"
        >As usual</Key
      >
      <Key
        v-for="preset in presets"
        :key="preset.id"
        :aria-pressed="isEqual(rules, preset.rules)"
        :title="preset.hint"
        @click="rules = { ...preset.rules }"
        >{{ preset.label }}</Key
      >
      <Key :aria-expanded="open || !read.ok" @click="open = !open"
        ><UIcon name="i-lucide-sliders-horizontal" class="size-5" /> {{ open ? 'Fold' : 'Rule by rule'
        }}{{ changed ? ` (${changed} changed)` : '' }}</Key
      >
    </div>
    <div v-if="open || !read.ok" class="grid gap-x-6 gap-y-4 sm:grid-cols-2">
      <RuleControl
        v-for="field in fields"
        :key="field.name"
        :model-value="all[field.name]"
        :field="field"
        :problem="problemOf(field.name)"
        :rules="all"
        @update:model-value="rules = { ...rules, [field.name]: $event }"
      />
    </div>
  </fieldset>
</template>
