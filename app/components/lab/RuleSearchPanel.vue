<script setup lang="ts">
import { proxy } from 'comlink'
import { closest, searchable, type Tried } from '#core/lab/search'
import { roundMinutes, sayProposal } from '#core/lab/wording'
import type { Lab } from '~/composables/useLab'
import { startBots } from '~/workers/bots'
import type { Bots } from '~/workers/bots.worker'

/** “About fifteen minutes for four players”: tries the range of a rule and proposes values. */
const { lab } = defineProps<{ lab: Lab }>()
const emit = defineEmits<{ use: [rule: string, value: number] }>()

const fields = computed(() => (lab.game.value ? searchable(lab.game.value) : []))
const rule = ref('')
/** Rules that say how long a game is come first to mind. */
const LONG = ['rounds', 'turns', 'goal', 'limit']
watch(
  fields,
  (now) =>
    (rule.value = (LONG.map((name) => now.find((each) => each.name === name)).find(Boolean) ?? now[0])?.name ?? ''),
  { immediate: true },
)
const minutes = ref(15)
const tried = shallowRef<readonly Tried[]>([])
const { part, failed, ask, cancel } = useWorker<Bots>(startBots)
const field = computed(() => fields.value.find(({ name }) => name === rule.value))
const over = ref(false)
watch([() => lab.question.value, rule, minutes], () => {
  cancel()
  tried.value = []
  over.value = false
})

async function search() {
  const question = lab.question.value
  if (!question || !lab.ok.value) return
  tried.value = []
  over.value = false
  const { game, a, players, pace, seed } = plain(question)
  const found = await ask(async (remote, tell) => {
    const each = proxy((one: Tried) => {
      tried.value = [...tried.value, one].sort((x, y) => x.value - y.value)
      tell(tried.value.length / 20)
    })
    await remote.search({ game, houseRules: a, players, pace, seed, rule: rule.value, minutes: minutes.value }, each)
    return true
  })
  over.value = found === true
}
const best = computed(() => closest(tried.value, minutes.value))
const shelves = computed(() => [{ items: fields.value.map(({ name, label }) => ({ value: name, label })) }])
</script>

<template>
  <section class="sheet p-4 space-y-3" aria-labelledby="search">
    <h2 id="search" class="text-xl font-bold">Search for a rule</h2>
    <p v-if="!fields.length">This game has no house rule with a number to be searched.</p>
    <template v-else>
      <form class="flex flex-wrap items-end gap-3" @submit.prevent="search()">
        <div class="space-y-1">
          <p class="font-semibold" aria-hidden="true">Rule</p>
          <Choose v-model="rule" :choices="shelves" label="Rule" class="min-w-52" />
        </div>
        <label class="space-y-1"
          ><span class="block font-semibold">About so many minutes</span>
          <UInputNumber
            v-model="minutes"
            :min="1"
            :max="120"
            size="xl"
            class="w-36"
            aria-label="Minutes that a match is to take"
        /></label>
        <Key type="submit" :disabled="part > 0" :why="!lab.ok.value && 'Put the house rules right first.'"
          ><UIcon name="i-lucide-search" class="size-5" /> Search</Key
        >
        <Key v-if="part > 0" @click="cancel()"><UIcon name="i-lucide-x" class="size-5" /> Stop</Key>
      </form>
      <p v-if="part > 0" role="status">Trying {{ field?.label }} …</p>
      <p v-else-if="failed" role="alert" class="text-(--refused) font-semibold">The search broke off. Try again.</p>
      <p v-else-if="over && !best" role="status">No value of this rule can be played together with the other rules.</p>
      <template v-if="best && field">
        <p class="flex flex-wrap items-center gap-3 text-lg">
          <span role="status">{{ over ? '' : 'So far: ' }}{{ sayProposal(field.label, best) }}</span>
          <Key main :disabled="part > 0" @click="emit('use', rule, best.value)"
            ><UIcon name="i-lucide-check" class="size-5" /> Take {{ best.value }} into rules A</Key
          >
        </p>
        <div class="overflow-x-auto relative" tabindex="0" role="region" aria-label="Values tried">
          <table class="figures text-right">
            <thead>
              <tr>
                <th scope="row" class="text-left pr-3">{{ field.label }}</th>
                <th
                  v-for="each in tried"
                  :key="each.value"
                  scope="col"
                  class="px-2"
                  :class="{ 'bg-(--accent-soft)': each === best }"
                >
                  {{ each.value }}
                </th>
              </tr>
            </thead>
            <tbody>
              <tr>
                <th scope="row" class="text-left pr-3">Minutes, usual</th>
                <td
                  v-for="each in tried"
                  :key="each.value"
                  class="px-2"
                  :class="{ 'bg-(--accent-soft)': each === best }"
                >
                  {{ roundMinutes(each.minutes.usual) }}
                </td>
              </tr>
              <tr>
                <th scope="row" class="text-left pr-3">nine of ten below</th>
                <td
                  v-for="each in tried"
                  :key="each.value"
                  class="px-2"
                  :class="{ 'bg-(--accent-soft)': each === best }"
                >
                  {{ roundMinutes(each.minutes.high) }}
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
    </template>
  </section>
</template>
