<script setup lang="ts">
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import { tilesIn } from '#core/games/roof-tiles/layout'
import { toRows, type RoofOpening } from '#core/games/roof-tiles/rules'
import { countOf, facesOf, inPack } from '#core/kit/pack'
import type { Problem } from '#core/contract/problem'

/** The roofs as they lie, row by row from the top: typed in one go, or touched card by card. */
const { rules, names, problems } = defineProps<{
  rules: RoofRules
  names: readonly string[]
  problems: readonly Problem[]
}>()
const opening = defineModel<RoofOpening | null>({ required: true })

const texts = ref<string[]>([])
/** Whose roof the keys belong to, from 0. */
const at = ref(0)
const faces = computed(() => facesOf(rules.pack))
const write = (card: number) => (card === 10 ? 'T' : String(card))
watch(
  () => names.length,
  (count) => (texts.value = Array.from({ length: count }, (_, i) => texts.value[i] ?? textOf(i))),
  { immediate: true },
)

/** A roof that was entered before, as it would be typed. */
function textOf(seat: number): string {
  const cards = opening.value?.layouts[seat]?.flat() ?? []
  return cards.map(write).join(cards.some((card) => card > 10) ? ' ' : '')
}

/** Cards as they were typed: a digit a card, T (or 0 where no zeros are) for ten; null for what is no card. */
function read(text: string): (number | null)[] {
  const parts = /[\s,]/.test(text.trim()) ? text.trim().split(/[\s,]+/) : [...text.trim()]
  return parts
    .filter(Boolean)
    .map((part) =>
      /^t$/i.test(part) ? 10 : part === '0' && rules.pack.low > 0 ? 10 : /^\d+$/.test(part) ? Number(part) : null,
    )
}
const size = computed(() => tilesIn(rules.rows))
const roofs = computed(() =>
  texts.value.map((text) => {
    const typed = read(text)
    const cards = typed.filter((card) => card !== null)
    const many = cards.find((card) => countOf(cards, card) > rules.pack.copies)
    const stranger = cards.find((card) => !inPack(rules.pack, card))
    return {
      cards,
      whole: typed.length === cards.length,
      wrong: wrongIn(typed.indexOf(null), stranger, many, cards.length),
      left: size.value - cards.length,
    }
  }),
)
function wrongIn(
  nothing: number,
  stranger: number | undefined,
  many: number | undefined,
  count: number,
): string | null {
  if (nothing >= 0) return `What stands at place ${nothing + 1} is no card.`
  if (stranger !== undefined) return `There is no ${stranger} in this pack.`
  if (many !== undefined) return `That is more than ${rules.pack.copies} of the ${many}: look again.`
  return count > size.value ? `${count - size.value} too many.` : null
}
watch(
  roofs,
  () =>
    (opening.value = roofs.value.some(({ cards }) => cards.length)
      ? { layouts: roofs.value.map(({ cards }) => toRows(cards)) }
      : null),
  {
    deep: true,
  },
)

function touch(card: number) {
  const text = texts.value[at.value] ?? ''
  const spaced = rules.pack.high > 10 || /\s/.test(text.trim())
  texts.value[at.value] = spaced ? `${text.trim()} ${card}`.trim() : text + write(card)
  // The next roof follows the one that is complete.
  if (roofs.value[at.value]?.left === 0 && (roofs.value[at.value + 1]?.left ?? 0) > 0) at.value++
}
function back() {
  const text = (texts.value[at.value] ?? '').trimEnd()
  texts.value[at.value] = /\s/.test(text) ? text.replace(/\s*\S+$/, '') : text.slice(0, -1)
}
</script>

<template>
  <fieldset class="sheet p-4 space-y-4">
    <legend class="contents"><span class="block text-xl font-bold display">The roofs as they lie</span></legend>
    <p class="text-sm text-(--ink-soft)">
      {{ size }} cards each, row by row from the top: touch them below, or type a digit a card and T for ten (larger
      cards with spaces between).
    </p>
    <div v-for="(name, i) in names" :key="i" class="flex flex-wrap gap-4">
      <label class="grow min-w-64">
        <span class="font-semibold">{{ name }}</span>
        <UInput
          v-model="texts[i]"
          size="xl"
          class="w-full"
          :ui="{ base: 'figures tracking-widest' }"
          autocomplete="off"
          autocapitalize="characters"
          spellcheck="false"
          :aria-label="`Roof of ${name}`"
          @focus="at = i"
        />
        <span
          class="block text-sm"
          :class="roofs[i]?.wrong ? 'text-(--refused) font-semibold' : 'text-(--ink-soft)'"
          role="status"
        >
          {{ roofs[i]?.wrong ?? (roofs[i]?.left ? `${roofs[i]!.left} to come` : 'complete') }}
        </span>
      </label>
      <div class="figures text-center leading-5 w-40" aria-hidden="true">
        <div v-for="(row, r) in toRows(roofs[i]?.cards ?? [])" :key="r">{{ row.join(' ') }}</div>
      </div>
    </div>
    <div class="space-y-1.5">
      <div v-if="names.length > 1" class="flex flex-wrap gap-1.5" role="group" aria-label="Whose roof is touched">
        <Key v-for="(name, i) in names" :key="i" :aria-pressed="at === i" @click="at = i">{{ name }}</Key>
      </div>
      <div class="flex flex-wrap gap-1.5">
        <CardKeys :cards="faces" :label="(card) => `Lies a ${card}`" @pick="touch" />
        <Key aria-label="Remove the last card" :why="!texts[at] && 'No card is entered yet.'" @click="back"
          ><UIcon name="i-lucide-delete" class="size-6"
        /></Key>
      </div>
    </div>
    <p v-if="problems.length" role="alert" class="text-(--refused) font-semibold">
      Enter every roof whole, or let the app deal.
    </p>
  </fieldset>
</template>
