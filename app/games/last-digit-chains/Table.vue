<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { endOf } from '#core/games/last-digit-chains/rules'
import ChainLayout from '~/games/last-digit-chains/ChainLayout.vue'
import { useChainEntry, type ChainTouch } from '~/games/last-digit-chains/useChainEntry'

/** The layout that is being worked at, large; the others small beside it, a touch away. */
const { seats, still, veiled } = useDesk()
const { entry, rules, state, layout, sit } = useChainEntry()
const touched = useTouched<ChainTouch>()
const others = computed(() => seats.value.flatMap((_, i) => (i + 1 === entry.value.seat ? [] : [i + 1])))
const ended = (seat: number) => endOf(rules.value, ofSeat(state.value.layouts, seat))
</script>

<template>
  <section class="sheet p-3 flex flex-wrap gap-5" aria-label="Table">
    <div class="grow min-w-64 basis-96 space-y-2">
      <p class="flex items-center gap-2 font-bold text-lg">
        <Pennant :number="ofSeat(seats, entry.seat).pennant" size="1.4rem" /> {{ ofSeat(seats, entry.seat).name
        }}<span v-if="ended(entry.seat)" class="font-normal text-(--ink-soft)">{{
          ended(entry.seat) === 'complete' ? 'complete' : 'ended'
        }}</span>
      </p>
      <ChainLayout
        :rules="rules"
        :layout="layout"
        :chosen="entry.fan"
        :sums="!veiled"
        :touchable="!still && ended(entry.seat) === null && entry.dealing === null"
        @fan="touched = { fan: $event }"
        @row="touched = { row: $event }"
        @laid="touched = $event"
      />
    </div>
    <!-- On a phone the keys of the pad lead to the other layouts. -->
    <div
      v-if="others.length"
      class="others max-sm:hidden basis-60"
      tabindex="0"
      role="group"
      aria-label="The other layouts"
    >
      <ul>
        <li v-for="seat in others" :key="seat">
          <button
            class="w-full text-left cursor-pointer rounded-lg p-1 hover:bg-(--accent-soft)"
            :disabled="still"
            :aria-label="`Go to the layout of ${ofSeat(seats, seat).name}`"
            @click="sit(seat)"
          >
            <span class="flex items-center gap-2 font-semibold"
              ><Pennant :number="ofSeat(seats, seat).pennant" size="1.1rem" /> {{ ofSeat(seats, seat).name }}</span
            >
            <ChainLayout
              :rules="rules"
              :layout="ofSeat(state.layouts, seat)"
              :sums="!veiled"
              small
              class="pointer-events-none"
            />
          </button>
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
/* As high as what is played on, however many others there are: those are scrolled to, and nothing is made smaller for them. */
.others {
  position: relative;
  min-height: 9rem;
  overflow-y: auto;
}
.others > ul {
  position: absolute;
  inset: 0;
  display: grid;
  align-content: start;
  gap: 1rem;
}
</style>
