<script setup lang="ts">
const route = useRoute()
const { people } = usePeople()
const remembered = useRememberedSetup()
const setup = useSetup(people, remembered, await loadRemembered(remembered))
const { view, game, busy, failed, tried, seatProblem, problems, openingProblems, source } = setup

onMounted(() => {
  if (typeof route.query.like === 'string') void setup.like(route.query.like, String(route.query.preset ?? ''))
  for (const name of [route.query.with].flat()) if (name) setup.addSeat(name)
  if (typeof route.query.game === 'string') void setup.choose(route.query.game, String(route.query.preset ?? '')).then(takeRules)
})
/** House rules that another page sends along; what is no rule of this game is marked by the judge as ever. */
function takeRules() {
  const rules = rulesIn(route.query.rules)
  if (rules) setup.usePreset(rules)
}
const tryOut = computed(() => {
  const seats = Math.max(setup.seats.value.length, game.value.about.seats.low)
  const rules = Object.keys(setup.named.value).length ? `&a=${encodeURIComponent(JSON.stringify(setup.named.value))}` : ''
  return `/lab?game=${game.value.id}${rules}&players=${Array.from({ length: seats }, () => 'careful').join()}`
})
useHead({ title: 'New match · Nimble Tally' })
</script>

<template>
  <form class="grid gap-5 lg:grid-cols-[minmax(0,1fr)_22rem]" novalidate @submit.prevent="setup.start()">
    <div class="space-y-6 min-w-0">
      <h1 class="text-3xl font-bold">New match</h1>
      <GamePicker :chosen="game.id" @choose="setup.choose($event)" />
      <SeatList :setup="setup" :people="people" />
      <SourceChoice v-model="setup.source.value" />
      <HouseRules :setup="setup" />
      <NuxtLink v-if="!problems.length" class="key" :to="tryOut"><UIcon name="i-lucide-flask-conical" class="size-5" /> Try these rules in the lab</NuxtLink>
      <component
        :is="view.Opening"
        v-if="view.Opening && source === 'table' && setup.read.value.ok"
        v-model="setup.opening.value"
        :rules="setup.read.value.rules"
        :names="setup.seats.value.map(({ name }, i) => name.trim() || `Player ${i + 1}`)"
        :problems="tried ? openingProblems : []"
      />
      <LayReady :setup="setup" :people="people" />
    </div>
    <aside class="space-y-4 lg:sticky lg:top-4 self-start">
      <AgreedSlip :setup="setup" />
      <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
      <p v-else-if="tried && (seatProblem || problems.length || openingProblems.length)" role="alert" class="text-(--refused) font-semibold">
        {{ seatProblem ?? (problems.length ? 'A house rule does not fit; it is marked.' : 'What lies on the table is not complete yet; it is marked.') }}
      </p>
      <Key main class="start" type="submit" :disabled="busy"><UIcon name="i-lucide-play" class="size-6" /> Start the match</Key>
    </aside>
  </form>
</template>

<style scoped>
.start {
  width: 100%;
  min-height: 3.5rem;
  font-size: 1.25rem;
}
/* On a phone it is at hand from the beginning. */
@media (max-width: 63.99rem) {
  .start {
    position: sticky;
    bottom: 0.5rem;
    z-index: 10;
  }
}
@media (max-width: 39.99rem) {
  .start {
    position: fixed;
    inset: auto 0.5rem 0.5rem;
    width: auto;
  }
  form {
    padding-bottom: 4.5rem;
  }
}
</style>
