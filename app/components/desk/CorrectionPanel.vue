<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { readEntry } from '#core/contract/entries'
import type { Line, Tape } from '#core/kernel/tape'
import { sayVerdict, speaking } from '#core/wording/index'
import { stampOfLine } from '~/utils/stamps'
import type { Review } from '~/composables/useReview'
import type { Seat } from '#shared/api'

/** What the corrections being tried change, named before anything is recorded; each upset entry can be settled. */
const { review, tape, seats } = defineProps<{ review: Review; tape: Tape; seats: readonly Seat[] }>()

const why = ref('')
const { pending, changed, scores } = review

function says(correction: object): string {
  const entry = readEntry(correction)
  if (entry.kind === 'reopen') return 'What was laid out before play becomes what was entered now'
  if (entry.kind === 'strike') return `Entry ${entry.target} is taken back`
  if (entry.kind !== 'amend') return ''
  const { table, lines, state } = tape
  const before = lines[entry.target - 1]?.before ?? state
  const play = table.game.play.safeParse(entry.play)
  return `Entry ${entry.target} becomes: ${play.success ? table.game.wording.play(play.data, speaking(table, before.rules), before.rules, before.game) : 'something else'}`
}
/** The first correction being tried: what the others follow from. */
const cause = computed(() => {
  const entry = readEntry(pending.value[0])
  return entry.kind === 'amend' || entry.kind === 'strike' ? `entry ${entry.target}` : 'what was laid out before play'
})
const openable = ({ entry, struck }: Line) => entry.kind === 'play' && !struck
</script>

<template>
  <section class="sheet p-4 space-y-3 panel" role="alertdialog" aria-label="What this changes">
    <h2 class="font-bold text-xl">What this changes</h2>
    <ul class="space-y-1">
      <li v-for="(correction, i) in pending" :key="i" class="flex flex-wrap items-center gap-2">
        <UIcon name="i-lucide-pencil" class="size-5 shrink-0 text-(--call)" />
        <span class="flex-1 min-w-40">{{ says(correction) }}</span>
        <UButton variant="words" @click="review.drop(correction)"> not this </UButton>
      </li>
    </ul>
    <p v-if="!changed.length">No other verdict changes.</p>
    <p v-else>These follow from {{ cause }}:</p>
    <ul v-if="changed.length" class="divide-y divide-(--rule)" aria-label="Entries whose verdict changes">
      <li v-for="{ number, before, after } in changed" :key="number" class="py-2 space-y-1">
        <p class="flex flex-wrap items-center gap-2">
          <b class="figures">{{ number }}</b>
          <Stamp :kind="stampOfLine(before)" small />
          <span class="text-(--ink-soft) line-through">{{ sayVerdict(tape.table, before) }}</span>
        </p>
        <p class="flex flex-wrap items-center gap-2">
          <UIcon name="i-lucide-arrow-right" class="size-5" />
          <Stamp :kind="stampOfLine(after)" small />
          <span>{{ sayVerdict(tape.table, after) }}</span>
        </p>
        <div v-if="openable(after)" class="flex flex-wrap gap-2">
          <Key @click="review.amend(number)">Put {{ number }} right</Key>
          <Key @click="review.attempt({ strike: number })">Take back {{ number }}</Key>
          <span v-if="!after.verdict.stands" class="self-center text-sm text-(--ink-soft)"
            >or leave it as it is: it stays on the tape and changes nothing</span
          >
        </div>
      </li>
    </ul>
    <p class="flex flex-wrap gap-x-5 gap-y-1" aria-label="Standing before and after">
      <span v-for="{ seat, before, after } in scores" :key="seat">
        {{ ofSeat(seats, seat).name }} <b class="figures">{{ before }}</b>
        <template v-if="after !== before">
          → <b class="figures text-(--accent)">{{ after }}</b></template
        >
      </span>
    </p>
    <form class="flex flex-wrap gap-2 items-center" @submit.prevent="review.confirm(why)">
      <UInput
        v-model="why"
        maxlength="200"
        size="xl"
        class="flex-1 min-w-48"
        placeholder="Why (if you like)"
        aria-label="Why"
      />
      <Key main type="submit"><UIcon name="i-lucide-check" class="size-5" /> Record it</Key>
      <Key @click="review.leave()">Leave all as it was</Key>
    </form>
  </section>
</template>

<style scoped>
.panel {
  border: 2px solid var(--call);
}
</style>
