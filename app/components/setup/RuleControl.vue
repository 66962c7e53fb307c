<script setup lang="ts">
import { isEqual } from 'ohash'
import type { RuleField } from '#core/ruleFields'

/** One house rule as a control that fits its kind. */
const { field, problem = undefined } = defineProps<{ field: RuleField; problem?: string }>()
const value = defineModel<unknown>({ required: true })

const id = useId()
const empty = computed(() => value.value === null)
const number = computed({
  get: () => (typeof value.value === 'number' ? value.value : undefined),
  set: (given) => (value.value = given ?? null),
})
const changed = computed(() => !isEqual(value.value, field.default))

const pack = computed(() => value.value as { low: number; high: number; copies: number })
const PARTS = [
  { part: 'low' as const, label: 'from' },
  { part: 'high' as const, label: 'to' },
  { part: 'copies' as const, label: 'of each' },
]
function setPack(part: 'low' | 'high' | 'copies', given: number | null | undefined) {
  if (typeof given === 'number') value.value = { ...pack.value, [part]: given }
}
/** A list of numbers as text; what is no number is left out, so that the judge sees whole numbers only. */
const numbers = computed({
  get: () => (Array.isArray(value.value) ? value.value.join(', ') : ''),
  set: (text) =>
    (value.value = text
      .split(/[^\d]+/)
      .filter(Boolean)
      .map(Number)),
})

function setEmpty(isEmpty: boolean) {
  value.value = isEmpty ? null : (field.suggest ?? 1)
}
</script>

<template>
  <div :data-rule="field.name">
    <p :id="id" class="font-bold flex items-center gap-2">
      {{ field.label }}
      <button
        v-if="changed"
        type="button"
        class="text-sm font-normal underline underline-offset-4 cursor-pointer"
        :aria-label="`${field.label}: back to the usual`"
        @click="value = field.default"
      >
        usual
      </button>
    </p>
    <div v-if="field.kind === 'number'" class="flex items-center gap-3 min-h-12">
      <USwitch v-if="field.none" :model-value="!empty" :aria-labelledby="id" @update:model-value="setEmpty(!$event)" />
      <span v-if="empty">{{ field.none }}</span>
      <UInputNumber v-else v-model="number" :min="field.least" :max="field.most" size="xl" class="w-40" :aria-labelledby="id" />
    </div>
    <div v-else-if="field.kind === 'number-or-word'" class="flex flex-wrap items-center gap-1.5" role="group" :aria-labelledby="id">
      <Key v-for="choice in field.choices" :key="choice.value" :aria-pressed="value === choice.value" @click="value = choice.value">{{ choice.label }}</Key>
      <Key v-if="field.none" :aria-pressed="empty" @click="value = null">{{ field.none }}</Key>
      <UInputNumber
        :model-value="number"
        :min="field.least"
        :max="field.most"
        size="xl"
        class="w-40"
        :placeholder="String(field.suggest ?? field.least ?? '')"
        :aria-labelledby="id"
        @update:model-value="typeof $event === 'number' && (value = $event)"
      />
    </div>
    <div v-else-if="field.kind === 'choice'" class="flex flex-wrap gap-1.5" role="radiogroup" :aria-labelledby="id">
      <label v-for="choice in field.choices" :key="choice.value" class="choice">
        <input v-model="value" type="radio" class="sr-only" :name="id" :value="choice.value" />{{ choice.label }}
      </label>
    </div>
    <div v-else-if="field.kind === 'pack'" class="flex flex-wrap gap-2">
      <label v-for="{ part, label } in PARTS" :key="part" class="text-sm">
        {{ label }}
        <UInputNumber
          :model-value="pack[part]"
          :min="part === 'copies' ? 1 : 0"
          :max="part === 'copies' ? 20 : 100"
          size="xl"
          class="w-28 block"
          :aria-label="`${field.label} ${label}`"
          @update:model-value="setPack(part, $event)"
        />
      </label>
    </div>
    <UInput v-else-if="field.kind === 'numbers'" v-model.lazy="numbers" size="xl" class="w-full" inputmode="numeric" :aria-labelledby="id" />
    <USwitch v-else-if="field.kind === 'yes-no'" :model-value="value === true" :aria-labelledby="id" @update:model-value="value = $event" />
    <p class="text-sm" :role="problem ? 'alert' : undefined" :class="problem ? 'text-(--refused) font-semibold' : 'text-(--ink-soft)'">
      {{ problem ?? field.hint }}
    </p>
  </div>
</template>

<style scoped>
.choice {
  display: inline-flex;
  align-items: center;
  min-height: 2.75rem;
  padding: 0 0.9rem;
  border: 1px solid var(--ui-border-accented);
  border-radius: 0.5rem;
  cursor: pointer;
  font-weight: 600;
}
.choice:has(input:checked) {
  background: var(--accent);
  color: var(--on-accent);
  border-color: var(--accent);
}
.choice:has(input:focus-visible) {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
}
</style>
