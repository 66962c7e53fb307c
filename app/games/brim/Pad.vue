<script setup lang="ts">
import { brim } from '#core/games/brim/index'
import { count } from '#core/basics/words'
import { total } from '#core/kit/dice'
import { allDice } from '#core/games/brim/dice'
import type { Explained } from '#core/contract/plays'
import type { Roll } from '#core/games/brim/rules'
import { useBrimEntry } from '~/games/brim/useBrimEntry'

/** Brim's pad: faces by touch or by digit, then record; or stop, with the sum that was said. */
const desk = useDesk()
const { entry, rules, state, keep, wanted, complete, rollable, play, toggle, add, remove, back } = useBrimEntry()

const sum = computed(() => total(allDice(state.value)))
const fullWhy = computed(() =>
  wanted.value ? 'All dice are entered: record the roll.' : 'Every die is frozen: touch one to roll it.',
)
const missing = computed(() => {
  const left = wanted.value - entry.value.dice.length
  return left > 0 ? `${count(left, 'die', 'dice')} to enter` : fullWhy.value
})
const mayStop = computed(() => state.value.rolled > 0)
/** Stop was touched while a further roll was half entered. */
const asking = ref(false)
const half = computed(() => state.value.rolled > 0 && (entry.value.dice.length > 0 || entry.value.keep.length > 0))
const { dealt, bring } = useDealing(brim)
const manner = useManner(() => desk.seat.value)

watch(play, (now) => desk.enter(now), { immediate: true })
watch([state, half], () => (asking.value = false))

/** The first roll lies there; a further one that may not be made is chosen anew. */
usePutAway(() => state.value.rolled > 0 && (entry.value = { keep: [], dice: [] }))

const roll = (): Roll => ({
  do: 'roll',
  by: desk.seat.value,
  dice: [],
  ...(keep.value.length ? { keep: keep.value } : {}),
})
const rollDealt = () => bring(roll())
function recordRoll() {
  if (play.value) desk.offer(play.value)
}
/** The new running total is asked for too, as this device remembers; what was said of the sum waits for it. */
const asksTotal = useLocalStorage('brim-total', false)
const sumSaid = shallowRef<(Explained & { said?: number }) | null>(null)
const newTotal = computed(
  () => (state.value.totals[desk.seat.value - 1] ?? 0) + (sum.value <= rules.value.limit ? sum.value : 0),
)
watch([state, asksTotal], () => (sumSaid.value = null))
function before(told: Explained & { said?: number }): boolean {
  if (!sure()) return false
  if (!asksTotal.value || told.said === undefined) return true
  // A wrong sum is put right before it is added to anything.
  const checked = manner.value.answers === 'must-be-right' || desk.veiled.value
  if (checked && told.said !== sum.value) return true
  sumSaid.value = told
  return false
}
/** A reroll half entered is no reason to lose it: the referee is asked once. */
function sure(): boolean {
  if (!half.value || asking.value) return true
  asking.value = true
  return false
}

usePad([
  {
    keys: 'Shift + 1 … 8',
    does: 'freeze the loose die at this place',
    on: ({ digit, shift }) => shift && digit !== null,
    run: ({ digit }) => toggle(digit! - 1),
  },
  {
    keys: '1 … 9',
    does: 'a die shows this',
    on: ({ digit, shift }) => !shift && !dealt.value && digit !== null && digit >= 1 && digit <= rules.value.sides,
    run: ({ digit }) => add(digit!),
  },
  { keys: 'Backspace', does: 'remove the last die', on: isKey('backspace'), run: back },
  {
    keys: 'Enter',
    does: 'record the roll',
    on: (press) => isKey('enter')(press) && rollable.value && (dealt.value || play.value !== null),
    run: () => (dealt.value ? rollDealt() : recordRoll()),
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="rollable && dealt" icon="i-lucide-dices" :why="wanted === 0 && fullWhy" @click="rollDealt">
      {{ keep.length ? `Freeze ${keep.join(' ')} and roll ${wanted}` : `Roll ${wanted} dice` }}
    </DealKey>
    <div v-else-if="rollable" class="flex flex-wrap items-stretch gap-1.5">
      <DieKeys :sides="rules.sides" :why="entry.dice.length >= wanted && fullWhy" @pick="add" />
      <Key
        :why="!entry.dice.length && !entry.keep.length && 'No die is entered or frozen yet.'"
        aria-label="Remove the last"
        @click="back"
        ><UIcon name="i-lucide-delete" class="size-6"
      /></Key>
      <Key main class="flex-1 min-w-44" :why="!complete && `${missing}.`" @click="recordRoll">
        <UIcon name="i-lucide-check" class="size-5" />
        {{ complete ? 'Record the roll' : missing }}
      </Key>
      <Entered :values="entry.dice" kind="die" :sides="rules.sides" @remove="remove" />
    </div>
    <p v-if="asking" class="font-semibold text-(--call)" role="alert">
      A further roll is half entered. Stop again to leave it out, or enter the dice that are missing.
    </p>
    <SayAndExplain
      v-if="mayStop && sumSaid"
      key="total"
      :right="newTotal"
      label="The new total"
      deed="With what was there before"
      :play="({ said: total, ...told }) => ({ do: 'stop', by: desk.seat.value, ...sumSaid, ...told, total })"
    >
      <Key @click="sumSaid = null"><UIcon name="i-lucide-corner-up-left" class="size-5" /> Back to the sum</Key>
    </SayAndExplain>
    <SayAndExplain
      v-else-if="mayStop"
      key="sum"
      :right="sum"
      deed="Stop"
      :label="sum > rules.limit ? `Stop at ${sum}` : `Stop and bank ${sum}`"
      :play="(told) => ({ do: 'stop', by: desk.seat.value, ...told })"
      :before="before"
    >
      <Key v-if="manner.answers !== 'off'" :aria-pressed="asksTotal" @click="asksTotal = !asksTotal"
        ><UIcon name="i-lucide-sigma" class="size-5" /> Ask for the total</Key
      >
    </SayAndExplain>
  </div>
</template>
