<script setup lang="ts">
import type { OwnRules } from '#core/games/own-game/houseRules'
import { sayBrings } from '#core/games/own-game/sayRecipe'

/** What a throw brings: dice of any sides, a spinner, or cards. */
type Brings = OwnRules['brings']
const brings = defineModel<Brings>({ required: true })

const KINDS = [
  { value: 'dice' as const, label: 'Dice', icon: 'i-lucide-dices' },
  { value: 'spinner' as const, label: 'A spinner', icon: 'i-lucide-chart-pie' },
  { value: 'cards' as const, label: 'Cards', icon: 'i-lucide-layers' },
]
const FRESH: Readonly<Record<Brings['kind'], Brings>> = {
  dice: { kind: 'dice', sides: [6, 6] },
  spinner: { kind: 'spinner', faces: [1, 2, 3, 4, 5, 6], spins: 1 },
  cards: { kind: 'cards', pack: { low: 1, high: 10, copies: 4 }, draw: 2 },
}
const kind = computed({ get: () => brings.value.kind, set: (to) => (brings.value = FRESH[to]) })
const dice = computed(() => (brings.value.kind === 'dice' ? brings.value : null))
const spinner = computed(() => (brings.value.kind === 'spinner' ? brings.value : null))
const cards = computed(() => (brings.value.kind === 'cards' ? brings.value : null))
const faces = computed({
  get: () => spinner.value?.faces.map(minus).join(', ') ?? '',
  set: (text) => {
    const found = numbersIn(text).slice(0, 24)
    if (spinner.value && found.length >= 2) brings.value = { ...spinner.value, faces: found }
  },
})
const setSides = (sides: number[]) => (brings.value = { kind: 'dice', sides })
const PARTS = [
  { part: 'low' as const, label: 'from' },
  { part: 'high' as const, label: 'to' },
  { part: 'copies' as const, label: 'of each' },
]
</script>

<template>
  <Blank :text="sayBrings({ brings })" label="A throw">
    <ChoiceRow v-model="kind" label="A throw" :choices="KINDS" quiet />
    <div v-if="dice" class="space-y-2">
      <div v-for="(sides, i) in dice.sides" :key="i" class="flex items-center gap-2">
        <NumberField
          :model-value="sides"
          :min="2"
          :max="100"
          class="w-36"
          :aria-label="`Sides of die ${i + 1}`"
          @update:model-value="setSides(dice.sides.map((each, at) => (at === i ? $event : each)))"
        />
        sides
        <Key
          v-if="dice.sides.length > 1"
          :aria-label="`Remove die ${i + 1}`"
          @click="setSides(dice.sides.filter((_, at) => at !== i))"
          ><UIcon name="i-lucide-x" class="size-5"
        /></Key>
      </div>
      <Key :why="dice.sides.length >= 8 && 'A throw has 8 dice at most.'" @click="setSides([...dice.sides, 6])"
        ><UIcon name="i-lucide-plus" class="size-5" /> Another die</Key
      >
    </div>
    <div v-else-if="spinner" class="space-y-2">
      <UInput v-model.lazy="faces" class="w-full" aria-label="Fields of the spinner" />
      <label class="flex items-center gap-2"
        ><NumberField
          :model-value="spinner.spins"
          :min="1"
          :max="4"
          class="w-36"
          aria-label="Spins of a throw"
          @update:model-value="brings = { ...spinner, spins: $event }"
        />
        spins</label
      >
    </div>
    <div v-else-if="cards" class="flex flex-wrap gap-3">
      <label v-for="{ part, label } in PARTS" :key="part"
        >{{ label }}
        <NumberField
          :model-value="cards.pack[part]"
          :min="part === 'copies' ? 1 : 0"
          :max="part === 'copies' ? 12 : 100"
          class="w-32 block"
          :aria-label="`Cards ${label}`"
          @update:model-value="brings = { ...cards, pack: { ...cards.pack, [part]: $event } }"
      /></label>
      <label
        >drawn
        <NumberField
          :model-value="cards.draw"
          :min="1"
          :max="6"
          class="w-32 block"
          aria-label="Cards drawn"
          @update:model-value="brings = { ...cards, draw: $event }"
      /></label>
    </div>
  </Blank>
</template>
