<script setup lang="ts">
import { count } from '#core/basics/words'
import { titleOf } from '#core/contract/game'
import { BOT_NAMES } from '~/composables/useLearning'
import { boardOfTape } from '~/composables/useWatch'
import type { Question } from '#core/trainer/round'
import { stampOf } from '~/utils/stamps'

/** A trainer for whoever referees: does a play stand, and why not? Ten plays a round; what was missed comes again. */
definePageMeta({ layout: 'bare' })
const { view, game, houseRules, key, seats, back } = await useLearning()
const trainer =
  game && rulesFit(game, houseRules, seats)
    ? useReferee({ game, houseRules, players: BOT_NAMES.slice(0, seats), key })
    : null
/** `1:40`. */
const clockOf = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
/** What a play that was asked about gets: a slip that the judge only remarks is noted, as it is at a table. */
const stampOfPlay = ({ code, played }: Question) => {
  const kind = played ? stampOf(played.verdict) : 'stands'
  return code !== null && kind === 'stands' ? 'noted' : kind
}
const unasked = computed(() => (trainer ? trainer.questions.value.length - trainer.answers.value.length : 0))
const board = computed(() => (trainer?.question.value ? boardOfTape(trainer.question.value.before) : null))

useEventListener('keydown', (event: KeyboardEvent) => {
  if (!trainer || event.ctrlKey || event.metaKey || (event.target as HTMLElement).closest('input')) return
  const key = event.key.toLowerCase()
  const reasons = trainer.question.value?.reasons ?? []
  if (trainer.shown.value && key === 'enter' && !(event.target as HTMLElement).closest('button, a')) trainer.next()
  else if (trainer.asking.value && reasons[Number(key) - 1])
    trainer.answer({ stands: false, code: reasons[Number(key) - 1]!.code })
  else if (key === 's') trainer.says(true)
  else if (key === 'n') trainer.says(false)
})
useHead({
  title: () => `Be the referee: ${game ? titleOf(game.about, houseRules) : ''} · Nimble Tally`,
  htmlAttrs: { class: 'board' },
})
</script>

<template>
  <LearnPage :game="game" :ok="trainer !== null" class="trainer">
    <template v-if="trainer">
      <BoardScene v-if="board && trainer.question.value" class="scene" :board="board" :view="view" :secret="false">
        <template #head>
          <h1>Be the referee: {{ board.title }}</h1>
          <p class="round">
            <template v-if="trainer.time.timed.value"
              ><span role="timer" aria-label="Time left" :class="{ wrong: trainer.time.up.value }">{{
                clockOf(trainer.time.left.value)
              }}</span>
              ·</template
            >
            {{ trainer.at.value + 1 }} of {{ trainer.questions.value.length }}
            <Key
              class="align-middle"
              :aria-pressed="trainer.time.timed.value"
              @click="trainer.time.timed.value = !trainer.time.timed.value"
              ><UIcon :name="trainer.time.timed.value ? 'i-lucide-timer' : 'i-lucide-timer-off'" class="size-6" />Two
              minutes</Key
            >
          </p>
        </template>
        <template #news>
          <section class="told sheet" aria-label="Play">
            <p class="says">{{ trainer.question.value.says }}</p>
            <div v-if="trainer.shown.value" class="verdict" role="status">
              <p class="says" :class="trainer.right.value ? 'right' : 'wrong'">
                {{ trainer.right.value ? 'Right.' : 'Not so.' }}
              </p>
              <ToldVerdict
                v-if="trainer.question.value.played"
                :verdict="trainer.question.value.played.verdict"
                :kind="stampOfPlay(trainer.question.value)"
                :says="trainer.told.value"
              />
              <p v-else class="came">{{ trainer.told.value }}</p>
            </div>
          </section>
        </template>
      </BoardScene>
      <section v-else class="sheet p-8 m-auto max-w-2xl w-full space-y-4" aria-label="How it went">
        <h1>{{ trainer.went.value.right }} of {{ trainer.answers.value.length }} right</h1>
        <p class="came">
          {{
            unasked
              ? `The two minutes were over: ${count(unasked, 'play was', 'plays were')} not asked about.`
              : trainer.time.left.value
                ? `It took ${clockOf(trainer.time.passed.value)}: as quick as a table wants it.`
                : `It took ${clockOf(trainer.time.passed.value)}; at a table it is two minutes.`
          }}
        </p>
        <p v-if="trainer.own.value.asked > trainer.answers.value.length" class="came">
          In all {{ trainer.own.value.right }} of {{ trainer.own.value.asked }} on this device.
        </p>
        <template v-if="trainer.lookOut.value.length">
          <h2 class="text-xl font-bold">Look out for these; they come again</h2>
          <ul class="list-disc pl-6 space-y-1 came">
            <li v-for="says in trainer.lookOut.value" :key="says">{{ says }}</li>
          </ul>
          <template v-if="trainer.usual.value.length">
            <h2 class="text-xl font-bold">So it usually goes wrong</h2>
            <p v-for="slip in trainer.usual.value" :key="slip" class="came">{{ slip }}</p>
          </template>
        </template>
        <p v-else class="came">Nothing was missed: you can referee this one.</p>
        <div class="flex flex-wrap gap-2">
          <Key main @click="trainer.again()"><UIcon name="i-lucide-rotate-ccw" class="size-6" /> Another round</Key>
          <Key :to="back">Back to the rulebook</Key>
        </div>
      </section>
      <footer v-if="!trainer.over.value" class="keys">
        <Key :to="back" aria-label="Back to the rulebook"><UIcon name="i-lucide-x" class="size-6" /></Key>
        <Key v-if="trainer.shown.value" main @click="trainer.next()"
          >{{ trainer.last.value ? 'How it went' : 'The next one' }} <UIcon name="i-lucide-arrow-right" class="size-6"
        /></Key>
        <div v-else-if="trainer.asking.value" class="reasons" role="group" aria-label="Why not?">
          <span class="says">Why not?</span>
          <Key
            v-for="(reason, i) in trainer.question.value?.reasons ?? []"
            :key="reason.code"
            class="whitespace-normal text-left py-2!"
            @click="trainer.answer({ stands: false, code: reason.code })"
            >{{ i + 1 }}. {{ reason.says }}</Key
          >
        </div>
        <template v-else>
          <Key main @click="trainer.says(true)"><UIcon name="i-lucide-check" class="size-7" /> Stands</Key>
          <Key class="text-xl!" @click="trainer.says(false)"
            ><UIcon name="i-lucide-x" class="size-7" /> Doesn’t stand</Key
          >
        </template>
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
  white-space: nowrap;
}
.told {
  padding: 0.35rem 0.9rem;
  min-height: 5.4rem;
}
.verdict {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.1rem 1.2rem;
}
.says {
  font-size: 1.3rem;
  line-height: 1.25;
  font-weight: 700;
}
.came {
  font-size: 1.2rem;
  line-height: 1.25;
}
.right {
  color: var(--stands);
}
.wrong {
  color: var(--refused);
}
.keys {
  /* As high whatever is asked, so that nothing moves under a finger. */
  min-height: 7rem;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
  padding: 0.2rem 0.7rem 0.6rem;
}
.reasons {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
}
.reasons .key {
  font-size: 1.05rem;
}
</style>
