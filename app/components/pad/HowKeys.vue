<script setup lang="ts">
import { HOWS, type How, type Explained } from '#core/contract/plays'
import { HOW_NAMES } from '#core/wording/mastery'

/** One touch for how a player explained. A child may always pass on explaining aloud. */
const { required } = defineProps<{ required: boolean }>()
const told = defineModel<Explained>({ required: true })

function choose(how: How) {
  told.value = told.value.how === how ? {} : { explained: true, how }
}
</script>

<template>
  <fieldset class="how-row">
    <legend class="contents">
      <span class="text-sm font-semibold mr-1">{{ required ? 'How? (needed)' : 'How?' }}</span>
    </legend>
    <button
      v-for="how in HOWS"
      :key="how"
      type="button"
      class="how"
      :aria-pressed="told.how === how"
      @mousedown.prevent
      @click="choose(how)"
    >
      {{ HOW_NAMES[how] }}
    </button>
  </fieldset>
</template>

<style scoped>
/* One row: on a phone it is pushed sideways. */
.how-row {
  display: flex;
  gap: 0.25rem;
  align-items: center;
  overflow-x: auto;
  scrollbar-width: none;
  white-space: nowrap;
}
.how {
  min-height: 2.75rem;
  padding: 0 0.6rem;
  border: 1px solid var(--rule);
  border-radius: 2rem;
  background: var(--sheet);
  cursor: pointer;
  font-size: 0.9rem;
}
.how[aria-pressed='true'] {
  background: var(--accent);
  color: var(--on-accent);
  border-color: var(--accent);
}
</style>
