<script setup lang="ts">
import { grouped } from '#core/basics/words'
import { aboutOf } from '#core/games/abouts'
import { MATCHES } from '~/composables/useLab'

/** The lab: what would happen under these house rules, and which of two are better, before the children play by them. */
const lab = useLab()
const { game, a, b, players, matches, seed, pace, question, ok } = lab
const { answer, asked, done, state, failed, left, start, goOn, pause, cancel } = useLabRun()

function run() {
  if (question.value && ok.value) start(plain(question.value), matches.value)
}
const HOW_MANY = MATCHES.map((value) => ({ value, label: grouped(value) }))
const GAMES = [{ items: gameChoices() }]
const busy = computed(() => state.value === 'running' || state.value === 'paused')
const seconds = computed(() =>
  left.value === null ? '' : left.value < 1500 ? 'a moment left' : `about ${Math.ceil(left.value / 1000)} seconds left`,
)
/** What is shown belongs to another question than the one set up now. */
const old = computed(
  () => asked.value !== null && JSON.stringify(asked.value.question) !== JSON.stringify(question.value),
)
const play = (rules: Record<string, unknown>) => newMatchPath({ game: game.value!.id, rules: lab.named(rules) })
const { copy, copied } = useClipboard()
const link = () => copy(location.href)
useHead({ title: 'The lab · Nimble Tally' })
</script>

<template>
  <div class="space-y-5">
    <header class="flex flex-wrap items-center gap-3">
      <h1 class="text-3xl font-bold mr-auto">The lab</h1>
      <Key @click="link()"><UIcon name="i-lucide-link" class="size-5" /> {{ copied ? 'Copied' : 'Copy the link' }}</Key>
    </header>
    <Awaited v-if="!game" says="Setting the table …" />
    <template v-else>
      <div class="grid gap-4 grid-cols-1 lg:grid-cols-2 items-start">
        <section class="sheet p-4 space-y-4" aria-label="What is tried out">
          <div class="space-y-1">
            <p class="font-bold text-lg" aria-hidden="true">Game</p>
            <Choose
              :model-value="game.id"
              :choices="GAMES"
              label="Game"
              class="w-full"
              @update:model-value="lab.choose($event)"
            />
          </div>
          <LabPlayers v-model="players" :about="aboutOf(game.id)!" />
          <div class="flex flex-wrap gap-x-5 gap-y-3">
            <ChoiceRow v-model="matches" label="Matches" :choices="HOW_MANY" />
            <label class="space-y-1"
              ><span class="block font-semibold">Seconds a play</span>
              <UInputNumber
                v-model="pace"
                :min="1"
                :max="120"
                size="xl"
                class="w-32"
                aria-label="Seconds from one play to the next"
            /></label>
            <label class="space-y-1"
              ><span class="block font-semibold">Seed</span>
              <UInput
                v-model="seed"
                size="xl"
                maxlength="60"
                class="w-36"
                aria-label="Seed: the same one gives the same numbers"
            /></label>
          </div>
        </section>
        <section class="sheet p-4 space-y-4" aria-label="House rules">
          <LabRules v-model="a" :game="game" :seats="players.length" :label="b ? 'Rules A' : 'House rules'" />
          <LabRules v-if="b" v-model="b" :game="game" :seats="players.length" label="Rules B" />
          <div class="flex flex-wrap gap-2">
            <Key v-if="b" @click="b = null"><UIcon name="i-lucide-x" class="size-5" /> Without B</Key>
            <Key v-else @click="b = { ...a }"
              ><UIcon name="i-lucide-git-compare" class="size-5" /> Compare with rules B</Key
            >
            <Key v-if="ok" :to="play(a)"
              ><UIcon name="i-lucide-dices" class="size-5" /> Play with {{ b ? 'A' : 'these' }}</Key
            >
            <Key v-if="ok && b" :to="play(b)"><UIcon name="i-lucide-dices" class="size-5" /> Play with B</Key>
          </div>
        </section>
      </div>
      <section class="sheet p-3 flex flex-wrap items-center gap-3 run" aria-label="The run">
        <Key v-if="!busy" main class="text-xl!" :why="!ok && 'Put the house rules right first.'" @click="run()"
          ><UIcon name="i-lucide-play" class="size-6" /> Try it out</Key
        >
        <template v-else>
          <Key v-if="state === 'running'" @click="pause()"><UIcon name="i-lucide-pause" class="size-5" /> Pause</Key>
          <Key v-else main @click="goOn()"><UIcon name="i-lucide-play" class="size-5" /> Go on</Key>
          <Key @click="cancel()"><UIcon name="i-lucide-square" class="size-5" /> Stop</Key>
        </template>
        <template v-if="asked">
          <UProgress
            class="grow basis-32 w-auto"
            :model-value="done"
            :max="asked.matches"
            size="xl"
            aria-label="Matches played"
          />
          <p role="status" class="figures">
            {{ grouped(done) }} of {{ grouped(asked.matches)
            }}<template v-if="state === 'running' && seconds">, {{ seconds }}</template
            ><template v-else-if="state === 'paused'">, paused</template>
          </p>
        </template>
        <p v-else-if="!ok" role="alert" class="text-(--refused) font-semibold">
          A house rule does not fit; it is marked.
        </p>
        <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
        <p v-if="old && !busy" role="status" class="text-(--call) font-semibold">
          What stands below is of what was set up before.
        </p>
      </section>
      <LabResults v-if="answer && asked && done" :answer="answer" :question="asked.question" />
      <p v-else-if="!busy" class="sheet p-6 text-center text-(--ink-soft)">
        Bots play as many matches as you wish: how long they take, whether it is fair to begin, how often they end
        level, what each child practises.
      </p>
      <RuleSearchPanel :lab="lab" @use="(rule, value_) => (a = { ...a, [rule]: value_ })" />
    </template>
  </div>
</template>

<style scoped>
.run {
  position: sticky;
  top: 0.5rem;
  z-index: 5;
}
</style>
