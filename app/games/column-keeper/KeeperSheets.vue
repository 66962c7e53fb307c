<script setup lang="ts">
import { columnsOf, isFull, type KeeperRules, type KeeperState, type Where } from '#core/games/column-keeper/rules'
import KeeperSheet from '~/games/column-keeper/KeeperSheet.vue'
import type { Seat } from '#shared/api'

/** Everybody's sheet side by side, the one on turn marked; the last round's numbers below each. */
const {
  rules,
  state,
  seats,
  open = [],
  coming = null,
} = defineProps<{
  rules: KeeperRules
  state: KeeperState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  open?: readonly Where[]
  coming?: number | null
}>()
const emit = defineEmits<{ pick: [where: Where] }>()

const full = computed(() => isFull(rules, state))
/** A total is shown once its player has told it. */
const totalOf = (i: number) => (full.value && state.told.includes(i + 1) ? columnsOf(state.sheets[i]!).total : null)
const last = computed(() => state.history.at(-1))
const isShown = useSeatShown()
</script>

<template>
  <ul class="sheets" :style="{ '--columns': rules.columns + (rules.discards ? 1 : 0) }">
    <li
      v-for="(sheet, i) in state.sheets"
      v-show="isShown(i + 1)"
      :key="i"
      class="mine"
      :class="{ turn: state.turn === i + 1 }"
    >
      <p class="flex items-center gap-2 font-semibold">
        <Pennant :number="seats[i]!.pennant" size="1.2rem" /> <span class="truncate">{{ seats[i]!.name }}</span>
        <b v-if="totalOf(i) !== null" class="figures ml-auto text-lg">{{ totalOf(i) }}</b>
        <span v-else-if="last" class="ml-auto text-sm text-(--ink-soft)"
          >last: <span class="figures">{{ last[i] }}</span></span
        >
      </p>
      <p v-if="state.turn !== i + 1" class="short figures">
        <span v-for="(cards, c) in [...sheet.columns].reverse()" :key="c">{{ cards.join('+') || '·' }}</span>
      </p>
      <KeeperSheet
        class="full"
        :rules="rules"
        :sheet="sheet"
        :open="state.turn === i + 1 ? open : []"
        :coming="coming"
        :touchable="state.turn === i + 1 && coming !== null"
        @pick="emit('pick', $event)"
      />
    </li>
  </ul>
</template>

<style scoped>
.sheets {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, calc(var(--columns) * 3.2rem + 1.2rem)), 1fr));
  gap: 0.75rem;
}
.mine {
  padding: 0.5rem;
  border: 1px solid var(--rule);
  border-radius: 0.6rem;
}
.turn {
  border: 3px solid var(--accent);
}
.short {
  display: none;
}
/* On a phone only the sheet of the one on turn is shown whole. */
@media (max-width: 39.99rem) {
  .mine:not(.turn) .full {
    display: none;
  }
  .short {
    display: flex;
    justify-content: space-around;
  }
}
</style>
