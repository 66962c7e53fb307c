<script setup lang="ts">
import { list } from '#core/basics/words'
import { matchName, matchTitle } from '#core/games/titles'
import type { ListedMatch } from '#shared/api'
import { callApi } from '~/utils/api'

/** A helper's code for every table that plays, on one sheet: to be shown, or printed and cut. */
interface Slip {
  readonly table: ListedMatch
  readonly code: string
}

const tables = shallowRef<readonly ListedMatch[] | null>(null)
const slips = shallowRef<readonly Slip[]>([])
const failed = ref<string | null>(null)
const busy = ref(false)
const { origins, chosen, origin, local } = useOrigins()

async function load() {
  failed.value = null
  try {
    const { session } = await callApi('/api/room/session')
    const matches = session ? await matchesOfSession(session.id) : []
    tables.value = matches.filter(({ over }) => !over).reverse()
  } catch (error) {
    failed.value = saysOf(error)
  }
}
onMounted(load)

/** One code a table; where a table has as many as it may have, the others get theirs and it is said. */
async function make() {
  busy.value = true
  failed.value = null
  const made: Slip[] = []
  for (const table of tables.value ?? [])
    try {
      const { code } = await callApi(`/api/matches/${table.id}/helpers`, 'POST')
      made.push({ table, code })
    } catch (error) {
      failed.value = `${matchName(table)}: ${saysOf(error)}`
    }
  slips.value = made
  busy.value = false
}
const print = () => window.print()
useHead({ title: 'Helpers’ codes · Nimble Tally' })
</script>

<template>
  <div class="space-y-4">
    <header class="space-y-3 print:hidden">
      <h1 class="text-3xl font-bold">Helpers’ codes</h1>
      <p class="max-w-prose">
        One code a table. Whoever scans or types it records plays there and takes back the newest one; nothing else of
        the room is seen. The codes are shown this once, and end with the session.
      </p>
      <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
      <p v-if="tables?.length === 0" class="font-semibold">
        No table plays now. <ULink to="/room" class="underline">Seat the room</ULink> first.
      </p>
      <OriginKeys v-model="chosen" :origins="origins" :local="local" />
      <div class="flex flex-wrap gap-2">
        <Key v-if="!slips.length" main :disabled="busy" :why="!tables?.length && 'No table plays now.'" @click="make()"
          ><UIcon name="i-lucide-qr-code" class="size-5" /> Make a code for every table</Key
        >
        <Key v-else main @click="print()"><UIcon name="i-lucide-printer" class="size-5" /> Print the sheet</Key>
      </div>
    </header>
    <ul v-if="slips.length" class="slips" aria-label="Codes">
      <li v-for="{ table, code } in slips" :key="table.id" class="slip sheet">
        <LinkPicture class="code" :link="`${origin}/help/${code}`" :what="`helping at ${matchName(table)}`" />
        <div class="min-w-0">
          <h2 class="text-xl font-bold">{{ matchName(table) }}</h2>
          <p>{{ matchTitle(table) }}: {{ list(table.seats.map(({ name }) => name)) }}</p>
          <p class="figures text-2xl font-bold">{{ code }}</p>
          <p class="figures text-sm break-all">{{ origin }}/help</p>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.slips {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 22rem), 1fr));
  gap: 0.75rem;
}
.slip {
  display: flex;
  align-items: center;
  gap: 0.9rem;
  padding: 0.75rem;
  break-inside: avoid;
}
.code {
  flex: 0 0 8.5rem;
  padding: 0.3rem;
  border-radius: 0.4rem;
}
@media print {
  .slips {
    grid-template-columns: 1fr 1fr;
  }
  .slip {
    border: 1px dashed #888;
    box-shadow: none;
  }
}
</style>
