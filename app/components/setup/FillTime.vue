<script setup lang="ts">
import { proxy } from 'comlink'
import { FILLED, filling, lengthRule } from '#core/lab/fill'
import type { Tried } from '#core/lab/search'
import type { Setup } from '~/composables/useSetup'
import { startBots } from '~/workers/bots'
import type { Bots } from '~/workers/bots.worker'

/** “Make it fifteen minutes”: bots find how many rounds (or what else makes the game longer) fill the time; undone with a touch. */
const { setup, pace } = defineProps<{
  setup: Setup
  /** Seconds a play. */
  pace: number
}>()
const { game, rules, read, seats } = setup
const field = computed(() => lengthRule(game.value))
const { part, failed, ask, cancel } = useWorker<Bots>(startBots)
const says = ref('')
const asked = ref<number | null>(null)
const told = useTold()
/** Values that are tried at most. */
const MOST = 24
watch([() => game.value.id, () => seats.value.length], () => {
  stop()
  says.value = ''
})

function stop() {
  cancel()
  asked.value = null
}
async function fill(minutes: number) {
  const turned = field.value
  if (!turned) return
  asked.value = minutes
  says.value = ''
  const { [turned.name]: before, ...others } = plain(rules.value)
  const tried: Tried[] = []
  const found = await ask(async (remote, tell) => {
    const each = proxy((one: Tried) => {
      tried.push(one)
      tell(tried.length / MOST)
    })
    const players = seats.value.map(() => 'best' as const)
    const search = { game: game.value.id, houseRules: others, players, pace, seed: 'fill', rule: turned.name, minutes }
    await remote.search(search, each)
    return true
  })
  asked.value = null
  if (!found) return
  const best = filling(tried, minutes)
  if (!best) {
    says.value = `${turned.label} can’t make it about ${minutes} minutes with these rules: set the clock instead.`
    return
  }
  rules.value = { ...rules.value, [turned.name]: best.value }
  told(`${turned.label} ${best.value}: about ${Math.round(best.minutes.usual)} minutes.`, () => {
    rules.value = { ...rules.value, [turned.name]: before }
  })
}
</script>

<template>
  <div v-if="field" class="space-y-1">
    <div class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Fill the time">
      <span class="font-semibold">Make it</span>
      <Key
        v-for="minutes in FILLED"
        :key="minutes"
        :disabled="asked !== null"
        :why="!read.ok && 'Put the house rules right first.'"
        @click="fill(minutes)"
        >{{ minutes }} minutes</Key
      >
    </div>
    <WorkUnderWay
      :part="part"
      :failed="failed"
      doing="Bots try it out"
      broke="That could not be tried out"
      @stop="stop()"
    />
    <p v-if="says" role="status">{{ says }}</p>
  </div>
</template>
