<script setup lang="ts">
import { nanoid } from 'nanoid'
import { mixedSeed } from '#core/basics/random'
import { seatAfter } from '#core/kit/seats'
import { callApi } from '~/utils/api'
import type { StoredMatch } from '#shared/api'

/** Once more with the same people and rules: one touch opens, a second one starts. */
const { match } = defineProps<{ match: StoredMatch }>()

/** What lies on the table has to be entered first, in games where it is recorded. */
const layOut = computed(() => match.source === 'table' && match.opening !== null)
const asking = ref(false)
/** By custom another one begins each time. */
const first = ref(seatAfter(match.first, match.seats.length))

const { busy, failed, doing } = useDoing()
const start = () =>
  doing(async () => {
    const { id, game, name, houseRules, seats, source, veiled } = match
    const made = await callApi('/api/matches', 'POST', {
      game,
      name,
      houseRules,
      // Whom the referee called was called for one play.
      seats: seats.map(({ called: _called, ...seat }) => seat),
      first: first.value,
      source,
      boardOf: id,
      veiled,
      seed: source === 'dealt' ? mixedSeed(nanoid(10)) : null,
    })
    await navigateTo(`/match/${made.id}`)
  })
</script>

<template>
  <div class="flex flex-wrap items-center gap-2">
    <template v-if="asking">
      <fieldset v-if="match.seats.length > 1" class="flex flex-wrap gap-2 items-center">
        <legend class="contents"><span class="font-semibold">Who starts?</span></legend>
        <Key v-for="(seat, i) in match.seats" :key="i" :aria-pressed="first === i + 1" @click="first = i + 1">
          <Pennant :number="seat.pennant" size="1.2rem" /> {{ seat.name }}
        </Key>
      </fieldset>
      <Key main :disabled="busy" @click="start"><UIcon name="i-lucide-play" class="size-5" /> Start</Key>
      <Key @click="asking = false">Not yet</Key>
    </template>
    <template v-else>
      <Key v-if="layOut" main :to="`/new?like=${match.id}`"
        ><UIcon name="i-lucide-rotate-ccw" class="size-5" /> Play again: what lies on the table comes first</Key
      >
      <Key v-else main @click="asking = true"><UIcon name="i-lucide-rotate-ccw" class="size-5" /> Play again</Key>
      <Key v-if="!layOut" :to="`/new?like=${match.id}`">Change something first</Key>
      <Key to="/">All matches</Key>
    </template>
    <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
  </div>
</template>
