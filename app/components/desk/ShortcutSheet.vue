<script setup lang="ts">
/** All keys at a glance. */
const { shortcuts } = defineProps<{ shortcuts: readonly (readonly [string, string])[] }>()
const open = defineModel<boolean>('open', { required: true })

const COMMON: readonly (readonly [string, string])[] = [
  ['Enter', 'record what is entered'],
  ['Z', 'take back the newest entry'],
  ['Y', 'bring it back'],
  ['L', 'look back; then the arrow keys step, Esc leaves'],
  ['R', 'a ruling'],
  ['V', 'what is agreed'],
  ['M', 'more: ending, exports, sound'],
  ['B', 'the board view’s link'],
  ['Alt + 1 … 9', 'another table'],
  ['Ctrl + K', 'find anything'],
  ['/', 'go to the quick line; Esc leaves it'],
  ['?', 'this sheet'],
]
const rows = computed(() => [...shortcuts, ...COMMON])
</script>

<template>
  <DeskSheet v-model:open="open" title="Shortcuts" description="The desk by keyboard">
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2 items-center">
      <template v-for="[key, what] in rows" :key="key">
        <dt>
          <UKbd>{{ key }}</UKbd>
        </dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </DeskSheet>
</template>
