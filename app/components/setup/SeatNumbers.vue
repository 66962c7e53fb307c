<script setup lang="ts">
import type { RuleField } from '#core/kernel/ruleFields'

/** One number for everybody, or with a touch one for each: a shorter hand for whoever is younger. */
const { field, players } = defineProps<{ field: RuleField; players: readonly string[] }>()
const value = defineModel<unknown>({ required: true })

const each = computed(() => (Array.isArray(value.value) ? (value.value as readonly number[]) : null))
const usual = computed(() => (typeof field.default === 'number' ? field.default : (field.least ?? 1)))
function toggle() {
  value.value = each.value ? (each.value[0] ?? usual.value) : players.map(() => value.value ?? usual.value)
}
function put(at: number, given: number) {
  if (each.value) value.value = each.value.map((number, i) => (i === at ? given : number))
}
// Whoever sits down gets as many as usual; whoever leaves takes theirs along.
watch(
  () => players.length,
  (seats) => {
    if (each.value) value.value = Array.from({ length: seats }, (_, i) => each.value?.[i] ?? usual.value)
  },
)
</script>

<template>
  <div class="space-y-2">
    <Key :aria-pressed="each !== null" @click="toggle"
      ><UIcon name="i-lucide-users-round" class="size-5" /> Other for each</Key
    >
    <label v-for="(number, i) in each ?? []" :key="i" class="flex items-center gap-3">
      <NumberField
        :model-value="number"
        :min="field.least"
        :max="field.most"
        class="w-36"
        :aria-label="`${field.label}, ${players[i] ?? `player ${i + 1}`}`"
        @update:model-value="put(i, $event)"
      />
      {{ players[i] ?? `Player ${i + 1}` }}
    </label>
  </div>
</template>
