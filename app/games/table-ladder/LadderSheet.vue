<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { isFull, type LadderRules, type LadderState } from '#core/games/table-ladder/rules'
import type { Seat } from '#shared/api'

/** Everyone's ladder: the factor all the way down, rungs filled from the top; a wrong one is marked but kept. */
const {
  rules,
  state,
  seats,
  turn = [],
  secret = false,
} = defineProps<{
  rules: LadderRules
  state: LadderState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  /** Whose next rung is open. */
  turn?: readonly number[]
  /** The newest products are not told. */
  secret?: boolean
}>()
const rung = (seat: number, n: number) => ofSeat(state.ladders, seat)[n - 1]
const hides = (seat: number, n: number) => secret && n === ofSeat(state.ladders, seat).length
</script>

<template>
  <div class="ladders">
    <section v-for="(seat, i) in seats" :key="i" class="ladder" :aria-label="`Ladder of ${seat.name}`">
      <p class="head">
        <Pennant :number="seat.pennant" size="1.2rem" /> <b>{{ seat.name }}</b><span
          v-if="isFull(rules, state.ladders[i]!)"
          class="full"
          >full</span
        >
      </p>
      <ol class="rungs">
        <li
          v-for="n in rules.rungs"
          :key="n"
          class="rung"
          :class="{
            filled: rung(i + 1, n),
            next: turn.includes(i + 1) && n === state.ladders[i]!.length + 1,
            wrong: rung(i + 1, n)?.right === false,
          }"
        >
          <span class="figures factor">{{ rules.factors[i] }} ×</span>
          <span class="figures roll">{{ rung(i + 1, n)?.roll ?? '' }}</span>
          <span class="figures product">
            <template v-if="rung(i + 1, n)">
              = <template v-if="hides(i + 1, n)">?</template>
              <template v-else-if="rung(i + 1, n)!.right">{{ rung(i + 1, n)!.product }}</template>
              <template v-else
                ><s v-if="rung(i + 1, n)!.said !== null">{{ rung(i + 1, n)!.said }}</s
                ><span v-else>–</span> <UIcon name="i-lucide-x" class="size-4" aria-label="not right"
              /></template>
            </template>
          </span>
        </li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.ladders {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.6rem;
  justify-content: space-evenly;
}
.ladder {
  min-width: 9.5rem;
}
.head {
  display: flex;
  align-items: center;
  gap: 0.4rem;
  margin-bottom: 0.2rem;
  font-size: 1.3rem;
  line-height: 1.2;
}
.full {
  padding: 0 0.5rem;
  border-radius: 1rem;
  background: var(--stands-soft);
  font-size: 0.85rem;
  font-weight: 700;
}
.rungs {
  border-inline: 6px solid var(--ui-border-accented);
}
.rung {
  display: grid;
  grid-template-columns: 3.1rem 1.9rem 4.8rem;
  gap: 0.2rem;
  align-items: center;
  min-height: 1.6rem;
  padding: 0 0.5rem;
  border-bottom: 3px solid var(--rule);
  font-size: 1.3rem;
  line-height: 1.2;
}
.filled {
  border-bottom-color: var(--accent);
}
.wrong {
  border-bottom-color: var(--refused);
  border-bottom-style: dashed;
}
.next {
  background: var(--accent-soft);
}
.factor {
  color: var(--ink-soft);
  text-align: right;
}
.roll {
  text-align: right;
}
.product {
  font-weight: 800;
  white-space: nowrap;
}
/* For the room: read from three metres. */
html.board .full {
  font-size: 1.25rem;
}
html.board .ladder {
  flex: 1;
}
html.board .rungs {
  border-inline-width: 10px;
}
html.board .rung {
  grid-template-columns: 1fr 1.9rem 1fr;
  min-height: 1.45rem;
  line-height: 1.2;
  border-bottom-width: 2px;
}
</style>
