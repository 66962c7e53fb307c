<script setup lang="ts">
import * as z from 'zod'
import { matchTitle } from '#core/games/titles'
import { cellOf } from '#core/mastery/cells'
import { HOW_NAMES, sayMastery, saySlipKind, sayTry } from '#core/wording/mastery'
import { newPersonShape } from '#shared/requests'
import type { How } from '#core/contract/plays'

/** One child: what they can do by now, what is shaky and why, what to play next, and what was played. */
const route = useRoute()
const { person, matches, bests, tries, mastery, shaky, slips, hows, failed, same, load, rename, change, forget } =
  usePerson(String(route.params.id))

const square = useKept('fact-square', z.enum(['add', 'times']), 'add')
// It opens where something is shaky; the square chosen last is shown where nothing is.
watchOnce(mastery, () => {
  const [first] = shaky.value
  if (first) square.value = cellOf(first.key).square
})
const SQUARES = [
  { value: 'add', label: 'Addition' },
  { value: 'times', label: 'Times' },
] as const
const renaming = ref(false)
const state = reactive({ name: '' })
const confirm = useConfirm()
function begin() {
  state.name = person.value?.name ?? ''
  renaming.value = true
}
async function save({ name }: { name: string }) {
  await rename(name)
  if (!failed.value) renaming.value = false
}
async function remove() {
  const { name } = person.value!
  const says = `The name becomes “a player” in ${matches.value.length} matches; ${tries.value.length} practised facts are deleted. The matches stay. For a day it can be taken back; then it is final.`
  if (!(await confirm({ title: `Forget ${name}?`, says, yes: 'Forget' }))) return
  const gone = await forget()
  if (gone) await navigateTo({ path: '/people', query: { forgot: sayForgotten(gone) } })
}
const print = () => window.print()
useHead({ title: () => `${person.value?.name ?? 'Person'} · Nimble Tally` })
</script>

