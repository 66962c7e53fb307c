<script setup lang="ts">
import { aboutOf } from '#core/games/abouts'
import { GAMES } from '#core/games/index'
import { ruleFields } from '#core/ruleFields'
import { callApi } from '~/utils/api'
import type { ListedMatch, Person } from '~/utils/matches'

/** Finds matches, people, games, house rules and actions from one line. */
const open = defineModel<boolean>('open', { required: true })

const matches = shallowRef<readonly ListedMatch[]>([])
const people = shallowRef<readonly Person[]>([])
const colorMode = useColorMode()

watch(open, load, { immediate: true })

async function load(isOpen: boolean) {
  if (!isOpen) return
  try {
    const [listed, known] = await Promise.all([
      callApi<{ matches: ListedMatch[] }>('/api/matches?which=all&limit=60'),
      callApi<{ people: Person[] }>('/api/people'),
    ])
    matches.value = listed.matches
    people.value = known.people
  } catch {
    // What needs no server can still be found.
  }
}

const go = (to: string) => () => {
  open.value = false
  void navigateTo(to)
}
const rules = GAMES.flatMap((game) =>
  ruleFields(game).map((field) => ({ label: `${game.about.title}: ${field.label}`, suffix: field.hint, icon: 'i-lucide-scale', onSelect: go(`/rulebook/${game.id}#${field.name}`) })),
)
const groups = computed(() => [
  {
    id: 'actions',
    label: 'Do',
    items: [
      { label: 'New match', icon: 'i-lucide-plus', onSelect: go('/new') },
      { label: 'All matches', icon: 'i-lucide-layout-grid', onSelect: go('/') },
      { label: 'Keep and bring back', icon: 'i-lucide-archive', onSelect: go('/keep') },
      {
        label: colorMode.value === 'dark' ? 'Paper (light)' : 'Slate (dark)',
        icon: 'i-lucide-sun-moon',
        onSelect: () => (colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'),
      },
    ],
  },
  {
    id: 'matches',
    label: 'Matches',
    items: matches.value.map((match) => ({
      label: `${aboutOf(match.game)?.title ?? match.game}: ${match.seats.map(({ name }) => name).join(', ')}`,
      suffix: match.over ? 'finished' : 'live',
      icon: match.over ? 'i-lucide-award' : 'i-lucide-play',
      onSelect: go(`/match/${match.id}`),
    })),
  },
  {
    id: 'people',
    label: 'People',
    items: people.value.map(({ name }) => ({ label: name, suffix: 'a new match with', icon: 'i-lucide-user', onSelect: go(`/new?with=${encodeURIComponent(name)}`) })),
  },
  { id: 'games', label: 'Games', items: GAMES.map((game) => ({ label: game.about.title, suffix: game.about.line, icon: 'i-lucide-book-open', onSelect: go(`/rulebook/${game.id}`) })) },
  { id: 'rules', label: 'House rules', items: rules },
])
</script>

<template>
  <UModal v-model:open="open" title="Find anything" description="Matches, people, games, house rules, actions">
    <template #content>
      <UCommandPalette :groups="groups" placeholder="Matches, people, games, rules …" close class="h-96" @update:open="open = $event" />
    </template>
  </UModal>
</template>
