<script setup lang="ts">
import { isEqual } from 'ohash/utils'
import type { CommonRules } from '#core/contract/commonRules'
import type { RuleField } from '#core/kernel/ruleFields'

/** One house rule as a control that fits its kind. */
const {
  field,
  problem = undefined,
  rules = {},
  players = [],
} = defineProps<{
  field: RuleField
  problem?: string
  /** The other rules as they stand: counts go by the names that one of them lists. */
  rules?: Readonly<Record<string, unknown>>
  /** Who sits where; what goes by seat is left out where nobody is named. */
  players?: readonly string[]
}>()
const value = defineModel<unknown>({ required: true })

const id = useId()
const empty = computed(() => value.value === null)
const number = computed({
  get: () => (typeof value.value === 'number' ? value.value : undefined),
  set: (given) => (value.value = given ?? null),
})
const picked = computed({ get: () => String(value.value), set: (given) => (value.value = given) })
const bySeat = computed({
  get: () => (value.value ?? {}) as CommonRules['bySeat'],
  set: (given) => (value.value = given),
})
const changed = computed(() => !isEqual(value.value, field.default))

const pack = computed(() => value.value as { low: number; high: number; copies: number })
const PARTS = [
  { part: 'low' as const, label: 'from' },
  { part: 'high' as const, label: 'to' },
  { part: 'copies' as const, label: 'of each' },
]
function setPack(part: 'low' | 'high' | 'copies', given: number | null | undefined) {
  if (typeof given === 'number') value.value = { ...pack.value, [part]: given }
}
/** A list of numbers as text; what is no number is left out, so that the judge sees whole numbers only. */
const numbers = computed({
  get: () => (Array.isArray(value.value) ? value.value.join(', ') : ''),
  set: (text) =>
    (value.value = text
      .split(/[^\d]+/)
      .filter(Boolean)
      .map(Number)),
})

/** A list of names with a number each. */
type Pair = Record<string, string | number>
const pairs = computed(() => (field.kind === 'pairs' ? (value.value as readonly Pair[]) : []))
function setPair(at: number, part: string, given: string | number | null | undefined) {
  if (given !== null && given !== undefined)
    value.value = pairs.value.map((pair, i) => (i === at ? { ...pair, [part]: given } : pair))
}
const addPair = () => (value.value = [...pairs.value, { [field.parts!.name]: '', [field.parts!.number]: 1 }])

/** The names that counts go by. */
const names = computed(() => {
  const lines = field.namesFrom === undefined ? [] : ((rules[field.namesFrom] ?? []) as readonly Pair[])
  return lines.map((line) => String(Object.values(line)[0])).filter(Boolean)
})
const counts = computed(() => (value.value ?? {}) as Record<string, number>)
// A name that the other rule no longer has takes its count along.
watch(
  // By what they are: the list itself is made anew with every rule that changes.
  () => names.value.join('\n'),
  () => {
    if (field.kind === 'counts' && value.value !== null)
      value.value = Object.fromEntries(names.value.map((name) => [name, counts.value[name] ?? field.each ?? 1]))
  },
)

function setEmpty(isEmpty: boolean) {
  if (isEmpty) value.value = null
  else
    value.value =
      field.kind === 'counts'
        ? Object.fromEntries(names.value.map((name) => [name, field.each ?? 1]))
        : (field.suggest ?? 1)
}
</script>

