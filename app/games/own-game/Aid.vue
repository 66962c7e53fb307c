<script setup lang="ts">
import { capital } from '#core/basics/words'
import { ownGame } from '#core/games/own-game/index'
import { oddsOf } from '#core/games/own-game/odds'
import { saySpecial, sayWay } from '#core/games/own-game/sayRecipe'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import TargetAid from '~/games/own-game/TargetAid.vue'

/** For the referee, when asked: what another throw may bring, exactly; and every sentence that makes the target. */
const { tape } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(ownGame, () => tape)
const shown = useAsked(() => tape)
const looked = useAsked(() => tape)

const odds = computed(() => (shown.value ? oddsOf(rules.value, state.value) : null))
const numbers = computed(() => state.value.newest?.numbers ?? [])
const makes = computed(() => rules.value.ways.some(({ makes: way }) => way === 'calculation'))
const wanted = computed(() => rules.value.target)
const PLACES = 6
type Reached = NonNullable<typeof odds.value>[number]['reached'][number]
/** What is reached by which throws: `11%: 1 3, 2 2`. */
const sayReached = ({ chance, throws, more }: Reached) =>
  chance
    ? `${percent(chance)}: ${throws.map((each) => each.map(minus).join(' ')).join(', ')}${more ? ' …' : ''}`
    : 'no throw'
const sayWhat = ({ what }: Reached) =>
  what === 'goal' ? `The goal ${minus(rules.value.goal!)}` : capital(saySpecial(rules.value.specials[what.special]!))
const signed = (change: number) => `${change >= 0 ? '+' : '−'}${Math.abs(change).toFixed(1)}`
</script>

<template>
  <div class="space-y-2">
    <Key v-if="!tape.state.result" :aria-pressed="shown" @click="shown = !shown"
      ><UIcon name="i-lucide-eye" class="size-5" /> What may another throw bring?</Key
    >
    <div v-if="shown && !tape.state.result" role="status" class="space-y-2">
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
    <template v-if="makes && numbers.length">
      <Key :aria-pressed="looked" @click="looked = !looked"
        ><UIcon name="i-lucide-sigma" class="size-5" />
        {{ wanted === null ? 'What could be made' : `What makes ${minus(wanted)}` }}</Key
      >
      <TargetAid v-if="looked" :rules="rules" :numbers="numbers" />
    </template>
  </div>
</template>
