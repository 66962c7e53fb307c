<script setup lang="ts">
import QRCode from 'qrcode'
import { list } from '#core/basics/words'
import { matchTitle } from '#core/games/abouts'
import type { ListedMatch, RoomSession } from '#shared/api'
import { callApi } from '~/utils/api'

/** A helper's code for every table that plays, on one sheet: to be shown, or printed and cut. */
interface Slip {
  readonly table: ListedMatch
  readonly code: string
  /** The link as a picture to be scanned. */
  readonly picture: string
}

const tables = shallowRef<readonly ListedMatch[] | null>(null)
const slips = shallowRef<readonly Slip[]>([])
const failed = ref<string | null>(null)
const busy = ref(false)
const { origins, chosen, origin, local } = useOrigins()

async function load() {
  failed.value = null
  try {
    const { session } = await callApi<{ session: RoomSession | null }>('/api/room/session')
    const { matches } = session
      ? await callApi<{ matches: ListedMatch[] }>(`/api/matches?limit=200&session=${session.id}`)
      : { matches: [] }
    tables.value = matches.filter(({ over }) => !over).reverse()
  } catch (error) {
    failed.value = saysOf(error)
  }
}
onMounted(load)

const pictureOf = (code: string) => QRCode.toString(`${origin.value}/help/${code}`, { type: 'svg', margin: 1 })
/** One code a table; where a table has as many as it may have, the others get theirs and it is said. */
async function make() {
  busy.value = true
  failed.value = null
  const made: Slip[] = []
  for (const table of tables.value ?? [])
    try {
      const { code } = await callApi<{ code: string }>(`/api/matches/${table.id}/helpers`, 'POST')
      made.push({ table, code, picture: await pictureOf(code) })
    } catch (error) {
      failed.value = `${nameOf(table)}: ${saysOf(error)}`
    }
  slips.value = made
  busy.value = false
}
watch(origin, async () => {
  slips.value = await Promise.all(slips.value.map(async (slip) => ({ ...slip, picture: await pictureOf(slip.code) })))
})
const nameOf = (table: ListedMatch) => table.name || matchTitle(table)
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
      <p v-if="local" class="font-semibold text-(--call)" role="status">
        Other devices can’t reach this Nimble Tally: it serves this machine alone. Stop it, and start it with
        <code class="figures">bin/start --host 0.0.0.0</code>.
      </p>
      <div v-if="origins.length > 1" class="flex flex-wrap gap-1.5" role="group" aria-label="Address">
        <Key v-for="(each, i) in origins" :key="each" :aria-pressed="chosen === i" @click="chosen = i"
          ><span class="figures text-sm">{{ each }}</span></Key
        >
      </div>
      <div class="flex flex-wrap gap-2">
        <Key v-if="!slips.length" main :disabled="busy || !tables?.length" @click="make()"
          ><UIcon name="i-lucide-qr-code" class="size-5" /> Make a code for every table</Key
        >
        <Key v-else main @click="print()"><UIcon name="i-lucide-printer" class="size-5" /> Print the sheet</Key>
      </div>
    </header>
    <ul v-if="slips.length" class="slips" aria-label="Codes">
      <li v-for="{ table, code, picture } in slips" :key="table.id" class="slip sheet">
        <!-- eslint-disable vue/no-v-html -- made here by the QR package from our own link -->
        <div
          class="code"
          role="img"
          :aria-label="`Code with the link to helping at ${nameOf(table)}`"
          v-html="picture"
        />
        <div class="min-w-0">
          <h2 class="text-xl font-bold">{{ nameOf(table) }}</h2>
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
  background: #fff;
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
