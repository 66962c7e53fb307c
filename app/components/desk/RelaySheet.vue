<script setup lang="ts">
import { offersAnswers } from '#core/kernel/houseRules'
import { openMatch } from '#core/kernel/match'
import type { Tape } from '#core/kernel/tape'
import { sayProblem } from '#core/wording/index'
import type { GameView } from '~/games/view'
import type { Seat } from '#shared/api'

/** What was laid out before play, put right: the whole match is judged again with it, and what changes is shown first. */
const { tape, seats, view } = defineProps<{ tape: Tape; seats: readonly Seat[]; view: GameView }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ relay: [opening: unknown] }>()

/** The opening in force. */
const inForce = computed(() => {
  const line = tape.lines.findLast(({ entry, struck, verdict }) => entry.kind === 'reopen' && !struck && verdict.stands)
  return line?.entry.kind === 'reopen' ? line.entry.opening : tape.table.opening
})
const opening = shallowRef<unknown>(null)
const tried = ref(false)
watch(
  open,
  (isOpen) => {
    if (!isOpen) return
    opening.value = JSON.parse(JSON.stringify(inForce.value))
    tried.value = false
  },
  { immediate: true },
)

const problems = computed(() => {
  const { game, players, first } = tape.table
  const { answers, ...others } = tape.start.rules
  const opened = openMatch(game, {
    houseRules: offersAnswers(game, tape.start.rules) ? { answers, ...others } : others,
    players,
    first,
    source: 'table',
    seed: null,
    opening: opening.value,
  })
  return opened.ok ? [] : opened.problems
})

function record() {
  tried.value = true
  if (!problems.value.length) emit('relay', opening.value)
}
</script>

<template>
  <DeskSheet
    v-model:open="open"
    title="What was laid out"
    description="Put right what was mistyped; the match is judged again, and you see what that changes first."
    wide
  >
    <form class="space-y-3" @submit.prevent="record">
      <component
        :is="view.Opening"
        v-if="open && view.Opening"
        v-model="opening"
        :rules="tape.start.rules"
        :names="seats.map(({ name }) => name)"
        :problems="tried ? problems : []"
      />
      <p class="min-h-6 text-(--refused) font-semibold" role="alert">
        {{ tried && problems[0] ? sayProblem(problems[0], tape.table.game) : '' }}
      </p>
      <Key type="submit" main class="w-full"><UIcon name="i-lucide-check" class="size-5" /> See what this changes</Key>
    </form>
  </DeskSheet>
</template>
