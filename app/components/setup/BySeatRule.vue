<script setup lang="ts">
import type { CommonRules } from '#core/contract/commonRules'

/** Answers and explaining for one player other than for the table: the same for everyone until a name is touched. */
const { names, answers } = defineProps<{
  /** Who sits where. */
  names: readonly string[]
  /** Whether answers are asked for at all. */
  answers: boolean
}>()
type BySeat = CommonRules['bySeat']
const value = defineModel<BySeat>({ required: true })

const ANSWERS = [
  { value: '', label: 'As the table' },
  { value: 'off', label: 'Not asked' },
  { value: 'noted', label: 'Noted' },
  { value: 'must-be-right', label: 'Must be right' },
] as const
const EXPLAIN = [
  { value: '', label: 'As the table' },
  { value: 'off', label: 'Need not' },
  { value: 'invited', label: 'Invited' },
  { value: 'required', label: 'Required' },
] as const
const own = (seat: number) => value.value[String(seat)]
function put(seat: number, changes: Partial<BySeat[string]>) {
  const { [String(seat)]: before, ...others } = value.value
  const now = Object.fromEntries(Object.entries({ ...before, ...changes }).filter(([, to]) => to))
  value.value = Object.keys(now).length ? { ...others, [String(seat)]: now } : others
}
const toggle = (seat: number) => put(seat, own(seat) ? { answers: undefined, explain: undefined } : { explain: 'off' })
</script>

<template>
  <div class="space-y-2" role="group" aria-label="Other for one player">
    <div class="flex flex-wrap gap-1.5">
      <Key v-for="(name, i) in names" :key="i" :aria-pressed="Boolean(own(i + 1))" @click="toggle(i + 1)">{{
        name
      }}</Key>
    </div>
    <template v-for="(name, i) in names" :key="i">
      <div v-if="own(i + 1)" class="space-y-1 border-l-4 border-(--accent) pl-3">
        <ChoiceRow
          :model-value="own(i + 1)?.explain ?? ''"
          :label="`${name} explains`"
          :choices="EXPLAIN"
          @update:model-value="put(i + 1, { explain: $event || undefined })"
        />
        <ChoiceRow
          v-if="answers"
          :model-value="own(i + 1)?.answers ?? ''"
          :label="`${name} answers`"
          :choices="ANSWERS"
          @update:model-value="put(i + 1, { answers: $event || undefined })"
        />
      </div>
    </template>
    <p v-if="!Object.keys(value).length" class="font-semibold">The same for everyone.</p>
  </div>
</template>
