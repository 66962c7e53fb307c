<script setup lang="ts">
import { classesAmong, ofClass } from '#core/room/classes'
import type { Forgotten, SeenPerson } from '#shared/people'
import { callApi } from '~/utils/api'

/** Everybody who plays here; and what is to be forgotten. */
const route = useRoute()
const { told, failed: unknown, load } = useAnswer(() => callApi('/api/people/seen'))
const { failed: undone, doing } = useDoing()
const people = computed<readonly SeenPerson[]>(() => told.value?.people ?? [])
/** There are demo tables to be cleared away. */
const demo = computed(() => told.value?.demo ?? false)
const ready = computed(() => told.value !== null)
const failed = computed(() => undone.value ?? unknown.value)
const done = ref(typeof route.query.forgot === 'string' ? `Forgotten: ${route.query.forgot}.` : '')
const text = ref('')
const months = ref(12)
const counted = ref<Forgotten | null>(null)
const confirm = useConfirm()

/** Does something, says what, and looks who is known now. */
const run = (what: () => Promise<string | undefined>) =>
  doing(async () => {
    done.value = (await what()) ?? done.value
    await load()
  })

const COLUMNS = computed(() => [
  { id: 'name', label: 'Name', value: ({ name }: SeenPerson) => name.toLowerCase(), words: true },
  ...(classesAmong(people.value).length
    ? [{ id: 'classes', label: 'Classes', value: ({ classes }: SeenPerson) => classes.join(', '), words: true }]
    : []),
  { id: 'matches', label: 'Matches', value: ({ matches }: SeenPerson) => matches },
  { id: 'last', label: 'Played last', value: ({ last }: SeenPerson) => last ?? '' },
])
const of = useLocalStorage('people-class', '')
const shown = computed(() =>
  ofClass(people.value, of.value).filter((person) =>
    person.name.toLowerCase().includes(text.value.trim().toLowerCase()),
  ),
)
async function add(name: string) {
  await callApi('/api/people', 'POST', { name })
  await run(async () => `${name} is known now.`)
}
const count = () =>
  run(async () => {
    counted.value = await callApi(`/api/forget?months=${months.value}`)
    return undefined
  })
async function forget() {
  const says = `${counted.value ? sayForgotten(counted.value) : 'It'} will be gone; nobody can bring it back.`
  if (!(await confirm({ title: 'Forget it for good?', says, yes: 'Forget it' }))) return
  await run(async () => {
    const gone = await callApi('/api/forget', 'POST', { months: months.value })
    counted.value = null
    return `Forgotten: ${sayForgotten(gone)}.`
  })
}
async function clear() {
  const says = 'The Saturday table goes, and those of its people who played nowhere else.'
  if (!(await confirm({ title: 'Clear the demo tables away?', says, yes: 'Clear it away', no: 'Keep them' }))) return
  await run(async () => `Cleared away: ${sayForgotten(await callApi('/api/demo', 'DELETE'))}.`)
}
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
    <ClassFilter v-model="of" :people="people" />
    <p v-if="done" role="status" class="font-semibold">{{ done }}</p>
    <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
    <Awaited v-if="!ready && !failed" says="Looking it up …" />
    <ListTable v-else-if="shown.length" :rows="shown" :columns="COLUMNS" label="People" class="sheet max-w-4xl">
      <template #name="{ row }">
        <NuxtLink :to="`/people/${row.id}`" class="inline-flex items-center gap-3 min-h-11 hover:underline">
          <Pennant :number="row.pennant" size="1.8rem" /> <b class="text-lg">{{ row.name }}</b>
        </NuxtLink>
      </template>
      <template #last="{ row }">{{ row.last ? shortDay(row.last) : 'never' }}</template>
    </ListTable>
    <UEmpty
      v-else-if="ready"
      icon="i-lucide-users"
      :title="people.length ? 'Nobody of that name' : 'Nobody is known here yet'"
      :description="people.length ? undefined : 'Add a name, or let new names be remembered with a match.'"
    />
    <section class="sheet p-4 space-y-2" aria-label="Somebody new">
      <NameForm main :send="add"><ManyNames :people="people" @kept="(_, told) => run(async () => told)" /></NameForm>
      <p class="text-sm">First names or nicknames only: nothing more of a child is kept than what was played.</p>
    </section>
    <section class="sheet p-4 space-y-3" aria-labelledby="forget">
      <h2 id="forget" class="text-xl font-bold">Forget</h2>
      <p class="flex flex-wrap items-center gap-2">
        <label for="months">Everything older than</label>
        <UInputNumber id="months" v-model="months" :min="0" :max="240" size="xl" class="w-32" /> months
        <Key v-if="!counted" @click="count"><UIcon name="i-lucide-eye" class="size-5" /> How much is that?</Key>
        <template v-else>
          <b>{{ sayForgotten(counted) }}</b>
          <Key @click="forget"><UIcon name="i-lucide-trash-2" class="size-5" /> Forget it …</Key>
        </template>
      </p>
      <p v-if="demo" class="flex flex-wrap items-center gap-2">
        <Key @click="clear"><UIcon name="i-lucide-eraser" class="size-5" /> Clear the demo tables away …</Key>
        <span class="text-sm"
          >The Saturday table and those of its people who played nowhere else. Backups keep what was until they are a
          week old.</span
        >
      </p>
    </section>
  </div>
</template>
