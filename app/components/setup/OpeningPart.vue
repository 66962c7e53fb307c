<script setup lang="ts">
import { nanoid } from 'nanoid'
import { openMatch } from '#core/kernel/match'
import { randomFor } from '#core/basics/random'
import type { Setup } from '~/composables/useSetup'

/**
 * What is laid out before play, where the game records it: entered as it lies, or made by the app and copied from a large
 * picture onto the table.
 */
const { setup } = defineProps<{ setup: Setup }>()
const { view, game, seats, opening, openingProblems, tried, read, named, first } = setup

/** Counts what the app has laid out: the fields begin anew with each. */
const made = ref(0)
const showing = ref(false)
const names = computed(() => seats.value.map(({ name }, i) => name.trim() || `Player ${i + 1}`))
const rules = computed(() => (read.value.ok ? read.value.rules : null))

function layOut() {
  if (!rules.value || !game.value.dealOpening) return
  opening.value = game.value.dealOpening(rules.value, seats.value.length, randomFor(nanoid(10), 'opening'))
  made.value++
  showing.value = true
}

/** The picture of what was laid out, as the board draws it. */
const picture = computed(() => {
  if (!rules.value || !opening.value) return null
  const opened = openMatch(game.value, {
    houseRules: named.value,
    players: names.value,
    first: first.value,
    source: 'table',
    seed: null,
    opening: opening.value,
  })
  return opened.ok ? { rules: opened.state.rules, view: game.value.view(opened.state.rules, opened.state.game) } : null
})
const print = () => window.print()
</script>

<template>
  <div v-if="view.Opening && rules" class="space-y-2" data-opening>
    <div class="flex flex-wrap gap-2 items-center">
      <Key v-if="game.dealOpening" @click="layOut"
        ><UIcon name="i-lucide-sparkles" class="size-5" /> {{ made ? 'Lay out others' : 'The app lays out' }}</Key
      >
      <Key v-if="picture" @click="showing = true"><UIcon name="i-lucide-maximize" class="size-5" /> Show large</Key>
    </div>
    <component
      :is="view.Opening"
      :key="`${game.id}-${made}`"
      v-model="opening"
      :rules="rules"
      :names="names"
      :problems="tried ? openingProblems : []"
    />
    <UModal
      v-model:open="showing"
      fullscreen
      :title="`Lay this out: ${game.about.title}`"
      description="Copy it onto the table, card by card; then start."
      :ui="{ body: 'flex flex-col gap-3 min-h-0', content: 'laid-out' }"
    >
      <template #body>
        <FitBox v-if="picture" class="grow" :least="0.3" :most="3">
          <component
            :is="view.Board"
            :rules="picture.rules"
            :view="picture.view"
            :seats="names.map((name, i) => ({ name, pennant: i + 1 }))"
            :turn="[]"
            :secret="false"
          />
        </FitBox>
        <div class="flex flex-wrap gap-2 print:hidden">
          <Key main class="grow" @click="showing = false"
            ><UIcon name="i-lucide-check" class="size-5" /> It lies on the table</Key
          >
          <Key @click="print"><UIcon name="i-lucide-printer" class="size-5" /> Print</Key>
          <Key @click="layOut"><UIcon name="i-lucide-shuffle" class="size-5" /> Others</Key>
        </div>
      </template>
    </UModal>
  </div>
</template>
