<script setup lang="ts">
import { aboutOf } from '#core/games/abouts'

/** The other tables in the room, one touch or Alt and a digit away; a hand where the referee is needed. */
const { current } = defineProps<{ current: string }>()

const { matches, state } = useMatches()
const tables = computed(() => matches.value.filter((match) => !match.over && match.id !== current).slice(0, 9))
const title = (game: string) => aboutOf(game)?.title ?? game
const nextName = (match: (typeof tables.value)[number]) => {
  const seat = match.summary.awaits?.seats[0]
  return seat ? match.seats[seat - 1]?.name : ''
}

useEventListener('keydown', (event: KeyboardEvent) => {
  const digit = /^Digit([1-9])$/.exec(event.code)?.[1]
  if (!digit || !event.altKey || event.ctrlKey || event.metaKey) return
  event.preventDefault()
  void switchTo(Number(digit))
})

let gone = false
onBeforeUnmount(() => (gone = true))

/** A key pressed while the list is still on its way counts as soon as it is there. */
async function switchTo(place: number) {
  await until(state).not.toBe('loading')
  const table = tables.value[place - 1]
  if (table && !gone) await navigateTo(`/match/${table.id}`)
}
</script>

<template>
  <nav v-if="tables.length" class="flex gap-2 overflow-x-auto pb-1" aria-label="Other tables">
    <NuxtLink v-for="(table, i) in tables" :key="table.id" :to="`/match/${table.id}`" class="table" :title="`Alt + ${i + 1}`">
      <UIcon v-if="table.summary.slip" name="i-lucide-hand" class="size-4 text-(--call)" aria-label="needs the referee" />
      <b class="display">{{ title(table.game) }}</b>
      <span class="text-(--ink-soft)">{{ nextName(table) }}</span>
    </NuxtLink>
  </nav>
</template>

<style scoped>
.table {
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 2.75rem;
  padding: 0 0.8rem;
  border: 1px solid var(--rule);
  border-radius: 0.5rem;
  white-space: nowrap;
}
.table:hover {
  background: var(--accent-soft);
}
</style>
