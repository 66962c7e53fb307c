<script setup lang="ts">
import type { Entered, Part, Parts } from '#core/contract/situation'

/** What lies there, part by part, by touch. */
const { parts } = defineProps<{ parts: Parts }>()
const entered = defineModel<Entered>({ required: true })

const put = (name: string, value: number | readonly number[]) => (entered.value = { ...entered.value, [name]: value })
const numberAt = (name: string) => entered.value[name] as number
const listAt = (name: string) => entered.value[name] as readonly number[]
type Numbers = Extract<Part, { kind: 'numbers' }>
const fullWhy = (name: string, { most }: Numbers) => listAt(name).length >= most && `${most} are the most here.`
/** Numbers that are touched; of more one is set, and put in. */
const MOST_KEYS = 25
const range = ({ low, high }: Numbers) => Array.from({ length: high - low + 1 }, (_, i) => low + i)
const nameOf = ({ low, names }: Numbers, value: number) => names?.[value - low] ?? minus(value)
const add = (name: string, part: Numbers, value: number) => {
  if (listAt(name).length < part.most) put(name, [...listAt(name), value])
}
/** The number that is put in next, where there are too many for keys. */
const next = ref<Readonly<Record<string, number>>>({})
const shown = computed(() =>
  Object.entries(parts).filter(
    ([, part]) =>
      (part.kind === 'numbers' && part.most > 0) ||
      (part.kind === 'number' && part.high > part.low) ||
      (part.kind === 'choice' && part.choices.length > 1),
  ),
)
const FEW_CHOICES = 3
</script>

<template>
  <div class="space-y-4">
    <div v-for="[name, part] in shown" :key="name" class="space-y-1.5" role="group" :aria-label="part.label">
      <template v-if="part.kind === 'choice'">
        <ChoiceRow
          v-if="part.choices.length <= FEW_CHOICES"
          :model-value="numberAt(name)"
          :label="part.label"
          :choices="part.choices.map((label, value) => ({ value, label }))"
          @update:model-value="put(name, $event)"
        />
        <template v-else>
          <p class="font-semibold">{{ part.label }}</p>
          <Choose
            :model-value="String(numberAt(name))"
            class="w-full"
            :label="part.label"
            :choices="[{ items: part.choices.map((label, i) => ({ value: String(i), label })) }]"
            @update:model-value="put(name, Number($event))"
          />
        </template>
      </template>
      <template v-else-if="part.kind === 'number'">
        <p class="font-semibold">{{ part.label }}</p>
        <NumberField
          :model-value="numberAt(name)"
          :min="part.low"
          :max="part.high"
          class="w-40"
          :aria-label="part.label"
          @update:model-value="put(name, $event)"
        />
      </template>
      <template v-else>
        <p class="flex flex-wrap items-center gap-1">
          <span class="font-semibold mr-2">{{ part.label }}</span>
          <Key
            v-for="(value, i) in listAt(name)"
            :key="i"
            class="lying figures"
            :aria-label="`${part.label}: remove the ${nameOf(part, value)}, ${i + 1} of ${listAt(name).length}`"
            title="Touch to remove"
            @click="put(name, listAt(name).toSpliced(i, 1))"
            >{{ nameOf(part, value) }}</Key
          >
        </p>
        <div v-if="range(part).length <= MOST_KEYS" class="flex flex-wrap gap-1">
          <Key
            v-for="value in range(part)"
            :key="value"
            class="figures"
            :why="fullWhy(name, part)"
            :aria-label="`${part.label}: put in ${nameOf(part, value)}`"
            @click="add(name, part, value)"
            >{{ nameOf(part, value) }}</Key
          >
        </div>
        <p v-else class="flex gap-2">
          <NumberField
            :model-value="next[name] ?? part.low"
            :min="part.low"
            :max="part.high"
            class="w-36"
            :aria-label="part.label"
            @update:model-value="next = { ...next, [name]: $event }"
          />
          <Key :why="fullWhy(name, part)" @click="add(name, part, next[name] ?? part.low)">Put in</Key>
        </p>
      </template>
    </div>
  </div>
</template>

<style scoped>
.lying {
  border-color: var(--accent);
  background: var(--accent-soft);
}
</style>
