<script setup lang="ts">
import { count } from '#core/basics/words'
import { classesAmong, LONGEST_CLASS } from '#core/room/classes'
import { readNameList, type ListedName } from '#core/room/nameList'
import type { Person } from '#shared/people'
import { peopleListShape } from '#shared/requests'
import { callApi } from '~/utils/api'

/**
 * A list of names, pasted or typed, looked at before it is kept: who is here already is not made twice, and whoever is nearly
 * somebody is asked about.
 */
const { people } = defineProps<{ people: readonly Person[] }>()
const emit = defineEmits<{ kept: [ids: readonly string[], told: string] }>()

const open = ref(false)
const text = useSessionStorage('many-names', '')
const of = useSessionStorage('many-names-class', '')
const list = computed(() => readNameList(text.value, people))
/** Names that are nearly somebody's, by whether they are the same child. */
const one = ref(new Set<string>())
const nameOf = (id: string | null) => people.find((person) => person.id === id)?.name ?? ''
/** Whose it is: somebody known, or nobody's yet. */
const known = ({ name, same, like }: ListedName) => same ?? (one.value.has(name) ? like : null)
const fresh = computed(() => list.value.names.filter((each) => !known(each)).map(({ name }) => name))
const here = computed(() => [...new Set(list.value.names.flatMap((each) => known(each) ?? []))])
const classes = computed(() => classesAmong(people))
const does = computed(() => {
  if (!list.value.names.length) return 'Keep the list'
  const parts = [
    ...(fresh.value.length ? [`${count(fresh.value.length, 'new name', 'new names')}`] : []),
    ...(here.value.length ? [`${here.value.length} known`] : []),
  ]
  return `Keep ${parts.join(', ')}`
})
const asked = computed(() => ({ names: fresh.value, known: here.value, of: of.value.trim() || null }))

function tell(name: string, same: boolean) {
  const now = new Set(one.value)
  if (same) now.add(name)
  else now.delete(name)
  one.value = now
}
async function keep(sent: typeof asked.value) {
  const { ids } = await callApi('/api/people/list', 'POST', sent)
  const told = `${count(ids.length, 'name', 'names')}${sent.of ? ` in ${sent.of}` : ''}.`
  text.value = ''
  open.value = false
  emit('kept', ids, told)
}
</script>

<template>
  <Key @click="open = true"><UIcon name="i-lucide-list-plus" class="size-5" /> Many at once …</Key>
  <DeskSheet
    v-model:open="open"
    wide
    title="Many names at once"
    description="First names or nicknames only: nothing more of a child is kept than what was played."
  >
    <SendForm v-slot="{ busy }" :shape="peopleListShape" :state="asked" :send="keep" class="space-y-3">
      <UTextarea
        v-model="text"
        :rows="5"
        size="xl"
        :maxlength="6000"
        autofocus
        class="w-full"
        aria-label="Names"
        placeholder="Ines, Tomasz, Odalys … or one below the other, or a column copied from a table"
      />
      <div class="flex flex-wrap items-center gap-2">
        <UInput v-model="of" :maxlength="LONGEST_CLASS" class="w-52" placeholder="Class, if any" aria-label="Class" />
        <Key v-for="each in classes" :key="each" :aria-pressed="of === each" @click="of = of === each ? '' : each">{{
          each
        }}</Key>
      </div>
      <ul v-if="list.names.length" class="names" aria-label="What will be kept">
        <li v-for="each in list.names" :key="each.name">
          <b>{{ each.name }}</b>
          <span v-if="each.same" class="text-(--ink-soft)"> is here already</span>
          <template v-else-if="each.like">
            <span> · {{ nameOf(each.like) }} is here: the same child?</span>
            <span class="flex gap-1" role="group" :aria-label="`Is ${each.name} ${nameOf(each.like)}?`">
              <Key :aria-pressed="one.has(each.name)" @click="tell(each.name, true)">The same</Key>
              <Key :aria-pressed="!one.has(each.name)" @click="tell(each.name, false)">Another</Key>
            </span>
          </template>
        </li>
      </ul>
      <p v-if="list.doubled.length">Twice in the list, kept once: {{ list.doubled.join(', ') }}.</p>
      <p v-if="list.tooLong.length" class="text-(--refused) font-semibold">
        Too long for a name: {{ list.tooLong.map((cell) => `“${cell.slice(0, 30)} …”`).join(', ') }}
      </p>
      <p v-if="list.beyond" class="text-(--refused) font-semibold">
        {{ count(list.beyond, 'name', 'names') }} more than one list may hold: keep these, then paste the rest.
      </p>
      <Key main type="submit" class="w-full" :disabled="busy" :why="!list.names.length && 'Type or paste names first.'"
        ><UIcon name="i-lucide-check" class="size-5" /> {{ does }}</Key
      >
    </SendForm>
  </DeskSheet>
</template>

<style scoped>
.names {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: 0.2rem 1rem;
  max-height: 34dvh;
  overflow-y: auto;
}
</style>
