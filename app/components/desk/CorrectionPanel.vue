<script setup lang="ts">
import type { Line, Tape } from '#core/tape'
import { sayVerdict } from '#core/wording/index'
import type { Review } from '~/composables/useReview'
import type { Seat } from '~/utils/matches'

/** What the corrections being tried change, named before anything is recorded; each upset entry can be settled. */
const { review, tape, seats } = defineProps<{ review: Review; tape: Tape; seats: readonly Seat[] }>()

const why = ref('')
const { pending, changed, scores } = review

function says(correction: object): string {
  const { amend, strike, play } = correction as { amend?: number; strike?: number; play?: unknown }
  if (amend === undefined) return `Entry ${strike} is taken back`
  return `Entry ${amend} becomes: ${tape.table.game.wording.play(play as never, { name: (seat) => seats[seat - 1]?.name ?? `seat ${seat}` })}`
}
const openable = ({ entry, struck }: Line) => entry.kind === 'play' && !struck
</script>

<template>
  <section class="sheet p-4 space-y-3 panel" role="alertdialog" aria-label="What this changes">
    <h2 class="font-bold text-xl">What this changes</h2>
    <ul class="space-y-1">
      <li v-for="(correction, i) in pending" :key="i" class="flex flex-wrap items-center gap-2">
        <UIcon name="i-lucide-pencil" class="size-5 shrink-0 text-(--call)" /> <span class="flex-1 min-w-40">{{ says(correction) }}</span>
        <button class="underline underline-offset-4 min-h-11 px-2 cursor-pointer" @click="review.drop(correction)">not this</button>
      </li>
    </ul>
    <p v-if="!changed.length">No other verdict changes.</p>
    <ul v-else class="divide-y divide-(--rule)" aria-label="Entries whose verdict changes">
      <li v-for="{ number, before, after } in changed" :key="number" class="py-2 space-y-1">
        <p class="flex flex-wrap items-center gap-2">
          <b class="figures">{{ number }}</b>
          <Stamp :kind="before.struck ? 'struck' : before.verdict.stands ? 'stands' : 'refused'" small />
          <span class="text-(--ink-soft) line-through">{{ sayVerdict(tape.table, before) }}</span>
        </p>
        <p class="flex flex-wrap items-center gap-2">
          <UIcon name="i-lucide-arrow-right" class="size-5" />
          <Stamp :kind="after.struck ? 'struck' : after.verdict.stands ? 'stands' : 'refused'" small />
          <span>{{ sayVerdict(tape.table, after) }}</span>
        </p>
        <div v-if="openable(after)" class="flex flex-wrap gap-2">
          <button class="key" @click="review.amend(number)">Amend {{ number }}</button>
          <button class="key" @click="review.attempt({ strike: number })">Take back {{ number }}</button>
          <span v-if="!after.verdict.stands" class="self-center text-sm text-(--ink-soft)">or leave it as a slip</span>
        </div>
      </li>
    </ul>
    <p class="flex flex-wrap gap-x-5 gap-y-1" aria-label="Standing before and after">
      <span v-for="{ seat, before, after } in scores" :key="seat">
        {{ seats[seat - 1]!.name }} <b class="figures">{{ before }}</b>
        <template v-if="after !== before"> → <b class="figures text-(--accent)">{{ after }}</b></template>
      </span>
    </p>
    <form class="flex flex-wrap gap-2 items-center" @submit.prevent="review.confirm(why)">
      <input v-model="why" maxlength="200" class="flex-1 min-w-48 h-12 px-3 rounded-md border border-(--ui-border-accented) bg-(--sheet)" placeholder="Why (if you like)" aria-label="Why" />
      <button class="key key-main" type="submit"><UIcon name="i-lucide-check" class="size-5" /> Record it</button>
      <button class="key" type="button" @click="review.leave()">Leave all as it was</button>
    </form>
  </section>
</template>

<style scoped>
.panel {
  border: 2px solid var(--call);
}
</style>
