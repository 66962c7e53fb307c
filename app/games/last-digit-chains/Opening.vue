<script setup lang="ts">
import { chainOf, toFans, type ChainOpening, type ChainRules } from '#core/games/last-digit-chains/rules'
import { countOf } from '#core/kit/pack'
import type { Problem } from '#core/contract/problem'

/** Everybody’s fans as they lie: the digits typed in one go, or touched; checked against the pack as they come. */
const { rules, names, problems } = defineProps<{
  rules: ChainRules
  names: readonly string[]
  problems: readonly Problem[]
}>()
const opening = defineModel<ChainOpening | null>({ required: true })

const texts = ref<string[]>([])
/** Whose fans the keys belong to, from 0. */
const at = ref(0)
const chain = computed(() => chainOf(rules))
const digits = computed(() => chain.value.copies.flatMap((copies, digit) => (copies ? [digit] : [])))
watch(
  () => names.length,
  (count) =>
    (texts.value = Array.from(
      { length: count },
      (_, i) => texts.value[i] ?? opening.value?.fans[i]?.map((fan) => fan.join('')).join(' ') ?? '',
    )),
  { immediate: true },
)
const layouts = computed(() =>
  texts.value.map((text) => {
    const cards = [...text].filter((letter) => /\d/.test(letter)).map(Number)
    const odd = /[^\d\s,]/.exec(text)?.[0]
    const stranger = cards.find((card) => !digits.value.includes(card))
    const many = cards.find((card) => countOf(cards, card) > chain.value.copies[card]!)
    const wrong =
      odd !== undefined
        ? `“${odd}” is no digit.`
        : stranger !== undefined
          ? `There is no ${stranger} in this pack.`
          : many !== undefined
            ? `That is more than ${chain.value.copies[many]} of the ${many}: look again.`
            : cards.length > chain.value.cards
              ? `${cards.length - chain.value.cards} too many.`
              : null
    return { cards, fans: toFans(cards, rules.fan), wrong, left: chain.value.cards - cards.length }
  }),
)
watch(
  layouts,
  (now) => (opening.value = now.some(({ cards }) => cards.length) ? { fans: now.map(({ fans }) => fans) } : null),
  { deep: true },
)
const open = (digit: number) => chain.value.copies[digit]! - countOf(layouts.value[at.value]?.cards ?? [], digit)

function touch(digit: number) {
  texts.value[at.value] = (texts.value[at.value] ?? '') + digit
  // The next player’s fans follow those that are complete.
  if (layouts.value[at.value]?.left === 0 && (layouts.value[at.value + 1]?.left ?? 0) > 0) at.value++
}
const back = () => (texts.value[at.value] = (texts.value[at.value] ?? '').trimEnd().slice(0, -1))
</script>

<template>
  <fieldset class="sheet p-4 space-y-4">
    <legend class="contents"><span class="block text-xl font-bold display">The fans as they lie</span></legend>
    <p class="text-sm text-(--ink-soft)">
      {{ chain.cards }} cards each, fan after fan, the bottom card of each fan first: {{ rules.fan }} in a fan. Type the
      digits in one go, or touch them below.
    </p>
    <div v-for="(name, i) in names" :key="i">
      <label>
        <span class="font-semibold">{{ name }}</span>
        <UInput
          v-model="texts[i]"
          size="xl"
          class="w-full"
          :ui="{ base: 'figures tracking-widest' }"
          inputmode="numeric"
          autocomplete="off"
          :aria-label="`Fans of ${name}`"
          @focus="at = i"
        />
      </label>
      <p
        class="text-sm"
        :class="layouts[i]?.wrong ? 'text-(--refused) font-semibold' : 'text-(--ink-soft)'"
        role="status"
      >
        {{ layouts[i]?.wrong ?? (layouts[i]?.left ? `${layouts[i]!.left} to come` : 'complete') }}
      </p>
      <p class="figures flex flex-wrap gap-x-3" aria-hidden="true">
        <span v-for="(fan, f) in layouts[i]?.fans" :key="f"
          >{{ fan.slice(0, -1).join('') }}<b>{{ fan.at(-1) }}</b></span
        >
      </p>
    </div>
    <div class="space-y-1.5">
      <div v-if="names.length > 1" class="flex flex-wrap gap-1.5" role="group" aria-label="Whose fans are touched">
        <Key v-for="(name, i) in names" :key="i" :aria-pressed="at === i" @click="at = i">{{ name }}</Key>
      </div>
      <div class="flex flex-wrap gap-1.5">
        <CardKeys
          :cards="digits"
          :spent="(digit) => open(digit) <= 0"
          :label="(digit) => `Lies a ${digit}`"
          @pick="touch"
        />
        <Key aria-label="Remove the last card" :why="!texts[at] && 'No card is entered yet.'" @click="back"
          ><UIcon name="i-lucide-delete" class="size-6"
        /></Key>
      </div>
    </div>
    <p v-if="problems.length" role="alert" class="text-(--refused) font-semibold">
      Enter every fan whole, or let the app deal.
    </p>
  </fieldset>
</template>
