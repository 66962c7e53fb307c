<script setup lang="ts">
import { titleOf } from '#core/contract/game'
import type { Tape } from '#core/kernel/tape'
import { sayEntry } from '#core/wording/index'
import { sayCommonRules } from '#core/wording/houseRules'

/** The house rules as they are agreed now, and what was changed since the match began. */
const { tape, houseRules } = defineProps<{
  tape: Tape
  /** As the match was set up. */
  houseRules: object
}>()
const open = defineModel<boolean>('open', { required: true })

const { helping } = useDesk()
const sentences = computed(() => {
  const { game, seats } = tape.table
  const { rules } = tape.state
  return [
    ...game.wording.readBack(rules, seats),
    ...sayCommonRules(game, rules, (seat) => tape.table.players[seat - 1] ?? `Player ${seat}`),
  ]
})
const changes = computed(() =>
  tape.lines.filter(({ struck, verdict, entry }) => !struck && verdict.stands && entry.kind === 'rules'),
)
/** What this table agreed, and what was changed since. */
const named = computed(() => {
  const changed = changes.value.map(({ entry }) => (entry.kind === 'rules' ? entry.houseRules : {}))
  return Object.assign({}, houseRules, ...changed) as Record<string, unknown>
})
const questions = computed(
  () => `/rulebook/${tape.table.game.id}?ask=agreed&rules=${encodeURIComponent(JSON.stringify(named.value))}`,
)
</script>

<template>
  <DeskSheet v-model:open="open" title="Agreed" :description="titleOf(tape.table.game.about, tape.state.rules)">
    <div class="space-y-4">
      <ul class="space-y-1.5 list-disc pl-5 text-lg">
        <li v-for="sentence in sentences" :key="sentence">{{ sentence }}</li>
      </ul>
      <section v-if="changes.length" class="space-y-1">
        <h3 class="font-bold">Changed since the start</h3>
        <ul class="list-disc pl-5">
          <li v-for="line in changes" :key="line.number">{{ sayEntry(tape.table, line) }}</li>
        </ul>
      </section>
      <p v-if="!helping" class="flex flex-wrap gap-2">
        <Key :to="learnPath('may-i', tape.table.game.id, named)"
          ><UIcon name="i-lucide-circle-help" class="size-5" /> May I?</Key
        >
        <Key :to="questions"><UIcon name="i-lucide-message-circle-question" class="size-5" /> Questions about it</Key>
        <Key :to="`/rulebook/${tape.table.game.id}`"
          ><UIcon name="i-lucide-book-open" class="size-5" /> The rulebook’s page</Key
        >
      </p>
    </div>
  </DeskSheet>
</template>
