<script setup lang="ts">
import type { Tape } from '#core/kernel/tape'
import type { MatchStore } from '~/stores/match'

/** Before the first play: what is there to be noticed, how a play is said, and who begins. */
const { store, tape } = defineProps<{ store: MatchStore; tape: Tape }>()

const desk = useDesk()
const wished = useTalk()
const away = useSessionStorage(`before-${store.match?.id}`, false)
const talk = computed(() => tape.table.game.ready.talk(tape.state.rules))
const begins = computed(() => desk.seats.value[tape.table.first - 1]?.name ?? '')
const { busy, draw } = useLots(store)
/** As this table plays it. */
const named = computed(() => store.match?.houseRules ?? {})
</script>

<template>
  <TalkCard v-if="!tape.lines.length" v-model:away="away" aria-label="Before the first play">
    <p><b class="block text-sm">Look first</b> {{ talk.notice }}</p>
    <p><b class="block text-sm">Say it so</b> “{{ talk.say }}”</p>
    <p v-if="desk.turns.value && tape.table.seats > 1" class="flex flex-wrap items-center gap-2" role="status">
      <b>{{ begins }} begins.</b>
      <Key v-if="!desk.helping.value" :disabled="busy" @click="draw()"
        ><UIcon name="i-lucide-shuffle" class="size-5" /> Draw lots</Key
      >
    </p>
    <template #keys
      ><template v-if="!desk.helping.value">
        <UButton variant="words" :to="learnPath('watch', tape.table.game.id, named)">Watch one first</UButton>
        <UButton variant="words" :to="learnPath('try', tape.table.game.id, named)">Try it first</UButton>
      </template>
      <UButton variant="words" @click="wished = false">No such cards</UButton></template
    >
  </TalkCard>
</template>
