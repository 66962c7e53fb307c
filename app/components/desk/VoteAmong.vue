<script setup lang="ts">
import { isEqual } from 'ohash/utils'
import { countVotes, type Vote } from '#core/room/votes'
import { sayRuleValue, type RuleField } from '#core/kernel/ruleFields'

/** A vote among several values of one rule: hands counted for each, and what that comes to. */
const { field, now } = defineProps<{
  field: RuleField
  /** The rule in force. */
  now: unknown
}>()
const vote = defineModel<Vote<unknown> | null>({ required: true })

/** Values that can be voted on at most; of a number they are entered. */
const MOST = 6
const given =
  field.choices?.map(({ value }) => value as unknown) ??
  (field.kind === 'yes-no' ? [true, false] : typeof now === 'number' ? [now, now + 1] : [1, 2])
const rows = ref(given.map((value) => ({ value, votes: null as number | null })))
const numbers = !field.choices && field.kind !== 'yes-no'

watch(
  rows,
  (voted) => {
    const choices = voted.map((row) => ({ ...row, label: sayRuleValue(field, row.value) }))
    const alike = new Set(choices.map(({ label }) => label)).size < choices.length
    vote.value = alike ? null : countVotes(choices, (value) => isEqual(value, now))
  },
  { deep: true, immediate: true },
)
const another = () => {
  const most = Math.max(...rows.value.map(({ value }) => Number(value)))
  rows.value = [...rows.value, { value: Math.min(most + 1, field.most ?? Infinity), votes: null }]
}
</script>

<template>
  <div class="space-y-2" role="group" :aria-label="`A vote on: ${field.label}`">
    <div v-for="(row, i) in rows" :key="i" class="flex flex-wrap items-center gap-2">
      <NumberField
        v-if="numbers"
        :model-value="Number(row.value)"
        :min="field.least"
        :max="field.most"
        class="w-36"
        :aria-label="`Choice ${i + 1}`"
        @update:model-value="row.value = $event"
      />
      <span v-else class="basis-56 font-semibold">{{ sayRuleValue(field, row.value) }}</span>
      <UInputNumber
        v-model="row.votes"
        :min="0"
        :max="99"
        class="w-32"
        :aria-label="`Hands for ${sayRuleValue(field, row.value)}`"
      />
      <span v-if="isEqual(row.value, now)" class="text-(--ink-soft)">as it is</span>
    </div>
    <Key v-if="numbers" :why="rows.length >= MOST && `${MOST} choices are the most.`" @click="another"
      ><UIcon name="i-lucide-plus" class="size-5" /> Another choice</Key
    >
  </div>
</template>
