<script setup lang="ts">
import type { SelectMenuItem } from '@nuxt/ui'

/** One of a list that may be long: typed to, gone through with arrow keys, or touched. */
const {
  choices,
  label,
  placeholder = undefined,
} = defineProps<{
  /** What can be chosen, on shelves where those have names. */
  choices: readonly {
    readonly label?: string
    readonly items: readonly { readonly value: string; readonly label: string }[]
  }[]
  /** What is chosen here, for those who hear it. */
  label: string
  /** What stands there while nothing is chosen. */
  placeholder?: string
}>()
const value = defineModel<string>({ required: true })

const items = computed<SelectMenuItem[][]>(() =>
  choices.map((shelf) => [
    ...(shelf.label ? [{ type: 'label' as const, label: shelf.label }] : []),
    ...shelf.items.map(({ value: each, label: name }) => ({ value: each || ANY, label: name, type: 'item' as const })),
  ]),
)
/** What stands for no value at all, which a list can't hold. */
const ANY = ' '
const any = computed(() => choices.some((shelf) => shelf.items.some((item) => item.value === '')))
const chosen = computed(() => value.value || (any.value ? ANY : undefined))
/** So few are seen at once. */
const FEW = 7
const many = computed(() => choices.reduce((sum, shelf) => sum + shelf.items.length, 0) > FEW)
</script>

<template>
  <USelectMenu
    :model-value="chosen"
    :items="items"
    value-key="value"
    :placeholder="placeholder"
    :search-input="many && { placeholder: 'Type to find' }"
    :aria-label="label"
    @update:model-value="value = String($event).trim()"
  />
</template>
