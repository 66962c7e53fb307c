<script setup lang="ts">
import { strikingRolls } from '#core/games/place-strike/advice'
import { placeStrike } from '#core/games/place-strike/index'
import { PLACES } from '#core/games/place-strike/rules'
import { grouped } from '#core/basics/words'
import { numberInWords } from '#core/basics/numberInWords'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import { percent } from '~/utils/percent'

/** Which rolls would strike now, and the chance of any; the numbers in words. Only when asked. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(placeStrike, () => tape)
const asked = useAsked(() => tape)
const reading = ref(false)
const now = computed(() => (asked.value ? strikingRolls(rules.value, state.value, state.value.turn) : null))
const rows = computed(() =>
  Array.from({ length: rules.value.digits }, (_, i) => rules.value.digits - i).map((place) => ({
    place: PLACES[place - 1],
    digits: now.value?.rolls.filter((roll) => roll.place === place).map(({ digit }) => digit) ?? [],
  })),
)
</script>

<template>
  <div class="space-y-2">
    <Key v-if="!tape.state.result" :aria-pressed="asked" @click="asked = !asked"
      ><UIcon name="i-lucide-dices" class="size-5" /> Which rolls would strike?</Key
    >
    <div v-if="now" role="status">
      <p>
        {{ seats[state.turn - 1]?.name }} strikes with <b class="figures">{{ percent(now.chance) }}</b> of all rolls:
      </p>
      <ul>
        <li v-for="row in rows" :key="row.place">
          {{ row.place }} <b class="figures">{{ row.digits.join(' ') || 'none' }}</b>
        </li>
      </ul>
    </div>
    <Key :aria-pressed="reading" @click="reading = !reading"
      ><UIcon name="i-lucide-book-open-text" class="size-5" /> The numbers in words</Key
    >
    <div v-if="reading" class="space-y-2">
      <div v-for="(seat, i) in seats" :key="i">
        <b>{{ seat.name }}</b>
        <ol class="list-decimal pl-6 text-sm">
          <li v-for="(number, n) in state.boards[i]" :key="n">
            <span class="figures">{{ grouped(Number(number)) }}</span> {{ numberInWords(Number(number)) }}
          </li>
        </ol>
      </div>
    </div>
  </div>
</template>
