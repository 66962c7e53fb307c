<script setup lang="ts">
import { leftInBag, type DipRules, type DipState } from '#core/games/token-dip/rules'
import { countOf } from '#core/kit/pack'
import { ofSeat, seatsFrom } from '#core/kit/seats'
import type { Seat } from '#shared/api'

/** The key, and everybody's dish: tokens sorted by kind, the running total against the goal. */
const {
  rules,
  state,
  seats,
  turn = null,
  coming = null,
  secret = false,
} = defineProps<{
  rules: DipRules
  state: DipState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  turn?: number | null
  /** The token that was dipped and is not recorded yet. */
  coming?: string | null
  /** Nothing may tell what the newest dip comes to. */
  secret?: boolean
}>()
const tokens = computed(() => rules.key.map(({ token }) => token))
/** Who dipped last; their total is not told while it is secret. */
const last = computed(() => {
  const most = Math.max(...state.dishes.map((dish) => dish.length))
  return most === 0
    ? null
    : (seatsFrom(state.first, state.seats).findLast((seat) => ofSeat(state.dishes, seat).length === most) ?? null)
})
const goal = computed(() => (rules.mode === 'first-to' ? rules.goal : null))
const share = (total: number) => (goal.value === null ? 0 : Math.max(0, Math.min(100, (100 * total) / goal.value)))
const isShown = useSeatShown()
</script>

<template>
  <div class="dip">
    <table class="key" aria-label="The key">
      <tbody>
        <tr v-for="{ token, worth } in rules.key" :key="token" :class="{ coming: token === coming }">
          <td><Token :name="token" :among="tokens" size="2rem" /></td>
          <th scope="row">{{ token }}</th>
          <td class="figures worth">{{ minus(worth) }}</td>
          <td v-if="rules.bag" class="figures left">{{ leftInBag(rules, state, token) }} left</td>
        </tr>
      </tbody>
    </table>
    <ul class="dishes">
      <li v-for="(seat, i) in seats" v-show="isShown(i + 1)" :key="i" class="dish" :class="{ on: turn === i + 1 }">
        <p class="head">
          <Pennant :number="seat.pennant" size="1.5rem" /> <b class="name">{{ seat.name }}</b>
          <b class="figures sum">{{ secret && last === i + 1 ? '?' : minus(state.totals[i]!) }}</b>
          <span v-if="goal !== null" class="figures goal">of {{ goal }}</span>
        </p>
        <span v-if="goal !== null && !(secret && last === i + 1)" class="gauge"
          ><span :style="{ width: `${share(state.totals[i]!)}%` }"
        /></span>
        <ul class="sorted">
          <li v-for="token in tokens.filter((name) => countOf(state.dishes[i]!, name))" :key="token">
            <Token
              v-for="n in Math.min(countOf(state.dishes[i]!, token), 10)"
              :key="n"
              :name="token"
              :among="tokens"
              size="1.55rem"
              class="one"
            />
            <span class="figures times" :aria-label="`${countOf(state.dishes[i]!, token)} ${token}`">{{
              countOf(state.dishes[i]!, token)
            }}</span>
          </li>
        </ul>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.dip {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 1rem;
  align-items: start;
}
.key th {
  text-align: left;
  font-weight: 600;
  padding: 0 0.6rem 0 0.4rem;
}
.worth {
  font-size: 1.4rem;
  font-weight: 700;
  text-align: right;
}
.left {
  padding-left: 0.7rem;
  color: var(--ink-soft);
}
.coming {
  background: var(--accent-soft);
  outline: 3px solid var(--accent);
}
.dishes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 15rem), 1fr));
  gap: 0.7rem;
}
.dish {
  padding: 0.5rem 0.7rem;
  border: 2px solid var(--rule);
  border-radius: 0.4rem 0.4rem 1.8rem 1.8rem;
  min-height: 7rem;
}
.on {
  border-color: var(--accent);
  background: var(--accent-soft);
}
.head {
  display: flex;
  align-items: baseline;
  gap: 0.4rem;
  font-size: 1.1rem;
}
.head {
  flex-wrap: wrap;
}
.name {
  overflow-wrap: anywhere;
}
.sum {
  margin-left: auto;
  font-size: 1.9rem;
  line-height: 1;
}
.goal {
  color: var(--ink-soft);
}
.gauge {
  display: block;
  height: 0.5rem;
  margin: 0.25rem 0 0.4rem;
  background: var(--sunken);
  border-radius: 1rem;
  overflow: hidden;
}
.gauge span {
  display: block;
  height: 100%;
  background: var(--accent);
}
.sorted {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.9rem;
}
.sorted li {
  display: flex;
  align-items: center;
}
.one + .one {
  margin-left: -0.75rem;
}
.times {
  margin-left: 0.25rem;
  font-weight: 700;
}
@media (max-width: 40rem) {
  .dip {
    grid-template-columns: 1fr;
  }
  .key tbody {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 0.8rem;
  }
  .key tr {
    display: flex;
    align-items: center;
  }
}
</style>
