<script setup lang="ts">
import { bringsOf, type OwnRules, type Special } from '#core/games/own-game/houseRules'
import type { Workshop } from '~/composables/useWorkshop'

/** A recipe in sentences with blanks to touch. */
const { workshop } = defineProps<{ workshop: Workshop }>()
const { rules, put, problemOf } = workshop

const SCORING = [
  { value: 'gains' as const, label: 'added or taken' },
  { value: 'distance' as const, label: 'its distance from a target added' },
  { value: 'best-of-round' as const, label: 'compared in each round' },
]
const BETTER = [
  { value: 'higher' as const, label: 'the highest' },
  { value: 'lower' as const, label: 'the lowest' },
  { value: 'nearest' as const, label: 'the nearest to the target' },
]
const WORTH = [
  { value: 'one' as const, label: 'a point' },
  { value: 'result' as const, label: 'what it is' },
]
const TIED = [
  { value: 'nobody' as const, label: 'nobody scores' },
  { value: 'all' as const, label: 'all of them score' },
]
const COUNTS = [
  { value: 'place' as const, label: 'The place counts' },
  { value: 'points' as const, label: 'Points count' },
]
const REACH = [
  { value: 'at-least' as const, label: 'as far or farther' },
  { value: 'exactly' as const, label: 'exactly' },
]
const FINISH = [
  { value: 'at-once' as const, label: 'at once' },
  { value: 'even-turns' as const, label: 'after even turns' },
]
const WINS = [
  { value: 'most' as const, label: 'The most' },
  { value: 'fewest' as const, label: 'The fewest' },
  { value: 'nearest' as const, label: 'The nearest to the goal' },
]
const ASKS = [
  { value: 'result' as const, label: 'the result' },
  { value: 'score' as const, label: 'the new score' },
  { value: 'nothing' as const, label: 'nothing' },
]
const THROWS = [
  { value: 'fixed' as const, label: 'a number of times' },
  { value: 'choice' as const, label: 'as often as one likes' },
]
/** One rule of the recipe as a model. */
const rule = <K extends keyof OwnRules>(name: K) =>
  computed({ get: () => rules.value[name], set: (value) => put({ [name]: value } as Partial<OwnRules>) })
const [scoring, target, better, worth, tied] = [
  rule('scoring'),
  rule('target'),
  rule('better'),
  rule('worth'),
  rule('tied'),
]
const [floor, track, counts, brings] = [rule('floor'), rule('track'), rule('counts'), rule('brings')]
const [rounds, goal, reach, finish, wins, asks] = [
  rule('rounds'),
  rule('goal'),
  rule('reach'),
  rule('finish'),
  rule('wins'),
  rule('asks'),
]
const [title, remember, specials] = [rule('title'), rule('rule'), rule('specials')]
const start = computed<number | null>({
  get: () => rules.value.start,
  set: (points) => points !== null && put({ start: points }),
})
const throwing = computed({
  get: () => (rules.value.throws === 'choice' ? ('choice' as const) : ('fixed' as const)),
  set: (how) => put({ throws: how === 'choice' ? 'choice' : 1 }),
})
const throws = computed({
  get: () => (rules.value.throws === 'choice' ? null : rules.value.throws),
  set: (times) => times !== null && put({ throws: times }),
})
const needsTarget = computed(
  () => scoring.value === 'distance' || (scoring.value === 'best-of-round' && better.value === 'nearest'),
)
const MOST_SPECIALS = 10
const FRESH: Special = { when: { is: 'has', n: 1 }, then: { do: 'again' } }
const setSpecial = (at: number, special: Special) =>
  put({ specials: specials.value.map((each, i) => (i === at ? special : each)) })
</script>

<template>
  <ol class="divide-y divide-(--rule)" aria-label="The recipe">
    <Line :problem="problemOf('title')"
      >It is called <UInput v-model="title" class="mx-2 w-64" maxlength="40" aria-label="Title" />.</Line
    >
    <Line :problem="problemOf('brings')">A throw is <BringsBlank v-model="brings" />.</Line>
    <Line :problem="problemOf('throws')"
      >In a turn one throws <ChoiceBlank v-model="throwing" label="Throws a turn" :choices="THROWS" /><template
        v-if="throws !== null"
        >: <NumberBlank v-model="throws" label="How often" :min="1" :max="10" unit=" ×" /></template
      ><template v-else>, what it makes lies in a pot until one stops</template>.</Line
    >
    <Line :problem="problemOf('ways', 'signs')">It makes <WaysBlank :rules="rules" @put="put" />.</Line>
    <Line :problem="problemOf('scoring', 'target', 'better')"
      >The result is <ChoiceBlank v-model="scoring" label="Scoring" :choices="SCORING" /><template v-if="needsTarget"
        >; the target is <NumberBlank v-model="target" label="Target" none="none yet" :suggest="50" /></template
      ><template v-if="scoring === 'best-of-round'"
        >: <ChoiceBlank v-model="better" label="Best of a round" :choices="BETTER" /> scores
        <ChoiceBlank v-model="worth" label="It is worth" :choices="WORTH" />; level,
        <ChoiceBlank v-model="tied" label="Level in a round" :choices="TIED" /></template
      >.</Line
    >
    <Line :problem="problemOf('track')"
      >There is <TrackBlank v-model="track" />.<template v-if="track"
        >&nbsp;<ChoiceBlank v-model="counts" label="What counts" :choices="COUNTS" />.</template
      ></Line
    >
    <Line :problem="problemOf('start', 'floor', 'counts')"
      >Everybody begins with <NumberBlank v-model="start" label="Points at the start" /> points,
      <NumberBlank v-model="floor" label="Floor" none="and may fall below zero" :suggest="0" /><template
        v-if="floor !== null"
        >&nbsp;at the least</template
      >.</Line
    >
    <Line v-for="(special, i) in specials" :key="i" :problem="problemOf(`specials.${i}`)"
      ><SpecialLine
        :model-value="special"
        :track="track !== null"
        :dice="bringsOf(rules) > 1"
        @update:model-value="setSpecial(i, $event)"
        @remove="put({ specials: specials.filter((_, at) => at !== i) })"
    /></Line>
    <Line :problem="problemOf('specials')"
      ><Key
        :why="specials.length >= MOST_SPECIALS && `A game has ${MOST_SPECIALS} specials at most.`"
        @click="put({ specials: [...specials, FRESH] })"
        ><UIcon name="i-lucide-sparkles" class="size-5" /> Another special</Key
      ></Line
    >
    <Line :problem="problemOf('rounds', 'goal')"
      >It is over after
      <NumberBlank v-model="rounds" label="Rounds" :min="1" :max="100" none="no set number of" unit="" /> rounds; the
      goal is <NumberBlank v-model="goal" label="Goal" none="none" :suggest="100" /><template v-if="goal !== null"
        >, <ChoiceBlank v-model="reach" label="The goal is reached" :choices="REACH" />,
        <ChoiceBlank v-model="finish" label="The end" :choices="FINISH" /></template
      >.</Line
    >
    <Line :problem="problemOf('wins')"><ChoiceBlank v-model="wins" label="Who wins" :choices="WINS" />&nbsp;wins.</Line>
    <Line :problem="problemOf('asks')"
      >The child says <ChoiceBlank v-model="asks" label="What is said" :choices="ASKS" />.</Line
    >
    <Line
      >To remember:
      <UInput
        v-model="remember"
        class="mx-2 grow"
        maxlength="400"
        aria-label="To remember"
        placeholder="No blowing on the dice"
    /></Line>
  </ol>
</template>
