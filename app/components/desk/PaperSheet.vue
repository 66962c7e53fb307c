<script setup lang="ts">
import { list } from '#core/basics/words'
import { numbersPart, type Entered } from '#core/contract/situation'
import { MOST_REACHED } from '#core/contract/entries'
import { bestNow } from '#core/kernel/match'
import type { Tape } from '#core/kernel/tape'
import { total } from '#core/kit/dice'
import { BEST } from '#core/wording/index'
import type { Seat } from '#shared/api'

/**
 * A match that was played on paper: what everybody reached, or what is left, card by card, beside what the child added up.
 * Who won is told under the house rules, and it stands in the logbook without its plays.
 */
const {
  tape,
  seats,
  added = false,
} = defineProps<{
  tape: Tape
  seats: readonly Seat[]
  /** What is reached is what is left, added up. */
  added?: boolean
}>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ reached: [reached: readonly number[], why: string] }>()

const game = computed(() => tape.table.game)
const said = ref<number[]>(seats.map(() => 0))
const cards = ref<Entered[]>(seats.map(() => ({ cards: [] })))
const faces = computed(() => game.value.ready.cards?.(tape.state.rules, seats.length) ?? [])
const parts = computed(() => {
  const numbers = faces.value.flatMap(({ face }) => (typeof face === 'number' ? [face] : []))
  return { cards: numbersPart('What is left', { low: Math.min(...numbers), high: Math.max(...numbers), most: 60 }) }
})
const leftOf = (i: number) => (cards.value[i]?.cards ?? []) as readonly number[]
const sumOf = (i: number) => total(leftOf(i))
/** What counts: the cards that were put in, else what was said. */
const reached = computed(() => seats.map((_, i) => (added && leftOf(i).length ? sumOf(i) : said.value[i]!)))
const differs = (i: number) => added && leftOf(i).length > 0 && sumOf(i) !== said.value[i]
const wins = computed(() => BEST[bestNow(tape.table, tape.state)])
function record() {
  // How somebody's own sum differed is kept with the result.
  const slips = seats.flatMap(({ name }, i) => (differs(i) ? [`${name} said ${said.value[i]}`] : []))
  emit('reached', reached.value, slips.length ? list(slips) : '')
}
</script>

<template>
  <DeskSheet
    v-model:open="open"
    title="Only the result"
    description="Played on paper: what everybody reached. It stands in the logbook without its plays, and can be taken back."
  >
    <form class="space-y-4" @submit.prevent="record">
      <div v-for="(seat, i) in seats" :key="i" class="space-y-2" role="group" :aria-label="seat.name">
        <div class="flex flex-wrap items-center gap-3 text-lg">
          <Pennant :number="seat.pennant" size="1.3rem" />
          <b class="min-w-20">{{ seat.name }}</b>
          <NumberField
            :model-value="said[i]!"
            :min="-MOST_REACHED"
            :max="MOST_REACHED"
            class="w-40 ml-auto"
            :aria-label="`${seat.name} reached`"
            @update:model-value="said = said.with(i, $event)"
            @keydown.enter.prevent
          />
        </div>
        <Fold v-if="added && faces.length" label="Card by card" icon="i-lucide-layers">
          <SituationParts
            :model-value="cards[i]!"
            :parts="parts"
            class="pt-2"
            @update:model-value="cards = cards.with(i, $event)"
          />
        </Fold>
        <p v-if="added && leftOf(i).length" role="status" :class="differs(i) ? 'text-(--call) font-semibold' : ''">
          {{ leftOf(i).join(' + ') }} = {{ sumOf(i)
          }}{{ differs(i) ? `, not ${said[i]}: look at it together. ${sumOf(i)} counts.` : '.' }}
        </p>
      </div>
      <p class="text-(--ink-soft)">{{ wins }}</p>
      <div class="flex gap-2 flex-wrap">
        <Key main type="submit"><UIcon name="i-lucide-flag" class="size-5" /> Who won?</Key>
        <Key @click="open = false">Play it here</Key>
      </div>
    </form>
  </DeskSheet>
</template>
