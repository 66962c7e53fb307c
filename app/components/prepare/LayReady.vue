<script setup lang="ts">
import { takesTurns } from '#core/kernel/match'
import { seatPeople } from '#core/basics/pennants'
import type { Setup } from '~/composables/useSetup'
import type { Person } from '#shared/people'

/** Everything on the table before play, ticked off as it lies there: things, cards, seats, and what to say. */
const { setup, people } = defineProps<{ setup: Setup; people: readonly Person[] }>()

const { game, read, seats, first } = setup
/** What lies ready already; begun anew with another game. */
const ready = ref<string[]>([])
watch(game, () => (ready.value = []))

const rules = computed(() => (read.value.ok ? read.value.rules : null))
const preparation = computed(() => rules.value && game.value.prepare(rules.value, seats.value.length))
const needs = computed(() =>
  (preparation.value?.needs ?? []).map((need) => ({ ...need, value: need.what, label: need.what })),
)
const cards = computed(() => (rules.value ? game.value.ready.cards?.(rules.value, seats.value.length) : undefined))
const balance = computed(() => (rules.value ? game.value.ready.balance?.(rules.value) : undefined))
const aloud = computed(() => (rules.value ? game.value.ready.aloud(rules.value, seats.value.length) : []))
const seated = computed(() =>
  seatPeople(
    seats.value.map(({ name }, i) => name.trim() || `Player ${i + 1}`),
    people,
  ),
)
const turns = computed(() => rules.value !== null && takesTurns({ game: game.value }, { rules: rules.value }))
</script>

<template>
  <section class="sheet p-4 space-y-4" aria-label="Lay ready">
    <h2 class="text-xl font-bold display">Lay ready</h2>
    <p v-if="!preparation" class="text-(--refused)">A house rule does not fit yet.</p>
    <div v-else class="grid gap-x-8 gap-y-5 xl:grid-cols-2">
      <div class="space-y-3">
        <UCheckboxGroup v-model="ready" :items="needs" aria-label="Things">
          <template #label="{ item }"
            ><b class="figures">{{ item.count }}</b> {{ item.what
            }}<span v-if="item.detail" class="text-(--ink-soft)">, {{ item.detail }}</span></template
          >
        </UCheckboxGroup>
        <p v-for="care in preparation.care" :key="care" class="text-sm flex gap-2">
          <UIcon name="i-lucide-triangle-alert" class="size-5 shrink-0 text-(--call)" /> {{ care }}
        </p>
        <Key :to="printPath(game.id, setup.named.value, seats.length)"
          ><UIcon name="i-lucide-printer" class="size-5" /> Print boards, sheets, cards</Key
        >
      </div>
      <div v-if="cards" class="space-y-3">
        <h3 class="font-bold">The pack</h3>
        <CardsReady :cards="cards" />
        <PackBalance v-if="balance" :balance="balance" />
      </div>
      <div class="space-y-2">
        <h3 class="font-bold">Who sits where</h3>
        <SeatingPlan :seats="seated" :first="first" :turns="turns" />
      </div>
      <div class="space-y-2">
        <h3 class="font-bold">Say at the start</h3>
        <SayAtStart :sentences="aloud" />
      </div>
    </div>
  </section>
</template>
