<script setup lang="ts">
import { stepAndGather } from '#core/games/step-and-gather/index'
import type { Tape } from '#core/kernel/tape'
import { relation } from '#core/contract/working'
import CubeTower from '~/games/step-and-gather/CubeTower.vue'
import type { Seat } from '#shared/api'

/** The towers side by side; a child says which sign belongs between them before it is shown. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { state } = useTable(stepAndGather, () => tape)

const SIGNS = ['<', '=', '>'] as const
/** The sign chosen between a seat and the next one. */
const chosen = ref<Record<number, string>>({})
const right = (i: number) => relation(state.value.cubes[i]!, state.value.cubes[i + 1]!)
const says = { '<': 'is less than', '=': 'is as many as', '>': 'is more than' } as const
</script>

<template>
  <div class="space-y-3">
    <p class="font-semibold">Which sign belongs between the towers?</p>
    <div class="side">
      <template v-for="(seat, i) in seats" :key="i">
        <figure class="one">
          <CubeTower :cubes="state.cubes[i]!" :label="`${seat.name}: `" />
          <figcaption class="flex items-center gap-1.5">
            <Pennant :number="seat.pennant" size="1.1rem" /> {{ seat.name }} <b class="figures">{{ state.cubes[i] }}</b>
          </figcaption>
        </figure>
        <div
          v-if="i < seats.length - 1"
          class="sign"
          role="group"
          :aria-label="`Between ${seat.name} and ${seats[i + 1]!.name}`"
        >
          <b v-if="chosen[i] === right(i)" class="figures found" role="status"
            >{{ right(i) }}<span class="sr-only"> {{ says[right(i)] }}</span></b
          >
          <template v-else>
            <Key
              v-for="sign in SIGNS"
              :key="sign"
              class="figures"
              :why="chosen[i] === sign && 'Not this one: look again.'"
              :aria-label="says[sign]"
              @click="chosen = { ...chosen, [i]: sign }"
              >{{ sign }}</Key
            >
            <span v-if="chosen[i]" class="text-sm" role="status">Look again: count the tens first.</span>
          </template>
        </div>
      </template>
    </div>
    <RoundsTable :tape="tape" :seats="seats" caption="What rulings gave" head="" :rows="[]" />
  </div>
</template>

<style scoped>
.side {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 0.75rem;
}
.sign {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 0.25rem;
  align-self: center;
}
.found {
  font-size: 2.6rem;
}
</style>
