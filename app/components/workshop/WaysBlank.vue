<script setup lang="ts">
import type { OwnRules, Way } from '#core/games/own-game/houseRules'
import { MAKES, sayWay, SIGNS } from '#core/games/own-game/sayRecipe'

/** What is worked out of a throw and what that does; several ways leave a choice. */
const { rules } = defineProps<{ rules: OwnRules }>()
const emit = defineEmits<{ put: [changes: Partial<OwnRules>] }>()

const MOST = 4
const PICTURES = {
  sum: 'i-lucide-plus',
  product: 'i-lucide-x',
  largest: 'i-lucide-arrow-up-narrow-wide',
  smallest: 'i-lucide-arrow-down-wide-narrow',
  difference: 'i-lucide-minus',
  number: 'i-lucide-hash',
  calculation: 'i-lucide-calculator',
} as const
const makes = (Object.keys(MAKES) as Way['makes'][]).map((value) => ({
  value,
  label: MAKES[value],
  icon: PICTURES[value],
}))
const does = [
  { value: 'add' as const, label: 'Added', icon: 'i-lucide-trending-up' },
  { value: 'take' as const, label: 'Taken away', icon: 'i-lucide-trending-down' },
]
const signKeys = Object.entries(SIGNS).map(([value, label]) => ({ value, label }))
const text = computed(() => rules.ways.map((way) => sayWay(rules, way)).join('; or '))
const change = (at: number, changes: Partial<Way>) =>
  emit('put', { ways: rules.ways.map((way, i) => (i === at ? { ...way, ...changes } : way)) })
/** A way that is not there yet. */
const another = computed<Way | undefined>(() =>
  makes
    .flatMap(({ value }) => does.map((each) => ({ makes: value, does: each.value })))
    .find((way) => !rules.ways.some((other) => other.makes === way.makes && other.does === way.does)),
)
const signs = computed({
  get: () => [...rules.signs] as string[],
  set: (to) =>
    emit('put', {
      signs: signKeys.flatMap(({ value }) => (to.includes(value) ? [value as OwnRules['signs'][number]] : [])),
    }),
})
</script>

<template>
  <Blank :text="text" label="What it makes">
    <div v-for="(way, i) in rules.ways" :key="i" class="space-y-2 border-l-4 border-(--accent) pl-3">
      <ChoiceRow
        :model-value="way.makes"
        :label="`Way ${i + 1} makes`"
        :choices="makes"
        @update:model-value="change(i, { makes: $event })"
      />
      <div class="flex flex-wrap items-end gap-2">
        <ChoiceRow
          v-if="rules.scoring === 'gains'"
          :model-value="way.does"
          :label="`Way ${i + 1} is`"
          :choices="does"
          @update:model-value="change(i, { does: $event })"
        />
        <Key
          v-if="rules.ways.length > 1"
          :aria-label="`Remove way ${i + 1}`"
          @click="emit('put', { ways: rules.ways.filter((_, at) => at !== i) })"
          ><UIcon name="i-lucide-x" class="size-5"
        /></Key>
      </div>
    </div>
    <Key
      :why="(rules.ways.length >= MOST || !another) && 'There are no more ways to offer.'"
      @click="another && emit('put', { ways: [...rules.ways, another] })"
      ><UIcon name="i-lucide-plus" class="size-5" /> Another way</Key
    >
    <template v-if="rules.ways.some((way) => way.makes === 'calculation')">
      <UCheckboxGroup v-model="signs" legend="Signs agreed" orientation="horizontal" :items="signKeys" />
      <USwitch
        :model-value="rules.useAll"
        label="Every number is used"
        @update:model-value="emit('put', { useAll: $event })"
      />
    </template>
  </Blank>
</template>
