<script setup lang="ts">
import { hasOdds, type Choice } from '#core/games/brim/odds'
import { percent } from '~/utils/percent'
import { brim } from '#core/games/brim/index'
import type { BrimPlay, BrimRules, BrimState } from '#core/games/brim/rules'
import type { Line, Tape } from '#core/kernel/tape'
import type { BrimOddsWorker } from '~/games/brim/odds.worker'

/** The exact odds, for the referee: of every choice now, or of those that the last turn took. */
const { tape } = defineProps<{ tape: Tape }>()

const { rules, state } = useTable(brim, () => tape)
const { part, failed, ask, cancel } = useWorker<BrimOddsWorker>(
  () => new Worker(new URL('./odds.worker.ts', import.meta.url), { type: 'module' }),
)
const which = ref<'now' | 'taken' | null>(null)
const now = shallowRef<readonly Choice[]>([])
const taken = shallowRef<readonly { text: string; took: Choice; best: Choice }[]>([])

const over = computed(() => tape.state.result !== null)
/** The plays of the last turn that was stopped, its first roll left out: there was nothing to choose. */
const lastTurn = computed<readonly Line[]>(() => {
  const stands = tape.lines.filter((line) => line.verdict.stands && line.play)
  const end = stands.findLastIndex((line) => line.play!.do === 'stop')
  if (end < 0) return []
  let start = end
  while (start > 0 && stands[start - 1]!.play!.do !== 'stop') start--
  return stands.slice(start + 1, end + 1)
})

watch(() => tape.state, close)

function close() {
  cancel()
  which.value = null
}

/** The choices in each of these positions; null where that was stopped or failed. */
const choicesIn = (given: BrimRules, states: readonly BrimState[]) =>
  ask((remote, tell) => remote.choices(plain(given), plain(states), tell))

async function showNow() {
  if (which.value === 'now') return close()
  close()
  which.value = 'now'
  now.value = (await choicesIn(rules.value, [state.value]))?.[0] ?? []
}

async function showTaken() {
  if (which.value === 'taken') return close()
  close()
  which.value = 'taken'
  const lines = lastTurn.value
  const found = await choicesIn(
    rules.value,
    lines.map((line) => stateIn(brim, line.before)),
  )
  taken.value = (found ?? []).flatMap((choices, i) => {
    const took = choices.find((choice) => sameChoice(choice, lines[i]!.play as BrimPlay))
    return took ? [{ text: describe(took), took, best: choices[0]! }] : []
  })
}

function sameChoice(choice: Choice, play: BrimPlay): boolean {
  if (play.do !== choice.do) return false
  const kept = play.do === 'roll' ? [...(play.keep ?? [])].sort((a, b) => a - b) : []
  return kept.join() === choice.keep.join()
}

function describe(choice: Choice): string {
  if (choice.do === 'stop') return 'Stop'
  return choice.keep.length ? `Freeze ${choice.keep.join(' ')} and roll` : 'Roll all loose dice'
}
const points = (expected: number) => expected.toFixed(1)
</script>

<template>
  <p v-if="!hasOdds(rules)">
    With {{ rules.dice }} dice of {{ rules.sides }} sides there are too many rolls to work the exact odds out while you
    wait.
  </p>
  <div v-else class="space-y-2">
    <div class="flex flex-wrap gap-2">
      <Key v-if="!over" :aria-pressed="which === 'now'" @click="showNow">
        <UIcon name="i-lucide-scale" class="size-5" /> The odds now
      </Key>
      <Key v-if="lastTurn.length" :aria-pressed="which === 'taken'" @click="showTaken">
        <UIcon name="i-lucide-history" class="size-5" /> The odds you took
      </Key>
    </div>
    <WorkUnderWay
      v-if="part || failed"
      :part="part"
      :failed="failed"
      doing="Working the odds out"
      broke="Working it out broke off"
      @stop="close"
    />
    <table v-else-if="which === 'now'" class="odds">
      <caption>
        Exact, when the rest of the turn is played as well as can be
      </caption>
      <thead>
        <tr>
          <th>Choice</th>
          <th>Within</th>
          <th>Expected</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(choice, i) in now.slice(0, 8)" :key="i" :class="{ best: i === 0 }">
          <td>{{ describe(choice) }}</td>
          <td class="figures">{{ percent(choice.within) }}</td>
          <td class="figures">{{ points(choice.expected) }}</td>
        </tr>
      </tbody>
    </table>
    <table v-else-if="which === 'taken'" class="odds">
      <caption>
        The turn just ended, choice by choice
      </caption>
      <thead>
        <tr>
          <th>Took</th>
          <th>Within</th>
          <th>Expected</th>
          <th>Best there was</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="({ text, took, best }, i) in taken" :key="i">
          <td>{{ text }}</td>
          <td class="figures">{{ percent(took.within) }}</td>
          <td class="figures">{{ points(took.expected) }}</td>
          <td>{{ took === best ? 'this was it' : `${describe(best)}: ${points(best.expected)}` }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.odds {
  width: 100%;
  background: var(--sheet);
  border: 1px solid var(--rule);
}
caption {
  text-align: left;
  font-size: 0.9rem;
  color: var(--ink-soft);
  padding: 0.2rem 0;
}
th,
td {
  text-align: left;
  padding: 0.35rem 0.7rem;
  border-top: 1px solid var(--rule);
}
.best {
  font-weight: 700;
  background: var(--stands-soft);
}
</style>
