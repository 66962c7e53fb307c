<script setup lang="ts">
/**
 * A drawer at the head of the page, like one of a card index: a line to type in, and what is found laid out side by
 * side on its shelves. Arrow keys go through it, Enter takes what is marked.
 */
const open = defineModel<boolean>('open', { required: true })

const text = ref('')
const { shelves, load } = useFinder(
  () => text.value,
  () => (open.value = false),
)
watch(
  open,
  (isOpen) => {
    if (!isOpen) return
    text.value = ''
    void load()
  },
  { immediate: true },
)

/** Every word must occur, give or take a letter; what has them in its name comes first. */
const FUSE = {
  fuseOptions: {
    ignoreLocation: true,
    useExtendedSearch: true,
    threshold: 0.25,
    keys: [{ name: 'label', weight: 3 }, 'all'],
  },
  // All that is found, so that no shelf crowds the others out; each shows its first ones.
  resultLimit: 5000,
  matchAllWhenSearchEmpty: true,
}
const LINE = { maxlength: 80, 'aria-label': 'Look up' }
const SHELVES = {
  root: 'divide-y-0 gap-3',
  input: '[&>input]:h-14 [&>input]:text-xl border-2 border-(--ui-border-accented) rounded-md bg-(--sheet)',
  content: 'max-h-[65dvh]',
  viewport: 'grid grid-cols-[repeat(auto-fit,minmax(13rem,1fr))] gap-x-5 gap-y-2 items-start divide-y-0 p-1',
  group: 'p-0',
  label: 'p-0 mb-1 text-lg font-bold font-(family-name:--font-display) text-(--accent) border-b-3 border-(--accent)',
  item: [
    'min-h-11 px-2 py-1 gap-1.5 border-l-4 border-transparent before:hidden cursor-pointer text-(--ink)',
    'data-highlighted:border-(--accent) data-highlighted:bg-(--accent-soft)',
  ].join(' '),
  itemLeadingIcon: 'size-4 mt-1 text-current',
  itemLabel: 'font-bold whitespace-normal leading-snug',
  itemDescription: 'text-sm text-(--ink-soft)',
}
</script>

<template>
  <USlideover
    v-model:open="open"
    side="top"
    title="Look up"
    description="Tables, people, games, house rules, actions"
    :ui="{ content: 'max-h-[90dvh]', header: 'sr-only' }"
  >
    <template #body>
      <UCommandPalette
        v-model:search-term="text"
        :groups="shelves"
        :fuse="FUSE"
        :input="LINE"
        placeholder="Tables, people, games, house rules …"
        :ui="SHELVES"
      >
        <template #empty
          ><span role="status">Nothing of that name. Try a player, a game, or a house rule.</span></template
        >
      </UCommandPalette>
    </template>
  </USlideover>
</template>
