<script setup lang="ts">
/** A blank where a number stands, or nothing. */
const {
  label,
  min = -10_000,
  max = 10_000,
  none = undefined,
  suggest = 10,
  unit = '',
} = defineProps<{
  label: string
  min?: number
  max?: number
  /** What is said where there is none; left out where there must be one. */
  none?: string
  suggest?: number
  /** Written behind the number. */
  unit?: string
}>()
const value = defineModel<number | null>({ required: true })
const text = computed(() => (value.value === null ? (none ?? '…') : `${minus(value.value)}${unit}`))
</script>

<template>
  <Blank :text="text" :label="label">
    <USwitch
      v-if="none"
      :model-value="value !== null"
      :label="label"
      @update:model-value="value = $event ? suggest : null"
    />
    <NumberField
      v-if="value !== null"
      :model-value="value"
      :min="min"
      :max="max"
      class="w-44"
      :aria-label="label"
      @update:model-value="value = $event"
    />
  </Blank>
</template>
