<script setup lang="ts">
import { keyOfEntry, type Fit } from '#core/catalogue/find'
import { MANNER_IDS, MANNERS } from '#core/catalogue/manners'
import { MATERIAL_IDS, MATERIALS } from '#core/contract/materials'
import { SKILL_IDS, SKILLS, skillNames } from '#core/contract/skills'

/** The games by what is to be practised, by players, time, age and what is in the box; results as they change, each with why. */
defineSlots<{ default(props: { fit: Fit; why: string; players: number | null }): unknown }>()
const { text, wish, fits, asked, toggleSkill, toggleMaterial, choose, clear } = useGameFinder()

type Drawer = 'skills' | 'manner' | 'players' | 'minutes' | 'box' | 'age'
const open = ref<Drawer | null>(null)
const NUMBERS = {
  players: { values: [1, 2, 3, 4, 6, 8], say: (n: number) => (n === 1 ? 'alone' : `${n} players`) },
  minutes: { values: [5, 10, 15, 20, 30, 45], say: (n: number) => `${n} minutes` },
  age: { values: [5, 6, 7, 8, 9, 10, 12], say: (n: number) => `${n} years` },
} as const
const drawers = computed<readonly { id: Drawer; label: string; now: string; icon: string }[]>(() => [
  { id: 'skills', label: 'What to practise', now: skillNames(wish.value.skills), icon: 'i-lucide-target' },
  {
    id: 'manner',
    label: 'How it is played',
    now: wish.value.manner ? MANNERS[wish.value.manner].name : '',
    icon: 'i-lucide-flag',
  },
  {
    id: 'players',
    label: 'Players',
    now: wish.value.players ? NUMBERS.players.say(wish.value.players) : '',
    icon: 'i-lucide-users',
  },
  {
    id: 'minutes',
    label: 'Time',
    now: wish.value.minutes ? NUMBERS.minutes.say(wish.value.minutes) : '',
    icon: 'i-lucide-clock',
  },
  {
    id: 'box',
    label: 'In the box',
    now: wish.value.box.map((material) => MATERIALS[material].name).join(', '),
    icon: 'i-lucide-package',
  },
  { id: 'age', label: 'Age', now: wish.value.age ? NUMBERS.age.say(wish.value.age) : '', icon: 'i-lucide-cake' },
])
/** Why this one, in a line: what of the wish it practises, and with what of the box. */
function why({ practises, uses }: Fit): string {
  const skills = skillNames(practises)
  const things = [...new Set(uses)].map((material) => MATERIALS[material].name)
  return things.length ? `${skills} · with ${things.join(', ')}` : skills
}
</script>

<template>
  <div class="space-y-3">
    <UInput
      v-model="text"
      size="xl"
      class="w-full"
      icon="i-lucide-search"
      autocomplete="off"
      aria-label="Search the games"
      placeholder="Make ten, times tables, dice …"
    />
    <div class="flex flex-wrap gap-1.5" role="group" aria-label="Filters">
      <Key
        v-for="{ id, label, now, icon } in drawers"
        :key="id"
        :aria-expanded="open === id"
        :class="{ set: now }"
        @click="open = open === id ? null : id"
        ><UIcon :name="icon" class="size-5 shrink-0" /> <span class="truncate max-w-52">{{ now || label }}</span></Key
      >
      <Key v-if="asked" @click="clear"><UIcon name="i-lucide-x" class="size-5" /> All games</Key>
    </div>
    <div
      v-if="open"
      class="sheet p-3 flex flex-wrap gap-1.5"
      role="group"
      :aria-label="drawers.find(({ id }) => id === open)?.label"
    >
      <template v-if="open === 'skills'">
        <Key
          v-for="skill in SKILL_IDS"
          :key="skill"
          :aria-pressed="wish.skills.includes(skill)"
          :title="SKILLS[skill].example"
          @click="toggleSkill(skill)"
          >{{ SKILLS[skill].name }}</Key
        >
      </template>
      <template v-else-if="open === 'manner'">
        <Key
          v-for="manner in MANNER_IDS"
          :key="manner"
          :aria-pressed="wish.manner === manner"
          @click="choose('manner', manner)"
          >{{ MANNERS[manner].name }}</Key
        >
      </template>
      <template v-else-if="open === 'box'">
        <p class="basis-full text-sm text-(--ink-soft)">Touch what you have: games that need nothing else are left.</p>
        <Key
          v-for="material in MATERIAL_IDS"
          :key="material"
          :aria-pressed="wish.box.includes(material)"
          @click="toggleMaterial(material)"
          >{{ MATERIALS[material].name }}</Key
        >
      </template>
      <template v-else>
        <Key
          v-for="value in NUMBERS[open].values"
          :key="value"
          :aria-pressed="wish[open] === value"
          @click="choose(open as 'players', value)"
          >{{ NUMBERS[open].say(value) }}</Key
        >
      </template>
    </div>
    <p v-if="asked" role="status" class="text-(--ink-soft)">
      {{
        fits.length === 0
          ? 'No game fits all of that: take a filter off, or type fewer words.'
          : fits[0]!.near
            ? `Nothing is quite that; ${fits.length === 1 ? 'one game comes' : `${fits.length} games come`} nearest.`
            : fits.length === 1
              ? 'One game fits.'
              : `${fits.length} games fit.`
      }}
    </p>
    <ul class="grid gap-2.5 sm:grid-cols-2 xl:grid-cols-3">
      <li v-for="fit in fits" :key="keyOfEntry(fit)"><slot :fit="fit" :why="why(fit)" :players="wish.players" /></li>
    </ul>
  </div>
</template>

<style scoped>
.set {
  border-color: var(--accent);
  background: var(--accent-soft);
}
</style>