<template>
  <div v-if="person" class="space-y-6">
    <header class="space-y-3">
      <NuxtLink to="/people" class="print:hidden inline-flex items-center gap-1 min-h-11 underline underline-offset-4"
        ><UIcon name="i-lucide-arrow-left" /> People</NuxtLink
      >
      <div class="flex flex-wrap items-center gap-3">
        <Pennant :number="person.pennant" size="2.4rem" />
        <h1 class="text-4xl font-extrabold mr-auto break-words min-w-0">{{ person.name }}</h1>
        <p class="hidden print:block">{{ longDay(new Date()) }}</p>
        <Key main :to="newMatchPath({ names: [person.name] })"
          ><UIcon name="i-lucide-play" class="size-5" /> New match</Key
        >
        <Key @click="begin"><UIcon name="i-lucide-pencil" class="size-5" /> Rename …</Key>
        <Key @click="print()"><UIcon name="i-lucide-printer" class="size-5" /> Print</Key>
        <Key :file="`/api/people/${person.id}/export?as=csv`"
          ><UIcon name="i-lucide-sheet" class="size-5" /> Facts as CSV</Key
        >
        <Key :file="`/api/people/${person.id}/export`"><UIcon name="i-lucide-download" class="size-5" /> All data</Key>
        <Key @click="remove"><UIcon name="i-lucide-user-x" class="size-5" /> Forget …</Key>
      </div>
      <SendForm v-if="renaming" :shape="newPersonShape" :state="state" :send="save" class="flex flex-wrap gap-2">
        <UFormField name="name">
          <UInput v-model="state.name" maxlength="40" aria-label="First name or nickname" autofocus class="w-64" />
        </UFormField>
        <Key main type="submit">Rename</Key>
        <Key v-if="same" @click="rename(same!, true)"
          ><UIcon name="i-lucide-merge" class="size-5" /> Both are one: merge</Key
        >
        <Key @click="renaming = false">Leave it</Key>
      </SendForm>
      <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
    </header>
    <div class="grid gap-5 lg:grid-cols-2 print:grid-cols-2 items-start">
      <section class="sheet p-4 space-y-3" aria-label="Facts">
        <ChoiceRow v-model="square" label="Facts" :choices="SQUARES" class="print:hidden" />
        <h2 class="hidden print:block text-xl font-bold">{{ SQUARES.find(({ value }) => value === square)?.label }}</h2>
        <FactSquare :key="square" :square="square" :mastery="mastery" />
        <p class="text-sm flex flex-wrap gap-x-4">
          <span>● sure, larger the more often</span><span>▲ shaky</span><span>○ too few tries</span
          ><span>– met, nothing said</span><span>Taking away and missing parts count with their sum.</span>
        </p>
      </section>
      <div class="space-y-5">
        <section class="sheet p-4 space-y-2" aria-labelledby="shaky">
          <h2 id="shaky" class="text-xl font-bold">Shaky</h2>
          <ul v-if="shaky.length" class="space-y-1 list-disc pl-5">
            <li v-for="each in shaky.slice(0, 12)" :key="each.key">{{ sayMastery(each) }}</li>
          </ul>
          <p v-else>{{ mastery.size ? 'Nothing is shaky at the moment.' : 'Nothing was practised yet.' }}</p>
          <p v-if="shaky.length > 12">… and {{ shaky.length - 12 }} more.</p>
        </section>
        <AimChoice class="print:hidden" :aims="person.aims" :mastery="mastery" @change="change({ aims: $event })" />
        <section class="sheet p-4 space-y-2 print:hidden" aria-labelledby="next">
          <h2 id="next" class="text-xl font-bold">What to play next</h2>
          <PlayNext :wished="shaky.map(({ key }) => key)" :aims="person.aims" :names="[person.name]" />
        </section>
        <section class="sheet p-4 space-y-2" aria-labelledby="slips">
          <h2 id="slips" class="text-xl font-bold">Slips</h2>
          <ul v-if="slips.length" class="space-y-1">
            <li v-for="{ kind, count, newest } in slips" :key="kind">
              <b class="figures">{{ count }} ×</b> {{ saySlipKind(kind) }}
              <span class="text-(--ink-soft)">({{ sayTry(newest) }})</span>
            </li>
          </ul>
          <p v-else>No wrong answer is noted.</p>
        </section>
        <section v-if="hows.length" class="sheet p-4 space-y-2" aria-labelledby="hows">
          <h2 id="hows" class="text-xl font-bold">How it was explained</h2>
          <dl class="space-y-1">
            <div v-for="{ month, counts } in hows" :key="month">
              <dt class="font-semibold">{{ month }}</dt>
              <dd>
                <span v-for="[how, times] in counts" :key="how" class="inline-block mr-4"
                  ><b class="figures">{{ times }} ×</b> {{ HOW_NAMES[how as How] }}</span
                >
              </dd>
            </div>
          </dl>
        </section>
        <ClassKeys class="print:hidden" :classes="person.classes" @change="change({ classes: $event })" />
      </div>
    </div>
    <OwnBestsList v-if="bests.length" :bests="bests" />
    <section class="sheet p-4 space-y-2" aria-labelledby="played">
      <h2 id="played" class="text-xl font-bold">Played</h2>
      <ul v-if="matches.length" class="divide-y divide-(--rule)">
        <li v-for="each in matches.slice(0, 30)" :key="each.match" class="py-1.5 flex flex-wrap gap-x-4">
          <span class="w-32">{{ shortDay(each.at) }}</span>
          <NuxtLink :to="`/match/${each.match}`" class="underline underline-offset-4">{{ matchTitle(each) }}</NuxtLink>
          <span>{{ each.table }}</span>
          <span class="ml-auto"
            ><b class="figures">{{ minus(each.score) }}</b>
            {{ each.won ? 'won' : each.over ? `of ${each.players}` : 'in play' }}</span
          >
        </li>
      </ul>
      <p v-else>No match yet.</p>
      <Key v-if="matches.length > 30" :to="`/logbook?who=${person.id}`">All {{ matches.length }} in the logbook</Key>
    </section>
  </div>
  <div v-else class="sheet p-8 max-w-xl mx-auto text-center space-y-4">
    <template v-if="failed">
      <h1 class="text-2xl font-bold">{{ failed }}</h1>
      <Key @click="load()">Try again</Key> <Key to="/people">People</Key>
    </template>
    <Awaited v-else says="Looking it up …" />
  </div>
</template>
