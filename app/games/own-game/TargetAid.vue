<script setup lang="ts">
import type { OwnRules } from '#core/games/own-game/houseRules'
import { sentencesOf } from '#core/games/own-game/sentences'
import { startBots } from '~/workers/bots'
import type { Bots } from '~/workers/bots.worker'

/** Every number sentence that makes the target of a throw or comes nearest; without a target, what could be made at most. */
const { rules, numbers } = defineProps<{ rules: OwnRules; numbers: readonly number[] }>()

/** Sentences shown at once, and looked for at all. */
const FEW = 8
const MOST = 2000
const all = ref(false)
const { part, failed, ask, cancel } = useWorker<Bots>(startBots)
const found = computedAsync(async () => {
  all.value = false
  const { target, signs, useAll } = rules
  if (target === null) {
    const made = [...sentencesOf(rules, numbers)].sort((a, b) => b.value - a.value).slice(0, FEW)
    return { value: null, sentences: made.map(({ text, value }) => `${text}=${value}`), more: false }
  }
  return ask((remote, tell) => remote.sentences(plain({ signs, useAll }), plain(numbers), target, MOST, tell))
}, null)
const shown = computed(() => found.value?.sentences.slice(0, all.value ? MOST : FEW) ?? [])
const rest = computed(() => (found.value?.sentences.length ?? 0) - shown.value.length)
const says = computed(() => {
  const { value, sentences, more } = found.value ?? { value: null, sentences: [], more: false }
  if (value === null) return 'The largest that could be made:'
  const many = more
    ? `more than ${MOST} sentences`
    : sentences.length === 1
      ? 'one sentence'
      : `${sentences.length} sentences`
  return value === rules.target
    ? `${minus(value)} is made by ${many}.`
    : `Nobody can make ${minus(rules.target!)}: nearest is ${minus(value)}, by ${many}.`
})
const written = (text: string) =>
  text
    .replaceAll('*', ' × ')
    .replaceAll('/', ' ÷ ')
    .replaceAll('-', ' − ')
    .replaceAll('+', ' + ')
    .replaceAll('=', ' = ')
</script>

<template>
  <div class="space-y-1.5">
    <WorkUnderWay :part="part" :failed="failed" doing="Searching" broke="The search broke off" @stop="cancel" />
    <template v-if="found && !part && !failed">
      <p role="status">{{ says }}</p>
      <ul class="figures max-h-80 overflow-y-auto" :tabindex="all ? 0 : undefined" aria-label="Number sentences">
        <li v-for="text in shown" :key="text">{{ written(text) }}</li>
      </ul>
      <Key v-if="rest > 0" @click="all = true">All {{ found.sentences.length }}</Key>
    </template>
  </div>
</template>
