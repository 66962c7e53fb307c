<script setup lang="ts">
import { isEqual } from 'ohash/utils'
import { readEntry } from '#core/contract/entries'
import { sayEntry } from '#core/wording/index'
import type { MatchStore } from '~/stores/match'

/** Somebody else recorded first: what came in between, and whether to send one's own after all. */
const { store } = defineProps<{ store: MatchStore }>()

function says(raw: unknown): string {
  const entry = readEntry(raw)
  const table = store.tape!.table
  const play = entry.kind === 'play' ? table.game.play.safeParse(entry.play) : null
  return sayEntry(table, { entry, raw, play: play?.success ? play.data : null, before: store.tape!.state })
}
const between = computed(() => store.conflict?.between ?? [])
/** Somebody else recorded just that: there is nothing left to send. */
const same = computed(() =>
  store.waiting.every((mine) => between.value.some(({ entry }) => isEqual(entry, mine.entry))),
)
</script>

<template>
  <section
    class="sheet border-2 !border-(--call) p-4 space-y-3"
    role="alertdialog"
    aria-label="Somebody else recorded first"
  >
    <div class="flex items-center gap-3">
      <Stamp kind="call" />
      <h2 class="font-bold text-lg">Somebody else recorded first</h2>
    </div>
    <ul class="list-disc pl-6">
      <li v-for="entry in between" :key="entry.id">{{ entry.number }}: {{ says(entry.entry) }}</li>
    </ul>
    <p>Yours was:</p>
    <ul class="list-disc pl-6">
      <li v-for="entry in store.waiting" :key="entry.id">{{ says(entry.entry) }}</li>
    </ul>
    <div class="flex gap-2 flex-wrap">
      <template v-if="same">
        <Key main @click="store.settle('drop')">That is the same: it stands already</Key>
        <Key @click="store.settle('send')">It happened twice: send mine too</Key>
      </template>
      <template v-else>
        <Key main @click="store.settle('send')">Send mine after it</Key>
        <Key @click="store.settle('drop')">Drop mine</Key>
      </template>
    </div>
  </section>
</template>
