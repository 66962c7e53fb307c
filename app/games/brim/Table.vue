<script setup lang="ts">
import { total } from '#core/kit/dice'
import { allDice } from '#core/games/brim/dice'
import { useBrimEntry } from '~/games/brim/useBrimEntry'

/** Brim's table: the frozen dice set apart in their tray, the loose ones to be touched, and how full it is. */
const { still, veiled } = useDesk()
const { entry, rules, state, wanted, rollable, toggle } = useBrimEntry()

const touchable = computed(() => !still.value && rollable.value && state.value.rolled > 0)
const begun = computed(() => state.value.rolled > 0)
/** Faces typed so far, and blanks for the dice that are still to come. */
const coming = computed<(number | null)[]>(() => {
  const typed = entry.value.dice
  if (begun.value && typed.length === 0) return []
  return [...typed, ...Array.from({ length: Math.max(0, wanted.value - typed.length) }, () => null)]
})
/** What the gauge shows: the dice as they lie, or as they would with what is being entered. */
const measured = computed(() => {
  const { keep, dice } = entry.value
  if (!keep.length && !dice.length) return { dice: allDice(state.value), frozen: state.value.frozen.length }
  const frozen = [...state.value.frozen, ...keep.map((place) => state.value.loose[place]!)]
  return { dice: [...frozen, ...dice], frozen: frozen.length }
})
const left = computed(() => rules.value.rolls - state.value.rolled)
</script>

<template>
  <section class="sheet p-3 sm:p-4 space-y-3" aria-label="Table">
    <div class="flex flex-wrap gap-3">
      <div class="tray frozen" :class="{ empty: !state.frozen.length && !entry.keep.length }">
        <h2>
          Frozen <span v-if="state.frozen.length && !veiled" class="figures">{{ total(state.frozen) }}</span>
        </h2>
        <div class="dice">
          <Die v-for="(face, i) in state.frozen" :key="`f${i}`" :face="face" :sides="rules.sides" frozen />
          <button
            v-for="place in entry.keep"
            :key="`k${place}`"
            class="die-key"
            :aria-label="`Don’t freeze the ${state.loose[place]}`"
            @click="toggle(place)"
          >
            <Die :face="state.loose[place]!" :sides="rules.sides" frozen />
          </button>
        </div>
      </div>
      <div class="tray">
        <h2>
          {{ begun ? 'Loose' : 'First roll' }}
          <span class="font-normal text-(--ink-soft) text-sm">
            {{
              begun
                ? left > 0
                  ? `${left} more ${left === 1 ? 'roll' : 'rolls'}`
                  : 'last roll made'
                : `all ${rules.dice} dice`
            }}
          </span>
        </h2>
        <div class="dice">
          <template v-for="(face, place) in state.loose" :key="`l${place}`">
            <button
              v-if="touchable && !entry.keep.includes(place)"
              class="die-key"
              :aria-label="`Freeze the ${face}`"
              @click="toggle(place)"
            >
              <Die :face="face" :sides="rules.sides" :class="{ 'opacity-40': entry.dice.length }" />
            </button>
            <Die v-else-if="!entry.keep.includes(place)" :face="face" :sides="rules.sides" />
          </template>
          <UIcon
            v-if="begun && coming.length"
            name="i-lucide-arrow-right"
            class="size-6 self-center"
            aria-label="rolled again"
          />
          <Die v-for="(face, i) in coming" :key="`n${i}`" :face="face" :sides="rules.sides" />
        </div>
      </div>
    </div>
    <p v-if="veiled" class="text-xl font-semibold">
      Up to <b class="figures">{{ rules.limit }}</b>. How much is it?
    </p>
    <BrimGauge
      v-else
      :dice="measured.dice"
      :frozen="measured.frozen"
      :limit="rules.limit"
      :sum="total(measured.dice)"
    />
  </section>
</template>

<style scoped>
.tray {
  flex: 1 1 18rem;
  min-height: 6.4rem;
  padding: 0.5rem 0.75rem 0.65rem;
  border: 1px solid var(--rule);
  border-radius: 0.6rem;
  background: var(--paper);
}
.tray.frozen {
  flex: 0 1 auto;
  min-width: 11rem;
  border: 2px solid #5a96ac;
  background: color-mix(in oklab, #5a96ac 16%, var(--sheet));
}
.tray.frozen.empty {
  border-style: dashed;
}
h2 {
  font-weight: 700;
  margin-bottom: 0.35rem;
}
.dice {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  min-height: 3.5rem;
}
.die-key {
  cursor: pointer;
  border-radius: 0.7rem;
  touch-action: manipulation;
}
.die-key:hover {
  box-shadow: 0 0 0 3px #5a96ac;
}
/* On a phone five dice fit beside each other, and an empty tray takes no room of theirs. */
@media (max-width: 30rem) {
  .tray.frozen.empty {
    flex-basis: 100%;
    min-height: 0;
  }
  .tray.frozen.empty .dice {
    min-height: 0;
  }
  .dice {
    gap: 0.3rem;
  }
}
</style>
