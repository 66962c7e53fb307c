<script setup lang="ts">
import { tokenDip } from '#core/games/token-dip/index'
import { worthOf } from '#core/games/token-dip/rules'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'

/** Every dip with its worth, and the sums. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const { rules, state } = useTable(tokenDip, () => tape)
const dips = computed(() => Math.max(...state.value.dishes.map((dish) => dish.length)))
const told = (token: string | undefined) =>
  token === undefined ? null : `${token} ${minus(worthOf(rules.value, token)!)}`
const rows = computed(() =>
  Array.from({ length: dips.value }, (_, dip) => state.value.dishes.map((dish) => told(dish[dip]))),
)
</script>

<template>
  <RoundsTable :tape="tape" :seats="seats" caption="Tokens by turn" head="Dip" :rows="rows" :totals="state.totals" />
</template>
