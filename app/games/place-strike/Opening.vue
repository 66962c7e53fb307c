<script setup lang="ts">
import { numberProblem, type StrikeOpening, type StrikeRules } from '#core/games/place-strike/rules'
import type { Problem } from '#core/contract/problem'
import { numberInWords } from '#core/basics/numberInWords'
import { sayProblem } from '#core/wording/index'

/** The numbers as the children wrote them, one line each; what could never be rolled is named before play. */
const { rules, names, problems } = defineProps<{
  rules: StrikeRules
  names: readonly string[]
  problems: readonly Problem[]
}>()
const opening = defineModel<StrikeOpening | null>({ required: true })

const texts = ref<string[]>([])
watch(
  () => names.length,
  (count) =>
    (texts.value = Array.from(
      { length: count },
      (_, i) => texts.value[i] ?? opening.value?.boards[i]?.join('\n') ?? '',
    )),
  { immediate: true },
)
/** A line a number; spaces and commas that group its digits are left out. */
const boards = computed(() =>
  texts.value.map((text) =>
    text
      .split('\n')
      .map((line) => line.replace(/[\s,.’']/g, ''))
      .filter(Boolean),
  ),
)
const told = computed(() =>
  boards.value.map((board) => ({
    lines: board.map((number) => {
      if (!/^\d+$/.test(number)) return { number, wrong: `${number} is no number.`, words: '' }
      const wrong = numberProblem(rules, number)
      return {
        number,
        wrong: wrong ? sayProblem({ path: '', ...wrong }) : '',
        words: number.length <= 6 ? numberInWords(Number(number)) : '',
      }
    }),
    left: rules.numbers - board.length,
  })),
)
/** A number that is whole begins the next line: all of them are typed without a touch between. */
function type(i: number, text: string) {
  const before = texts.value[i] ?? ''
  const lines = text.split('\n')
  const whole =
    text.length > before.length &&
    new RegExp(`^\\d{${rules.digits}}$`).test(lines.at(-1)!) &&
    lines.length < rules.numbers
  texts.value[i] = whole ? `${text}\n` : text
}
watch(
  boards,
  (now) =>
    (opening.value = now.some((board) => board.length)
      ? { boards: now.map((board) => board.filter((number) => /^\d+$/.test(number))) }
      : null),
  {
    deep: true,
  },
)
</script>

<template>
  <fieldset class="sheet p-4 space-y-4">
    <legend class="contents">
      <span class="block text-xl font-bold display">The numbers as they were written</span>
    </legend>
    <p class="text-sm text-(--ink-soft)">
      {{ rules.numbers }} numbers each, one a line, with {{ rules.digits }} digits from 1 to {{ rules.sides }}. Let each
      read a number aloud while you type.
    </p>
    <div v-for="(name, i) in names" :key="i" class="grid gap-3 sm:grid-cols-[12rem_1fr]">
      <label>
        <span class="font-semibold">{{ name }}</span>
        <UTextarea
          :model-value="texts[i]"
          size="xl"
          class="w-full"
          :rows="rules.numbers"
          :ui="{ base: 'figures tracking-widest' }"
          inputmode="numeric"
          autocomplete="off"
          :aria-label="`Numbers of ${name}`"
          @update:model-value="type(i, String($event))"
        />
        <span
          class="block text-sm"
          :class="(told[i]?.left ?? 0) < 0 ? 'text-(--refused) font-semibold' : 'text-(--ink-soft)'"
          role="status"
          >{{
            told[i]!.left > 0
              ? `${told[i]!.left} to come`
              : told[i]!.left < 0
                ? `${-told[i]!.left} too many`
                : told[i]!.lines.some(({ wrong }) => wrong)
                  ? 'look again'
                  : 'complete'
          }}</span
        >
      </label>
      <ol class="text-sm space-y-0.5 sm:pt-7">
        <li
          v-for="({ wrong, words }, n) in told[i]?.lines"
          :key="n"
          :class="{ 'text-(--refused) font-semibold': wrong }"
        >
          {{ wrong || words }}
        </li>
      </ol>
    </div>
    <p v-if="problems.length" role="alert" class="text-(--refused) font-semibold">
      Write every number whole, or let the app deal.
    </p>
  </fieldset>
</template>
