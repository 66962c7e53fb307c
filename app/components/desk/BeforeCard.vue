<script setup lang="ts">
import type { Tape } from '#core/kernel/tape'
import type { MatchStore } from '~/stores/match'

/** Before the first play: what is there to be noticed, how a play is said, and who begins. Put away with a touch. */
const { store, tape } = defineProps<{ store: MatchStore; tape: Tape }>()

const desk = useDesk()
const wished = useTalk()
const away = useSessionStorage(`before-${store.match?.id}`, false)
const talk = computed(() => tape.table.game.ready.talk(tape.state.rules))
const begins = computed(() => desk.seats.value[tape.table.first - 1]?.name ?? '')
const { busy, draw } = useLots(store)
</script>

<template>
  <section v-if="wished && !away && !tape.lines.length" class="card space-y-2" aria-label="Before the first play">
    <p><b class="block text-sm">Look first</b> {{ talk.notice }}</p>
    <p><b class="block text-sm">Say it so</b> “{{ talk.say }}”</p>
    <p v-if="desk.turns.value && tape.table.seats > 1" class="flex flex-wrap items-center gap-2" role="status">
      <b>{{ begins }} begins.</b>
      <Key v-if="!desk.helping.value" :disabled="busy" @click="draw()"
        ><UIcon name="i-lucide-shuffle" class="size-5" /> Draw lots</Key
      >
    </p>
    <div class="flex flex-wrap gap-2">
      <Key @click="away = true"><UIcon name="i-lucide-x" class="size-5" /> Put away</Key>
      <UButton variant="words" @click="wished = false">No such cards</UButton>
    </div>
  </section>
</template>

<style scoped>
.card {
  padding: 0.6rem 0.8rem;
  border-left: 4px solid var(--accent);
  background: var(--accent-soft);
  border-radius: 0.4rem;
}
</style>
