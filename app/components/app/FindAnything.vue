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
/** Everything found, shelf by shelf, and which of it is marked. */
const all = computed(() => shelves.value.flatMap(({ finds }) => finds))
const at = ref(0)
watch(text, () => (at.value = 0))
watch(
  open,
  (isOpen) => {
    if (!isOpen) return
    text.value = ''
    void load()
  },
  { immediate: true },
)

const placeOf = (shelf: number, i: number) =>
  shelves.value.slice(0, shelf).reduce((sum, { finds }) => sum + finds.length, 0) + i
function move(by: number) {
  const count = all.value.length
  if (count) at.value = (at.value + by + count) % count
}
/** To the first card of the next shelf, or of the one before. */
function turn(by: 1 | -1) {
  const starts = shelves.value.map((_, shelf) => placeOf(shelf, 0))
  const now = starts.findLastIndex((start) => start <= at.value)
  at.value = starts[(now + by + starts.length) % starts.length] ?? 0
}
</script>

<template>
  <USlideover
    v-model:open="open"
    side="top"
    title="Find anything"
    description="Tables, people, games, house rules, actions"
    :ui="{ content: 'max-h-[85dvh]', header: 'sr-only' }"
  >
    <template #body>
      <div class="drawer">
        <UInput
          v-model="text"
          size="xl"
          class="w-full"
          icon="i-lucide-search"
          placeholder="Tables, people, games, house rules …"
          role="combobox"
          aria-label="Find"
          aria-expanded="true"
          aria-controls="found"
          :aria-activedescendant="all.length ? `found-${at}` : undefined"
          autocomplete="off"
          @keydown.down.prevent="move(1)"
          @keydown.up.prevent="move(-1)"
          @keydown.tab.exact.prevent="turn(1)"
          @keydown.shift.tab.prevent="turn(-1)"
          @keydown.enter.prevent="all[at]?.run()"
        />
        <div id="found" class="shelves" role="listbox" aria-label="Found">
          <div v-for="(shelf, s) in shelves" :key="shelf.id" role="group" :aria-label="shelf.label" class="shelf">
            <p class="label" aria-hidden="true">{{ shelf.label }}</p>
            <div
              v-for="(find, i) in shelf.finds"
              :id="`found-${placeOf(s, i)}`"
              :key="i"
              role="option"
              :aria-selected="placeOf(s, i) === at"
              class="card"
              @mousemove="at = placeOf(s, i)"
              @click="find.run()"
            >
              <b><UIcon :name="find.icon" class="size-4 mr-1 inline-block align-[-2px]" />{{ find.label }}</b>
              <span>{{ find.more }}</span>
            </div>
          </div>
        </div>
        <p v-if="!all.length" role="status" class="p-4">Nothing of that name. Try a player, a game, or a house rule.</p>
      </div>
    </template>
  </USlideover>
</template>

<style scoped>
.drawer {
  display: grid;
  gap: 1rem;
}
.shelves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
  gap: 0.5rem 1.2rem;
  align-items: start;
}
.label {
  font: 700 1rem var(--font-display);
  color: var(--accent);
  border-bottom: 3px solid var(--accent);
  margin-bottom: 0.3rem;
}
.card {
  min-height: 2.75rem;
  padding: 0.3rem 0.5rem;
  border-left: 4px solid transparent;
  border-bottom: 1px solid var(--rule);
  cursor: pointer;
  line-height: 1.25;
}
.card span {
  display: block;
  font-size: 0.85rem;
  color: var(--ink-soft);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.card[aria-selected='true'] {
  border-left-color: var(--accent);
  background: var(--accent-soft);
}
</style>
