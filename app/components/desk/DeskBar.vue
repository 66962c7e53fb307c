<script setup lang="ts">
import type { MatchStore } from '~/stores/match'
import type { SheetName } from '~/composables/useSheets'

/** The desk's uppermost line: which match, how far it is, the clocks, and taking back. */
const { id, store, title, round, undoable, redoable, more } = defineProps<{
  id: string
  store: MatchStore
  title: string
  /** How far the match is, in words; empty where there is nothing to say of it. */
  round: string
  undoable: boolean
  redoable: boolean
  /** What is needed less often is open. */
  more: boolean
}>()
const emit = defineEmits<{ undo: []; redo: []; sheet: [name: SheetName] }>()

const { helping, settling } = useDesk()
const moreKey = useTemplateRef<{ $el: HTMLElement }>('moreKey')
defineExpose({ moreKey: computed(() => moreKey.value?.$el) })
</script>

<template>
  <header class="bar" :class="{ settling }">
    <span v-if="helping" class="home" title="You help at this table"
      ><img src="/mark.svg" alt="" class="size-8"
    /></span>
    <NuxtLink v-else to="/" class="home" aria-label="Nimble Tally, all matches" title="All matches"
      ><img src="/mark.svg" alt="" class="size-8"
    /></NuxtLink>
    <div class="titles">
      <h1>
        {{ title }}<span v-if="store.match?.name" class="table-name">{{ store.match.name }}</span>
      </h1>
      <p v-if="round" class="round">{{ round }}</p>
    </div>
    <ClockFace :store="store" :still="helping" />
    <RoomTime :store="store" />
    <DeskStatus :store="store" />
    <p v-if="helping" class="others helper">
      <UIcon name="i-lucide-hand-helping" class="size-5" /> <span class="word">You help here</span>
    </p>
    <TableSwitcher v-else :current="id" class="others" />
    <div class="acts">
      <Key
        :why="!undoable && (helping ? 'A helper takes back the newest play alone.' : 'There is nothing to take back.')"
        title="Take back the newest entry (Z)"
        aria-label="Take back"
        @click="emit('undo')"
        ><UIcon name="i-lucide-undo-2" class="size-5" /> <span class="word">Take back</span></Key
      >
      <Key
        v-if="!helping"
        :why="!redoable && 'There is nothing to bring back.'"
        aria-label="Bring back"
        title="Bring back what was taken back (Y)"
        @click="emit('redo')"
        ><UIcon name="i-lucide-redo-2" class="size-5"
      /></Key>
      <VeilSwitch v-if="!helping" :store="store" small class="veil" />
      <Key aria-label="Agreed house rules" title="What is agreed (V)" @click="emit('sheet', 'agreed')"
        ><UIcon name="i-lucide-scroll-text" class="size-5"
      /></Key>
      <Key
        v-if="helping"
        aria-label="Stop helping here"
        title="Stop helping here"
        @click="navigateTo({ path: '/help', state: { stop: true } })"
        ><UIcon name="i-lucide-log-out" class="size-5"
      /></Key>
      <Key
        v-else
        ref="moreKey"
        aria-label="More"
        aria-haspopup="menu"
        :aria-expanded="more"
        title="More (M)"
        @click="emit('sheet', 'more')"
        ><UIcon name="i-lucide-ellipsis" class="size-5"
      /></Key>
    </div>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 0.3rem 1rem;
  min-width: 0;
}
.titles {
  display: flex;
  align-items: center;
  gap: 0.3rem 1rem;
  min-width: 0;
}
.bar h1 {
  flex: 0 1 auto;
  min-width: 4rem;
  font-size: 1.45rem;
  font-weight: 700;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.others {
  flex: 1 100 0;
}
.helper {
  display: inline-flex;
  align-items: center;
  gap: 0.4rem;
  white-space: nowrap;
  font-weight: 600;
  color: var(--accent);
}
.home {
  flex-shrink: 0;
  display: grid;
  place-items: center;
  min-width: 2.75rem;
  min-height: 2.75rem;
}
.round {
  flex: 0 1 auto;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 600;
  color: var(--ink-soft);
}
.table-name {
  margin-left: 0.7rem;
  padding: 0.05rem 0.7rem;
  font-size: 1.05rem;
  border: 2px solid var(--accent);
  border-radius: 0.2rem 0.9rem 0.9rem 0.2rem;
  color: var(--accent);
}
.acts {
  display: flex;
  gap: 0.35rem;
  margin-left: auto;
  flex-shrink: 0;
}
.settling .acts {
  pointer-events: none;
}
/* Narrow: a line of its own, since between the others it would be as narrow as a word, and taller than there is room. */
@media (max-width: 59.99rem) {
  .bar:has(> .status) {
    flex-wrap: wrap;
  }
  .bar > .status {
    order: 1;
    flex-basis: 100%;
    max-height: 2.6rem;
    overflow-y: auto;
  }
}
/* Below each other, in as many lines as it takes: what is half a word says nothing. */
@media (max-width: 59.99rem) {
  .titles {
    display: block;
    line-height: 1.05;
  }
  .bar h1 {
    font-size: 1.2rem;
  }
  .bar h1,
  .round {
    white-space: normal;
    overflow: visible;
  }
}
/* Small: signs alone; what they say is still read out. */
@media (max-width: 59.99rem) and (max-height: 55.99rem) {
  .bar {
    gap: 0.3rem 0.5rem;
  }
  .bar h1 {
    font-size: 1rem;
  }
  .round {
    font-size: 0.82rem;
  }
  .table-name {
    display: none;
  }
  .acts .word {
    display: none;
  }
  .helper {
    flex: 0 0 auto;
  }
  .helper .word {
    position: absolute;
    clip-path: inset(50%);
  }
  .acts .key {
    padding: 0 0.5rem;
    min-width: 2.75rem;
    min-height: 2.75rem;
  }
}
/* Where there is little room it stands under More alone. */
@media (max-width: 63.99rem), (max-height: 34rem) {
  .veil {
    display: none;
  }
}
</style>
