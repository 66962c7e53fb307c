<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { endOf } from '#core/games/roof-tiles/layout'
import RoofDrawing from '~/games/roof-tiles/RoofDrawing.vue'
import { useRoofEntry } from '~/games/roof-tiles/useRoofEntry'

/** The roof that is being worked at, large; the others small beside it, a touch away. */
const { seats, still } = useDesk()
const { entry, rules, state, layout, sit, touchTile, touchTurned } = useRoofEntry()
const ended = (seat: number) => endOf(rules.value, ofSeat(state.value.layouts, seat))
</script>

<template>
  <section class="sheet p-3 sm:p-4 flex flex-wrap gap-5" aria-label="Table">
    <div class="grow min-w-64 basis-80 space-y-2">
      <p class="flex items-center gap-2 font-bold text-lg">
        <Pennant :number="ofSeat(seats, entry.seat).pennant" size="1.4rem" /> {{ ofSeat(seats, entry.seat).name
        }}<span v-if="ended(entry.seat)" class="font-normal text-(--ink-soft)">{{
          ended(entry.seat) === 'cleared' ? 'cleared' : 'ended'
        }}</span>
      </p>
      <RoofDrawing
        :rules="rules"
        :layout="layout"
        :chosen="entry.tiles"
        :turned="entry.turned"
        :touchable="!still && ended(entry.seat) === null"
        @tile="touchTile"
        @turned="touchTurned"
      />
    </div>
    <OtherLayouts v-slot="{ seat: other }" one="roof" many="roofs" :seat="entry.seat" class="basis-52" @sit="sit">
      <RoofDrawing :rules="rules" :layout="ofSeat(state.layouts, other)" />
    </OtherLayouts>
  </section>
</template>
