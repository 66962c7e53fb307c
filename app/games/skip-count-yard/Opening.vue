<script setup lang="ts">
import type { YardRules } from '#core/games/skip-count-yard/houseRules'
import type { YardOpening } from '#core/games/skip-count-yard/rules'
import { deckOfSets, SIDES } from '#core/games/skip-count-yard/yard'
import { countOf } from '#core/kit/pack'
import type { Problem } from '#core/contract/problem'

/** The four cards laid open around the stock: touched or typed, north, east, south, west. */
const { rules, problems } = defineProps<{ rules: YardRules; names: readonly string[]; problems: readonly Problem[] }>()
const opening = defineModel<YardOpening | null>({ required: true })

const NAMES = ['North', 'East', 'South', 'West']
const texts = ref<string[]>(SIDES.map((_, i) => String(opening.value?.sides[i] ?? '')))
const deck = computed(() => deckOfSets(rules.sets))
const cards = computed(() => texts.value.map((text) => (/^\d{1,3}$/.test(text.trim()) ? Number(text) : null)))
const lie = computed(() => cards.value.filter((card): card is number => card !== null))
const wrong = (i: number) => {
  const card = cards.value[i]!
  if (card === null) return texts.value[i]!.trim() ? 'no card' : null
  if (!deck.value.copiesOf(card)) return `no ${card} in these sets`
  return countOf(lie.value, card) > deck.value.copiesOf(card) ? `more ${card}s than there are` : null
}
watch(cards, () => (opening.value = lie.value.length === 4 ? { sides: lie.value } : null), { deep: true })
const form = useTemplateRef('form')
/** All four may be typed in one go, with spaces or Enter between: each field hands on to the next. */
function type(i: number, text: string) {
  const parts = text.split(/[\s,]+/)
  parts.slice(0, 4 - i).forEach((part, n) => (texts.value[i + n] = part))
  if (parts.length > 1) goTo(Math.min(3, i + parts.length - 1))
}
function goTo(i: number) {
  void nextTick(() => form.value?.querySelectorAll('input')[i]?.focus())
}
function touch(card: number) {
  const at = texts.value.findIndex((text) => !text.trim())
  if (at >= 0) texts.value[at] = String(card)
}
function back() {
  const at = texts.value.findLastIndex((text) => text.trim())
  if (at >= 0) texts.value[at] = ''
}
</script>

<template>
  <fieldset ref="form" class="sheet p-4 space-y-3">
    <legend class="contents"><span class="block text-xl font-bold display">The four cards that lie open</span></legend>
    <div class="grid gap-3 grid-cols-2 sm:grid-cols-4">
      <label v-for="(name, i) in NAMES" :key="name">
        <span class="font-semibold">{{ name }}</span>
        <UInput
          :model-value="texts[i]"
          size="xl"
          class="w-full"
          :ui="{ base: 'figures' }"
          inputmode="numeric"
          autocomplete="off"
          :aria-label="`${name} side`"
          @update:model-value="type(i, String($event))"
          @keydown.enter.prevent="goTo(Math.min(3, i + 1))"
        />
        <span class="block text-sm min-h-5" :class="wrong(i) ? 'text-(--refused) font-semibold' : ''" role="status">{{
          wrong(i) ?? ''
        }}</span>
      </label>
    </div>
    <div class="flex flex-wrap gap-1.5">
      <CardKeys
        :cards="deck.faces"
        :spent="(card) => countOf(lie, card) >= deck.copiesOf(card)"
        :label="(card) => `Lies a ${card}`"
        @pick="touch"
      />
      <Key aria-label="Remove the last card" :why="!lie.length && 'No card is entered yet.'" @click="back"
        ><UIcon name="i-lucide-delete" class="size-6"
      /></Key>
    </div>
    <p v-if="problems.length" role="alert" class="text-(--refused) font-semibold">
      Enter all four cards, or let the app deal.
    </p>
  </fieldset>
</template>
