<script setup lang="ts">
import { matchTitle } from '#core/games/titles'
import type { ListedMatch } from '#shared/api'
import { byMade } from '#shared/order'

/**
 * The other tables in the room (the nine played last), in the order in which they were set up; one touch or Alt and a
 * digit away. A hand where the referee is needed.
 */
const { current } = defineProps<{ current: string }>()

const { matches, state } = useMatches('live', 40)
const tables = computed(() =>
  matches.value
    .filter((match) => !match.over && match.id !== current)
    .sort((a, b) => b.updatedAt.localeCompare(a.updatedAt))
    .slice(0, 9)
    .sort(byMade),
)
/** What a table is called: its name, else who sits there. */
const called = (match: ListedMatch) => match.name || match.seats.map(({ name }) => name).join(', ')

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
  <nav v-if="tables.length" class="switcher" aria-label="Other tables">
    <NuxtLink
      v-for="(table, i) in tables"
      :key="table.id"
      :to="`/match/${table.id}`"
      class="table"
      :class="{ needs: table.summary.slip }"
      :title="`${matchTitle(table)}: ${table.seats.map(({ name }) => name).join(', ')} (Alt + ${i + 1})`"
    >
      <UIcon v-if="table.summary.slip" name="i-lucide-hand" class="size-4 shrink-0" aria-label="needs the referee" />
      <span class="figures text-xs">{{ i + 1 }}</span>
      <b class="display">{{ called(table) }}</b>
    </NuxtLink>
  </nav>
</template>

<style scoped>
.switcher {
  display: flex;
  gap: 0.35rem;
  overflow-x: auto;
  scrollbar-width: thin;
  min-width: 0;
}
.table {
  display: inline-flex;
  align-items: center;
  gap: 0.35rem;
  min-height: 2.75rem;
  max-width: 12rem;
  flex-shrink: 0;
  padding: 0 0.6rem;
  border: 1px solid var(--rule);
  border-radius: 0.5rem;
  white-space: nowrap;
  font-size: 0.9rem;
}
.table b {
  overflow: hidden;
  text-overflow: ellipsis;
}
.table:hover {
  background: var(--accent-soft);
}
.needs {
  border: 2px solid var(--call);
  color: var(--call);
  background: var(--call-soft);
}
/* Where there is no room to spare the tables are on the page of all matches, and in More. */
@media (max-width: 47.99rem) {
  .switcher {
    display: none;
  }
}
</style>
