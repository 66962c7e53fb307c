<script setup lang="ts">
const route = useRoute()
const { people } = usePeople()
const remembered = useRememberedSetup()
const setup = useSetup(people, remembered, await loadRemembered(remembered))
const { game, busy, failed, problems, source } = setup

// Before anything is shown: another game's rules would stand there for a moment.
const school = String(route.query.preset ?? '')
if (typeof route.query.like === 'string') await setup.like(route.query.like, school)
for (const name of [route.query.with].flat()) if (name) setup.addSeat(name)
if (typeof route.query.game === 'string') {
  await setup.choose(route.query.game, school)
  takeRules()
}

const form = useTemplateRef('form')
const { wrong, start } = useStarting(setup, form)
/** A game, or one of the table's own with its recipe. */
async function chooseGame(id: string, houseRules?: Readonly<Record<string, unknown>>) {
  await setup.choose(id)
  if (houseRules) setup.usePreset(houseRules)
}
/** House rules that another page sends along; what is no rule of this game is marked by the judge as ever. */
function takeRules() {
  const rules = rulesIn(route.query.rules)
  if (rules) setup.usePreset(rules)
}
const tryOut = computed(() => {
  const seats = Math.max(setup.seats.value.length, game.value.about.seats.low)
  const rules = Object.keys(setup.named.value).length
    ? `&a=${encodeURIComponent(JSON.stringify(setup.named.value))}`
    : ''
  return `/lab?game=${game.value.id}${rules}&players=${Array.from({ length: seats }, () => 'careful').join()}`
})
useHead({ title: 'New match · Nimble Tally' })
</script>

<template>
  <form ref="form" class="grid gap-5 lg:grid-cols-[minmax(0,1fr)_22rem]" novalidate @submit.prevent="start()">
    <div class="space-y-6 min-w-0">
      <h1 class="text-3xl font-bold">New match</h1>
      <GamePicker :chosen="game.id" @choose="chooseGame" />
      <SeatList :setup="setup" :people="people" />
      <AimOffer :setup="setup" :people="people" />
      <SourceChoice v-model="setup.source.value" />
      <VeilChoice v-model="setup.veiled.value" :about="game.about" />
      <HouseRules :setup="setup" />
      <Key v-if="!problems.length" :to="tryOut"
        ><UIcon name="i-lucide-flask-conical" class="size-5" /> Try these rules in the lab</Key
      >
      <OpeningPart v-if="source === 'table'" :setup="setup" />
      <LayReady :setup="setup" :people="people" />
    </div>
    <aside class="space-y-4 lg:sticky lg:top-4 self-start">
      <AgreedSlip :setup="setup" />
      <div class="start">
        <StartFault :says="failed ?? wrong" />
        <TwoTables :setup="setup" />
        <Key main class="go" type="submit" :disabled="busy"
          ><UIcon name="i-lucide-play" class="size-6" /> Start the match</Key
        >
        <UButton variant="words" :disabled="busy" @click="start(true)">Played on paper: only the result …</UButton>
      </div>
    </aside>
  </form>
</template>

<style scoped>
.start {
  display: grid;
  gap: 0.4rem;
}
.go {
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
