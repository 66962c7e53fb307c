<script setup lang="ts">
import { titleOf } from '#core/contract/game'
import { sayVerdict } from '#core/wording/index'
import { BOT_NAMES } from '~/composables/useLearning'
import { PACES } from '~/composables/useWatch'
import { stampOfLine } from '~/utils/stamps'

/** A game that plays itself at the board's size, slowly enough to talk over: announced, worked out, shown. */
definePageMeta({ layout: 'bare' })
const { view, game, houseRules, key, seats: usual, back } = await useLearning()
const seats = ref(usual)
const watched = game && rulesFit(game, houseRules, seats.value) ? useWatch({ game, houseRules, seats, key }) : null
const many = computed(() => {
  const { low, high } = game?.about.seats ?? { low: 2, high: 2 }
  return Array.from({ length: high - low + 1 }, (_, i) => low + i)
    .filter((n) => n <= BOT_NAMES.length && game && rulesFit(game, houseRules, n))
    .map((n) => ({ value: String(n), label: n === 1 ? 'alone' : `${n} players` }))
})
const players = computed({ get: () => String(seats.value), set: (text) => (seats.value = Number(text)) })
const paces = Object.entries(PACES).map(([label, value]) => ({ value, label }))

useEventListener('keydown', (event: KeyboardEvent) => {
  const at = event.target as HTMLElement
  // Arrows choose among radios; whatever else is held or gone on with.
  if (!watched || at.closest('input, [role=listbox]') || (event.key !== ' ' && at.closest('[role=radiogroup]'))) return
  const steps: Readonly<Record<string, () => void>> = {
    ' ': () => (watched.playing.value = !watched.playing.value && !watched.over.value),
    ArrowRight: () => watched.step(1),
    ArrowLeft: () => watched.step(-1),
    Home: () => watched.step(-Infinity),
    x: () => watched.callWrong(),
  }
  const does = steps[event.key]
  if (!does) return
  event.preventDefault()
  does()
})
useHead({
  title: () => `Watch ${game ? titleOf(game.about, houseRules) : 'one'} · Nimble Tally`,
  htmlAttrs: { class: 'board' },
})
</script>

<template>
  <LearnPage :game="game" :ok="watched !== null">
    <template v-if="watched">
      <BoardScene class="scene" :board="watched.board.value" :view="view" :secret="false">
        <template #head>
          <h1>{{ watched.board.value.title }}</h1>
          <p class="round">{{ watched.board.value.round }}</p>
        </template>
        <template #news>
          <section class="told sheet" aria-label="Play" aria-live="polite">
            <template v-if="watched.line.value">
              <p class="says">{{ watched.says.value }}</p>
              <template v-if="watched.worked.value">
                <p v-if="watched.seen.value !== null" class="says" role="status">
                  {{ watched.seen.value ? 'Well seen!' : 'It stands after all.' }}
                </p>
                <ToldVerdict
                  :verdict="watched.line.value.verdict"
                  :kind="stampOfLine(watched.line.value)"
                  :says="sayVerdict(watched.tape.value.table, watched.line.value)"
                />
              </template>
              <template v-else>
                <p class="came">Does it stand?</p>
                <Key v-if="watched.slips.value" @click="watched.callWrong()"
                  ><UIcon name="i-lucide-hand" class="size-5" /> Stop, that is wrong</Key
                >
              </template>
            </template>
            <p v-else class="says">{{ BOT_NAMES[0] }} begins.</p>
            <p v-if="watched.over.value && watched.board.value.result" class="says won">
              {{ watched.board.value.result.says }}
            </p>
          </section>
        </template>
      </BoardScene>
      <footer class="keys">
        <Key :to="back" aria-label="Back to the rulebook"><UIcon name="i-lucide-x" class="size-6" /></Key>
        <Key
          :why="watched.beat.value === 0 && 'This is the beginning.'"
          aria-label="Back a step"
          @click="watched.step(-1)"
          ><UIcon name="i-lucide-step-back" class="size-6"
        /></Key>
        <Key
          v-if="!watched.over.value"
          main
          :aria-label="watched.playing.value ? 'Pause' : 'Go on'"
          @click="watched.playing.value = !watched.playing.value"
          ><UIcon :name="watched.playing.value ? 'i-lucide-pause' : 'i-lucide-play'" class="size-7" />
          {{ watched.playing.value ? 'Pause' : 'Go on' }}</Key
        >
        <Key v-else main @click="watched.another()"
          ><UIcon name="i-lucide-rotate-ccw" class="size-6" /> Another match</Key
        >
        <Key :why="watched.over.value && 'The match is over.'" aria-label="On a step" @click="watched.step(1)"
          ><UIcon name="i-lucide-step-forward" class="size-6"
        /></Key>
        <ChoiceRow v-model="watched.pace.value" label="Pace" :choices="paces" quiet />
        <Choose v-if="many.length > 1" v-model="players" :choices="[{ items: many }]" label="Players" class="w-36" />
        <USwitch v-model="watched.slips.value" label="With slips" />
      </footer>
    </template>
  </LearnPage>
</template>

<style scoped>
.scene {
  flex: 1;
  min-height: 0;
}
h1 {
  font-size: 1.7rem;
  font-weight: 800;
  line-height: 1.1;
}
.round {
  font-size: 1.25rem;
  color: var(--ink-soft);
}
.told {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.1rem 1.2rem;
  padding: 0.35rem 0.9rem;
  min-height: 5.4rem;
  align-content: center;
}
.says {
  font-size: 1.3rem;
  line-height: 1.25;
  font-weight: 700;
}
.came {
  font-size: 1.25rem;
  line-height: 1.25;
}
.won {
  color: var(--accent);
}
.keys {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.8rem;
  padding: 0.2rem 0.7rem 0.5rem;
}
</style>
