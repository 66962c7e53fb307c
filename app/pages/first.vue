<script setup lang="ts">
import type { StepperItem } from '@nuxt/ui'
import { promiseTimeout } from '@vueuse/core'
import { STEPS as LOOK } from '~/theme/parts'

/** A match set up for the first time: one question after the other, each answered before the next. */
const STEPS = [
  { value: 'game', title: 'Game', icon: 'i-lucide-dices' },
  { value: 'players', title: 'Players', icon: 'i-lucide-users' },
  { value: 'rules', title: 'House rules', icon: 'i-lucide-scroll-text' },
  { value: 'table', title: 'Table', icon: 'i-lucide-play' },
] as const satisfies readonly StepperItem[]
type Step = (typeof STEPS)[number]['value']
const NAMES = STEPS.map(({ value }) => value)

const route = useRoute()
const router = useRouter()
const { people } = usePeople()
const remembered = useRememberedSetup()
const setup = useSetup(people, remembered, await loadRemembered(remembered))
const { game, busy, failed, tried, source } = setup
const form = useTemplateRef('form')
const { faults, wrong, toFault, start } = useStarting(setup, form)

/** Kept in the address, so that the browser's Back is the step before. */
const step = computed<Step>(() => NAMES.find((name) => name === route.query.step) ?? 'game')
const place = computed(() => NAMES.indexOf(step.value))
const show = (name: Step) => router.push({ query: { ...route.query, step: name } })
const faultOf = (name: Step) => (name === 'game' ? null : faults.value[name])

/** To a step: those before it must fit, and the first that doesn't is where it stays. */
async function goTo(name: Step) {
  const before = NAMES.slice(0, NAMES.indexOf(name))
  const missing = before.find((each) => faultOf(each) !== null)
  tried.value = missing !== undefined
  await show(missing ?? name)
  // A touch gives the focus to the step that is touched only once this was begun.
  await promiseTimeout(0)
  if (missing) return toFault()
  window.scrollTo(0, 0)
  form.value?.querySelector<HTMLElement>('h1')?.focus({ preventScroll: true })
}
async function next() {
  const following = NAMES[place.value + 1]
  if (following) return goTo(following)
  const missing = NAMES.find((each) => faultOf(each) !== null)
  if (missing && missing !== step.value) return goTo('table')
  await start()
}
async function chooseGame(id: string, houseRules?: Readonly<Record<string, unknown>>) {
  await setup.choose(id)
  if (houseRules) setup.usePreset(houseRules)
}
useHead({ title: 'The first match · Nimble Tally' })
</script>

<template>
  <form ref="form" class="space-y-5 max-w-5xl mx-auto" novalidate @submit.prevent="next()">
    <h1 class="text-3xl font-bold outline-none!" tabindex="-1">The first match</h1>
    <UStepper
      :model-value="step"
      :items="[...STEPS]"
      :linear="false"
      size="xl"
      :ui="LOOK"
      aria-label="Steps"
      @update:model-value="goTo(NAMES.find((name) => name === $event) ?? 'game')"
    >
      <template #content>
        <GamePicker v-if="step === 'game'" :chosen="game.id" @choose="chooseGame" />
        <SeatList v-else-if="step === 'players'" :setup="setup" :people="people" />
        <div v-else-if="step === 'rules'" class="grid gap-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
          <HouseRules :setup="setup" />
          <AgreedSlip :setup="setup" class="self-start" />
        </div>
        <div v-else class="space-y-5">
          <SourceChoice v-model="source" />
          <VeilChoice v-model="setup.veiled.value" :about="game.about" />
          <OpeningPart v-if="source === 'table'" :setup="setup" />
          <AgreedSlip :setup="setup" />
        </div>
      </template>
    </UStepper>
    <footer class="goes">
      <StartFault :says="failed ?? wrong" class="basis-full" />
      <Key v-if="place" @click="goTo(NAMES[place - 1]!)"><UIcon name="i-lucide-arrow-left" class="size-5" /> Back</Key>
      <Key v-if="step !== 'table'" main type="submit"
        >Next: {{ STEPS[place + 1]!.title }} <UIcon name="i-lucide-arrow-right" class="size-5"
      /></Key>
      <Key v-else main type="submit" :disabled="busy"
        ><UIcon name="i-lucide-play" class="size-6" /> Start the match</Key
      >
    </footer>
  </form>
</template>

<style scoped>
/* At hand however long the step is. */
.goes {
  position: sticky;
  bottom: 0.5rem;
  z-index: 10;
  display: flex;
  flex-wrap: wrap;
  justify-content: end;
  gap: 0.5rem;
}
</style>
