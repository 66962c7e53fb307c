<script setup lang="ts">
import type { Forgotten, SeenPerson } from '#shared/api'
import { callApi } from '~/utils/api'

/** Everybody who plays here; and what is to be forgotten. */
const route = useRoute()
const people = shallowRef<readonly SeenPerson[]>([])
const ready = ref(false)
const failed = ref<string | null>(null)
const done = ref(typeof route.query.forgot === 'string' ? `Forgotten: ${route.query.forgot}.` : '')
const text = ref('')
const name = ref('')
const months = ref(12)
const counted = ref<Forgotten | null>(null)
const clearing = ref(false)

async function run(what: () => Promise<string | undefined>) {
  failed.value = null
  try {
    done.value = (await what()) ?? done.value
    people.value = (await callApi<{ people: SeenPerson[] }>('/api/people/seen')).people
    ready.value = true
  } catch (error) {
    failed.value = saysOf(error)
  }
}
onMounted(() => run(async () => undefined))

const shown = computed(() =>
  people.value.filter((person) => person.name.toLowerCase().includes(text.value.trim().toLowerCase())),
)
const add = () =>
  run(async () => {
    const given = name.value.trim()
    if (!given) return undefined
    await callApi('/api/people', 'POST', { name: given })
    name.value = ''
    return `${given} is known now.`
  })
const count = () =>
  run(async () => {
    counted.value = await callApi<Forgotten>(`/api/forget?months=${months.value}`)
    return undefined
  })
const forget = () =>
  run(async () => {
    const gone = await callApi<Forgotten>('/api/forget', 'POST', { months: months.value })
    counted.value = null
    return `Forgotten: ${sayForgotten(gone)}.`
  })
const clear = () =>
  run(async () => {
    if (!clearing.value) {
      clearing.value = true
      return undefined
    }
    clearing.value = false
    return `Cleared away: ${sayForgotten(await callApi<Forgotten>('/api/demo', 'DELETE'))}.`
  })
watch(months, () => (counted.value = null))
useHead({ title: 'People · Nimble Tally' })
</script>

<template>
  <div class="space-y-5">
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl font-bold mr-auto">People</h1>
      <UInput
        v-model="text"
        size="xl"
        icon="i-lucide-search"
        placeholder="Find a name"
        aria-label="Find a name"
        class="w-56"
      />
      <Key to="/choices"><UIcon name="i-lucide-table-2" class="size-5" /> Choice board</Key>
    </header>
    <p v-if="done" role="status" class="font-semibold">{{ done }}</p>
    <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
    <p v-if="!ready && !failed" aria-busy="true">Looking it up …</p>
    <ul v-else-if="shown.length" class="grid gap-2 sm:grid-cols-2 lg:grid-cols-3" aria-label="People">
      <li v-for="person in shown" :key="person.id">
        <NuxtLink :to="`/people/${person.id}`" class="sheet p-3 flex items-center gap-3 hover:bg-(--accent-soft)">
          <Pennant :number="person.pennant" size="1.8rem" />
          <span class="text-lg font-bold min-w-0 truncate">{{ person.name }}</span>
          <span class="ml-auto text-sm text-right text-(--ink-soft) whitespace-nowrap"
            ><b class="figures text-(--ink)">{{ person.matches }}</b> {{ person.matches === 1 ? 'match' : 'matches'
            }}<br />{{ person.last ? shortDay(person.last) : 'never' }}</span
          >
        </NuxtLink>
      </li>
    </ul>
    <p v-else-if="ready">
      {{
        people.length
          ? 'Nobody of that name.'
          : 'Nobody is known here yet: add a name, or let new names be remembered with a match.'
      }}
    </p>
    <form class="sheet p-4 flex flex-wrap gap-2 items-center" @submit.prevent="add">
      <UInput
        v-model="name"
        size="xl"
        maxlength="40"
        placeholder="First name or nickname"
        aria-label="New name"
        class="w-64"
      />
      <Key type="submit" main :disabled="!name.trim()"><UIcon name="i-lucide-user-plus" class="size-5" /> Add</Key>
      <p class="text-sm">First names or nicknames only: nothing more of a child is kept than what was played.</p>
    </form>
    <section class="sheet p-4 space-y-3" aria-labelledby="forget">
      <h2 id="forget" class="text-xl font-bold">Forget</h2>
      <p class="flex flex-wrap items-center gap-2">
        <label for="months">Everything older than</label>
        <UInputNumber id="months" v-model="months" :min="0" :max="240" size="xl" class="w-32" /> months
        <Key v-if="!counted" @click="count"><UIcon name="i-lucide-eye" class="size-5" /> How much is that?</Key>
        <template v-else>
          <b>{{ sayForgotten(counted) }}</b>
          <Key @click="forget"><UIcon name="i-lucide-trash-2" class="size-5" /> Forget it for good</Key>
          <Key @click="counted = null">Keep it</Key>
        </template>
      </p>
      <p class="flex flex-wrap items-center gap-2">
        <Key @click="clear"
          ><UIcon name="i-lucide-eraser" class="size-5" />
          {{ clearing ? 'Clear it for good' : 'Clear the demo tables away' }}</Key
        >
        <Key v-if="clearing" @click="clearing = false">Keep them</Key>
        <span class="text-sm"
          >The Saturday table and those of its people who played nowhere else. Backups keep what was until they are a
          week old.</span
        >
      </p>
    </section>
  </div>
</template>
