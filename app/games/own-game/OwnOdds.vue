<script setup lang="ts">
import { capital } from '#core/basics/words'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { oddsOf } from '#core/games/own-game/odds'
import { saySpecial, sayWay } from '#core/games/own-game/sayRecipe'
import type { OwnState } from '#core/games/own-game/state'

/** What another throw may bring, counted out, for every way to use it. */
const { rules, state } = defineProps<{ rules: OwnRules; state: OwnState }>()

const odds = computed(() => oddsOf(rules, state))
const PLACES = 6
type Reached = NonNullable<typeof odds.value>[number]['reached'][number]
/** What is reached by which throws: `11%: 1 3, 2 2`. */
const sayReached = ({ chance, throws, more }: Reached) =>
  chance
    ? `${percent(chance)}: ${throws.map((each) => each.map(minus).join(' ')).join(', ')}${more ? ' …' : ''}`
    : 'no throw'
const sayWhat = ({ what }: Reached) =>
  what === 'goal' ? `The goal ${minus(rules.goal!)}` : capital(saySpecial(rules.specials[what.special]!))
const signed = (change: number) => `${change >= 0 ? '+' : '−'}${Math.abs(change).toFixed(1)}`
</script>

<template>
  <div role="status" class="space-y-2">
    <p v-if="!odds">Too many throws to count, or it hangs on how they are used.</p>
    <div v-for="each in odds ?? []" :key="each.way">
      <p v-if="rules.ways.length > 1" class="font-semibold">{{ sayWay(rules, rules.ways[each.way - 1]!) }}</p>
      <p>
        On the whole <b class="figures">{{ signed(each.change) }}</b><template v-if="each.lost"
          >; lost {{ percent(each.lost) }}</template
        ><template v-if="each.ends">; over then {{ percent(each.ends) }}</template
        >.
      </p>
      <p v-if="each.places.length" class="figures">
        {{
          each.places
            .slice(0, PLACES)
            .map(({ place, chance }) => `${minus(place)}: ${percent(chance)}`)
            .join(' · ')
        }}
      </p>
      <ul v-if="each.reached.length" aria-label="What a throw may reach">
        <li v-for="(reached, i) in each.reached" :key="i">
          {{ sayWhat(reached) }} · <span class="figures">{{ sayReached(reached) }}</span>
        </li>
      </ul>
    </div>
  </div>
</template>
