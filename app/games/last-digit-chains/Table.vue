<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { endOf } from '#core/games/last-digit-chains/rules'
import ChainLayout from '~/games/last-digit-chains/ChainLayout.vue'
import { useChainEntry, type ChainTouch } from '~/games/last-digit-chains/useChainEntry'

/** The layout that is being worked at, large; the others small beside it, a touch away. */
const { seats, still, veiled } = useDesk()
const { entry, rules, state, layout, sit } = useChainEntry()
const touched = useTouched<ChainTouch>()
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
    <OtherLayouts v-slot="{ seat: other }" one="layout" many="layouts" :seat="entry.seat" class="basis-60" @sit="sit">
      <ChainLayout :rules="rules" :layout="ofSeat(state.layouts, other)" :sums="!veiled" small />
    </OtherLayouts>
  </section>
</template>
