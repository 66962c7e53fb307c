<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import type { Pass, Round } from '#core/games/top-total/rules'
import { relation } from '#core/contract/working'
import type { Seat } from '#shared/api'

/** A round as children write it on paper: the results in a line with <, > or = between, the winner's box filled. */
const {
  passes,
  winners = [],
  seats,
  small = false,
  signs = true,
} = defineProps<{
  passes: readonly Pass[]
  winners?: Round['winners']
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  small?: boolean
  /** The signs between the results are told; else they are to be found. */
  signs?: boolean
}>()
</script>

<template>
  <div class="round" :class="{ small }">
    <p v-for="({ seats: rolling, results }, p) in passes" :key="p" class="line">
      <span v-if="p" class="again">again</span>
      <template v-for="(seat, i) in rolling" :key="seat">
        <b v-if="i" class="sign figures">{{
          results[i] === undefined || !signs ? '' : relation(results[i - 1]!, results[i]!)
        }}</b>
        <span
          class="box"
          :class="{ won: p === passes.length - 1 && winners.includes(seat), coming: i === results.length }"
        >
          <Pennant :number="ofSeat(seats, seat).pennant" :size="small ? '0.9rem' : '1.5rem'" />
          <span v-if="!small" class="who">{{ ofSeat(seats, seat).name }}</span>
          <b class="figures result">{{ results[i] ?? '' }}</b>
        </span>
      </template>
    </p>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.6rem;
}
.again {
  font-size: 0.85rem;
  color: var(--ink-soft);
}
.sign {
  min-width: 1.2rem;
  text-align: center;
  font-size: 1.9rem;
}
.box {
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  min-width: 6.5rem;
  min-height: 3.4rem;
  padding: 0.2rem 0.7rem;
  border: 2px solid var(--ui-border-accented);
  border-radius: 0.3rem;
  background: var(--paper);
}
.coming {
  border: 3px dashed var(--accent);
}
.won {
  border: 3px solid var(--stands);
  background: var(--stands-soft);
}
.result {
  margin-left: auto;
  font-size: 1.9rem;
  line-height: 1;
}
.small .box {
  min-width: 0;
  min-height: 0;
  padding: 0 0.35rem;
  gap: 0.25rem;
}
.small .result {
  font-size: 1rem;
}
.small .sign {
  font-size: 1rem;
  min-width: 0.6rem;
}
</style>
