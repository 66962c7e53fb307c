<script setup lang="ts">
import { resultsOf, type PerchRules, type PerchState } from '#core/games/perch-and-push/rules'
import type { Seat } from '#shared/api'

/** Every result as a perch with the markers that sit on it, in their owner's pennant; options are lit up. */
const {
  rules,
  state,
  seats,
  options = [],
  touchable = false,
  told = true,
} = defineProps<{
  rules: PerchRules
  state: PerchState
  seats: readonly Pick<Seat, 'name' | 'pennant'>[]
  options?: readonly number[]
  /** Every place can be touched: where the player put the marker, right or not. */
  touchable?: boolean
  /** Whether a place is an option is told. */
  told?: boolean
}>()
const emit = defineEmits<{ pick: [result: number] }>()

const places = computed(() => resultsOf(rules).map((result, i) => ({ result, stack: state.stacks[i] ?? null })))
/** Rows of about the same length. */
const across = computed(() => Math.ceil(places.value.length / Math.ceil(places.value.length / 7)))
const says = (result: number, i: number) => {
  const stack = state.stacks[i]
  return stack ? `${result}: ${stack.count} of ${seats[stack.seat - 1]?.name}` : `${result}: bare`
}
const isSafe = (count: number) => rules.safeStack > 0 && count >= rules.safeStack
</script>

<template>
  <ol class="perches" :style="{ '--across': across }">
    <li v-for="({ result, stack }, i) in places" :key="result">
      <component
        :is="touchable ? 'button' : 'div'"
        class="perch"
        :class="{ option: options.includes(result), newest: state.newest === result }"
        :aria-label="
          touchable
            ? `${options.includes(result) || !told ? 'Perch on' : 'Was put on'} ${says(result, i)}`
            : says(result, i)
        "
        :role="touchable ? undefined : 'img'"
        @click="touchable && emit('pick', result)"
      >
        <span class="stack">
          <template v-if="stack">
            <Pennant
              v-for="n in Math.min(stack.count, 4)"
              :key="n"
              :number="seats[stack.seat - 1]?.pennant ?? 1"
              size="2.1rem"
              class="marker"
              data-arrives
            />
            <b v-if="stack.count > 1" class="figures count">×{{ stack.count }}</b>
            <UIcon v-if="isSafe(stack.count)" name="i-lucide-anchor" class="size-4 safe" aria-label="safe" />
          </template>
        </span>
        <b class="figures number">{{ result }}</b>
      </component>
    </li>
  </ol>
</template>

<style scoped>
.perches {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(4.2rem, 1fr));
  gap: 0.5rem;
}
@media (min-width: 48rem) {
  .perches {
    grid-template-columns: repeat(var(--across), minmax(0, 1fr));
  }
}
.perch {
  position: relative;
  width: 100%;
  min-height: 6.4rem;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  align-items: center;
  padding: 0.4rem 0.3rem 0.25rem;
  border: 1px solid var(--rule);
  border-bottom: 5px solid var(--ui-border-accented);
  border-radius: 0.5rem;
  background: var(--paper);
}
.newest {
  border-color: var(--ink);
  border-bottom-color: var(--ink);
}
button.perch {
  cursor: pointer;
}
.option {
  background: var(--accent-soft);
  border: 3px solid var(--accent);
  border-bottom-width: 7px;
}
.option:hover {
  background: var(--sheet);
}
.stack {
  position: relative;
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  align-items: center;
  min-height: 3rem;
}
.marker + .marker {
  margin-left: -1.7rem;
}
.count {
  margin-left: 0.15rem;
}
.safe {
  position: absolute;
  right: -1.1rem;
  top: 0;
}
.number {
  font-size: 1.7rem;
  line-height: 1;
}
@media (max-width: 47.99rem) {
  .perch {
    min-height: 5.2rem;
  }
}
</style>
