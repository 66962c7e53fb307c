<script setup lang="ts">
import { tilesIn } from '#core/games/roof-tiles/layout'
import { toRows, type RoofOpening, type RoofRules } from '#core/games/roof-tiles/rules'
import { countOf, inPack } from '#core/pack'
import type { Problem } from '#core/problem'

/** The roofs as they lie, typed in one go from the top: a digit a card, T (or 0 where no zeros are) for ten. */
const { rules, names, problems } = defineProps<{ rules: RoofRules; names: readonly string[]; problems: readonly Problem[] }>()
const opening = defineModel<RoofOpening | null>({ required: true })

const texts = ref<string[]>([])
watch(() => names.length, (count) => (texts.value = Array.from({ length: count }, (_, i) => texts.value[i] ?? '')), { immediate: true })

function read(text: string): number[] {
  const parts = /[\s,]/.test(text.trim()) ? text.trim().split(/[\s,]+/) : [...text.trim()]
  return parts.filter(Boolean).map((part) => (/^t$/i.test(part) ? 10 : part === '0' && rules.pack.low > 0 ? 10 : Number(part)))
}
const size = computed(() => tilesIn(rules.rows))
const roofs = computed(() => texts.value.map((text) => {
  const cards = read(text)
  const stranger = cards.find((card) => !Number.isInteger(card) || !inPack(rules.pack, card))
  const many = cards.find((card) => countOf(cards, card) > rules.pack.copies)
  const wrong = stranger !== undefined ? `There is no ${Number.isNaN(stranger) ? 'such card' : stranger} in this pack.` : many !== undefined ? `That is more than ${rules.pack.copies} of the ${many}: look again.` : cards.length > size.value ? `${cards.length - size.value} too many.` : null
  return { cards, wrong, left: size.value - cards.length }
}))
watch(
  roofs,
  () => (opening.value = roofs.value.some(({ cards }) => cards.length) ? { layouts: roofs.value.map(({ cards }) => toRows(cards)) } : null),
  { deep: true },
)
</script>

<template>
  <fieldset class="sheet p-4 space-y-4">
    <legend class="contents"><span class="block text-xl font-bold display">The roofs as they lie</span></legend>
    <p class="text-sm text-(--ink-soft)">{{ size }} cards each, row by row from the top: a digit a card, T for ten. Larger cards with spaces between.</p>
    <div v-for="(name, i) in names" :key="i" class="flex flex-wrap gap-4">
      <label class="grow min-w-64">
        <span class="font-semibold">{{ name }}</span>
        <input v-model="texts[i]" class="figures w-full h-12 px-3 text-xl tracking-widest rounded-md border border-(--ui-border-accented) bg-(--sheet)" autocomplete="off" autocapitalize="characters" spellcheck="false" :aria-label="`Roof of ${name}`" />
        <span class="block text-sm" :class="roofs[i]?.wrong ? 'text-(--refused) font-semibold' : 'text-(--ink-soft)'" role="status">
          {{ roofs[i]?.wrong ?? (roofs[i]?.left ? `${roofs[i]!.left} to come` : 'complete') }}
        </span>
      </label>
      <div class="figures text-center leading-5 w-40" aria-hidden="true"><div v-for="(row, r) in toRows(roofs[i]?.cards ?? [])" :key="r">{{ row.join(' ') }}</div></div>
    </div>
    <p v-if="problems.length" role="alert" class="text-(--refused) font-semibold">Enter every roof whole, or let the app deal.</p>
  </fieldset>
</template>
