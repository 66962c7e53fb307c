<script setup lang="ts">
/**
 * Where everything at the desk has its place, at every size. What is put in carries the name of its place as its class:
 * `bar`, `seats`, `dock`; `side-tape` and `side-eye` in the side. On a phone tape and eye are behind tabs.
 */
const { entries } = defineProps<{
  /** How many entries the tape has. */
  entries: number
}>()
const tab = defineModel<DeskTab>('tab', { required: true })

const { made, settling } = useDesk()
const root = useTemplateRef<HTMLElement>('root')
useSecondTouch(root, made)
const small = useLittleRoom()
/** One of several that are shown in the same place; elsewhere a part like any other. */
const panel = (name: string) => (small.value ? { role: 'tabpanel', 'aria-label': name } : {})
</script>

<script lang="ts">
export type DeskTab = 'table' | 'tape' | 'eye'
</script>

<template>
  <div ref="root" class="desk" :class="{ settling }" :data-tab="tab">
    <slot name="top" />
    <div class="tabs"><LazyDeskTabs v-if="small" v-model="tab" :entries="entries" /></div>
    <div class="stage" v-bind="panel('Table')"><slot name="stage" /></div>
    <slot name="dock" />
    <aside class="side" v-bind="panel(tab === 'eye' ? 'Eye' : 'Tape')"><slot name="side" /></aside>
    <slot />
  </div>
</template>

<style scoped>
.desk {
  height: 100dvh;
  display: grid;
  gap: 0.5rem 0.9rem;
  padding: 0.5rem 0.8rem;
  max-width: 110rem;
  margin: 0 auto;
  grid-template-columns: minmax(0, 1fr) clamp(17rem, 27vw, 24rem);
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  grid-template-areas: 'bar bar' 'seats side' 'stage side' 'dock side';
}
:slotted(.bar) {
  grid-area: bar;
}
:slotted(.seats) {
  grid-area: seats;
}
.tabs {
  display: none;
}
.stage {
  grid-area: stage;
  position: relative;
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
  min-height: 0;
}
:slotted(.dock) {
  grid-area: dock;
}
.side {
  grid-area: side;
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  min-height: 0;
}
:slotted(.side-tape) {
  flex: 1 1 0;
  min-height: 8rem;
}
:slotted(.side-eye) {
  flex: 0 1 auto;
  max-height: 55%;
  overflow-y: auto;
}
/* A second touch right after recording is no play: for a moment nothing under the finger takes one. */
.settling .stage,
.settling :slotted(.dock) {
  pointer-events: none;
}
/* Tall and narrow: tape and eye lie below. */
@media (max-width: 59.99rem) and (min-height: 56rem) {
  .desk {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto auto minmax(0, 1fr) auto minmax(9rem, 22dvh);
    grid-template-areas: 'bar' 'seats' 'stage' 'dock' 'side';
  }
  .side {
    flex-direction: row;
  }
  :slotted(.side-tape),
  :slotted(.side-eye) {
    flex: 1 1 50%;
    max-height: none;
    min-height: 0;
  }
}
/* Small: the tape and the eye are a touch away, in the table's place. */
@media (max-width: 59.99rem) and (max-height: 55.99rem) {
  .desk {
    padding: 0.3rem 0.4rem;
    gap: 0.3rem;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto auto auto minmax(0, 1fr) auto;
    grid-template-areas: 'bar' 'seats' 'tabs' 'stage' 'dock';
  }
  .tabs {
    grid-area: tabs;
    display: block;
    min-height: 2.75rem;
  }
  .side {
    grid-area: stage;
  }
  .desk[data-tab='table'] .side,
  .desk[data-tab='tape'] :slotted(.side-eye),
  .desk[data-tab='eye'] :slotted(.side-tape),
  .desk:not([data-tab='table']) .stage {
    visibility: hidden;
    pointer-events: none;
  }
  .desk[data-tab='eye'] :slotted(.side-eye) {
    max-height: none;
    order: -1;
  }
  .desk[data-tab='eye'] :slotted(.side-tape) {
    flex: 0 0 0;
    min-height: 0;
  }
}
/* As low as a phone held sideways: tabs stand in the bar, the pad beside the table; the quick line comes when it is asked for (/). */
@media (max-height: 34rem) and (max-width: 59.99rem) {
  .desk {
    grid-template-columns: 46% minmax(0, 1fr) auto;
    grid-template-rows: auto auto minmax(0, 1fr) auto;
    grid-template-areas: 'bar bar tabs' 'seats seats seats' 'stage dock dock' 'verdict dock dock';
  }
  /* Nothing is entered any more: what is announced has the whole width. */
  .desk:not(:has(> .dock)) {
    grid-template-areas: 'bar bar tabs' 'seats seats seats' 'stage stage stage' 'verdict verdict verdict';
  }
  .tabs {
    min-width: max-content;
  }
}
</style>