<template>
  <div
    v-if="field.kind !== 'other' && (field.kind !== 'by-seat' || players.length)"
    :data-rule="field.name"
    class="space-y-1"
  >
    <p :id="id" class="font-bold flex items-center gap-2">
      {{ field.label }}
      <UButton
        v-if="changed"
        variant="words"
        class="min-h-0 px-0 text-sm font-normal"
        :aria-label="`${field.label}: back to the usual`"
        @click="value = field.default"
      >
        usual
      </UButton>
    </p>
    <div v-if="field.kind === 'number'" class="flex items-center gap-3 min-h-12">
      <USwitch v-if="field.none" :model-value="!empty" :aria-labelledby="id" @update:model-value="setEmpty(!$event)" />
      <span v-if="empty">{{ field.none }}</span>
      <UInputNumber
        v-else-if="!Array.isArray(value)"
        v-model="number"
        :min="field.least"
        :max="field.most"
        size="xl"
        class="w-40"
        :aria-labelledby="id"
      />
    </div>
    <div
      v-else-if="field.kind === 'number-or-word'"
      class="flex flex-wrap items-center gap-1.5"
      role="group"
      :aria-labelledby="id"
    >
      <Key
        v-for="choice in field.choices"
        :key="choice.value"
        :aria-pressed="value === choice.value"
        @click="value = choice.value"
        >{{ choice.label }}</Key
      >
      <Key v-if="field.none" :aria-pressed="empty" @click="value = null">{{ field.none }}</Key>
      <UInputNumber
        :model-value="number"
        :min="field.least"
        :max="field.most"
        size="xl"
        class="w-40"
        :placeholder="String(field.suggest ?? field.least ?? '')"
        :aria-labelledby="id"
        @update:model-value="typeof $event === 'number' && (value = $event)"
      />
    </div>
    <ChoiceRow
      v-else-if="field.kind === 'choice'"
      v-model="picked"
      :label="field.label"
      :choices="field.choices ?? []"
      quiet
    />
    <div v-else-if="field.kind === 'pack'" class="flex flex-wrap gap-2">
      <label v-for="{ part, label } in PARTS" :key="part" class="text-sm">
        {{ label }}
        <UInputNumber
          :model-value="pack[part]"
          :min="part === 'copies' ? 1 : 0"
          :max="part === 'copies' ? 20 : 100"
          size="xl"
          class="w-28 block"
          :aria-label="`${field.label} ${label}`"
          @update:model-value="setPack(part, $event)"
        />
      </label>
    </div>
    <UInput
      v-else-if="field.kind === 'text'"
      :model-value="String(value ?? '')"
      class="w-full"
      :maxlength="field.longest"
      :aria-labelledby="id"
      @update:model-value="value = String($event)"
    />
    <UInput
      v-else-if="field.kind === 'numbers'"
      v-model.lazy="numbers"
      size="xl"
      class="w-full"
      inputmode="numeric"
      :aria-labelledby="id"
    />
    <div v-else-if="field.kind === 'pairs'" class="space-y-1" role="group" :aria-labelledby="id">
      <div v-for="(pair, i) in pairs" :key="i" class="flex items-center gap-1.5">
        <UInput
          :model-value="String(pair[field.parts!.name])"
          size="xl"
          class="grow min-w-0"
          :maxlength="30"
          :aria-label="`${field.parts!.name} ${i + 1}`"
          @update:model-value="setPair(i, field.parts!.name, String($event).trim())"
        />
        <UInputNumber
          :model-value="Number(pair[field.parts!.number])"
          size="xl"
          class="w-32 shrink-0"
          :aria-label="`${field.parts!.number} of ${pair[field.parts!.name] || `line ${i + 1}`}`"
          @update:model-value="setPair(i, field.parts!.number, $event)"
        />
        <Key
          v-if="pairs.length > 1"
          :aria-label="`Remove ${pair[field.parts!.name] || `line ${i + 1}`}`"
          @click="value = pairs.filter((_, at) => at !== i)"
          ><UIcon name="i-lucide-x" class="size-5"
        /></Key>
      </div>
      <Key @click="addPair"><UIcon name="i-lucide-plus" class="size-5" /> Another {{ field.parts!.name }}</Key>
    </div>
    <div v-else-if="field.kind === 'counts'" class="space-y-1" role="group" :aria-labelledby="id">
      <div class="flex items-center gap-3 min-h-12">
        <USwitch
          v-if="field.none"
          :model-value="!empty"
          :aria-labelledby="id"
          @update:model-value="setEmpty(!$event)"
        />
        <span v-if="empty">{{ field.none }}</span>
      </div>
      <label v-for="name in empty ? [] : names" :key="name" class="flex items-center gap-2">
        <span class="w-24 truncate">{{ name }}</span>
        <UInputNumber
          :model-value="counts[name] ?? 0"
          :min="0"
          :max="500"
          size="xl"
          class="w-32"
          :aria-label="`${name} ${field.label}`"
          @update:model-value="typeof $event === 'number' && (value = { ...counts, [name]: $event })"
        />
      </label>
    </div>
    <BySeatRule v-else-if="field.kind === 'by-seat'" v-model="bySeat" :names="players" :answers="'answers' in rules" />
    <USwitch
      v-else-if="field.kind === 'yes-no'"
      :model-value="value === true"
      :aria-labelledby="id"
      @update:model-value="value = $event"
    />
    <SeatNumbers v-if="field.perSeat && players.length > 1" v-model="value" :field="field" :players="players" />
    <p
      class="text-sm"
      :role="problem ? 'alert' : undefined"
      :class="problem ? 'text-(--refused) font-semibold' : 'text-(--ink-soft)'"
    >
      {{ problem ?? field.hint }}
    </p>
  </div>
</template>
