<script setup lang="ts">
import type { Special, Then, When } from '#core/games/own-game/houseRules'
import { isOfPlace } from '#core/games/own-game/problems'
import { sayThen, sayWhen } from '#core/games/own-game/sayRecipe'

/** A special: when something happens, what that does. */
const { track, dice } = defineProps<{
  /** Whether there are places to land on. */
  track: boolean
  /** Whether a throw brings several numbers. */
  dice: boolean
}>()
const special = defineModel<Special>({ required: true })
const emit = defineEmits<{ remove: [] }>()

const WHENS: readonly { value: When['is']; label: string; icon: string; n?: number }[] = [
  { value: 'same', label: 'All alike', icon: 'i-lucide-copy-check' },
  { value: 'has', label: 'One of them is …', icon: 'i-lucide-circle-dot', n: 1 },
  { value: 'all', label: 'Nothing but …', icon: 'i-lucide-grip', n: 6 },
  { value: 'result', label: 'The result is …', icon: 'i-lucide-equal', n: 7 },
  { value: 'multiple', label: 'A multiple of …', icon: 'i-lucide-x', n: 5 },
  { value: 'over', label: 'More than …', icon: 'i-lucide-chevron-right', n: 10 },
  { value: 'under', label: 'Less than …', icon: 'i-lucide-chevron-left', n: 4 },
  { value: 'even', label: 'Even', icon: 'i-lucide-square-split-horizontal' },
  { value: 'odd', label: 'Odd', icon: 'i-lucide-diff' },
  { value: 'on', label: 'Landing on …', icon: 'i-lucide-map-pin', n: 6 },
  { value: 'on-multiple', label: 'Landing on a multiple of …', icon: 'i-lucide-footprints', n: 5 },
  { value: 'on-other', label: 'Landing where another stands', icon: 'i-lucide-users' },
]
const THENS: readonly { value: Then['do']; label: string; icon: string; n?: number; only?: 'throw' | 'place' }[] = [
  { value: 'points', label: 'Gives points', icon: 'i-lucide-plus', n: 5 },
  { value: 'again', label: 'Throws again', icon: 'i-lucide-repeat' },
  { value: 'end-turn', label: 'Ends the turn', icon: 'i-lucide-hand' },
  { value: 'miss', label: 'Misses a turn', icon: 'i-lucide-bed' },
  { value: 'nothing', label: 'Does nothing else', icon: 'i-lucide-circle-slash', only: 'throw' },
  { value: 'double', label: 'Counts twice', icon: 'i-lucide-chevrons-up', only: 'throw' },
  { value: 'opposite', label: 'Turns it round', icon: 'i-lucide-arrow-left-right', only: 'throw' },
  { value: 'bust', label: 'Loses the turn’s gains', icon: 'i-lucide-waves', only: 'throw' },
  { value: 'lose-all', label: 'Loses everything', icon: 'i-lucide-anchor', only: 'throw' },
  { value: 'go-to', label: 'Goes on to …', icon: 'i-lucide-move-right', n: 10, only: 'place' },
  { value: 'send-back', label: 'Sends others back', icon: 'i-lucide-undo-2', only: 'place' },
]
const place = computed(() => isOfPlace(special.value))
const whens = computed(() =>
  WHENS.filter(({ value }) => (track || !value.startsWith('on')) && (dice || value !== 'same')),
)
const thens = computed(() => THENS.filter(({ only }) => !only || only === (place.value ? 'place' : 'throw')))
const withN = <T extends object>(kind: T, n: number | undefined) => (n === undefined ? kind : { ...kind, n })

function setWhen(is: When['is']) {
  const when = withN({ is }, WHENS.find(({ value }) => value === is)?.n) as When
  // What went only with the other kind gives way.
  const fits = THENS.find(({ value }) => value === special.value.then.do)?.only
  const now = isOfPlace({ when, then: special.value.then }) ? 'place' : 'throw'
  special.value = { when, then: fits && fits !== now ? { do: 'again' } : special.value.then }
}
function setThen(does: Then['do']) {
  special.value = { ...special.value, then: withN({ do: does }, THENS.find(({ value }) => value === does)?.n) as Then }
}
const setN = (part: 'when' | 'then', n: number) =>
  (special.value = { ...special.value, [part]: { ...special.value[part], n } })
const whenN = computed(() => ('n' in special.value.when ? special.value.when.n : null))
const thenN = computed(() => ('n' in special.value.then ? special.value.then.n : null))
</script>

<template>
  <div class="flex flex-wrap items-center">
    <Blank :text="sayWhen(special.when)" label="When">
      <ChoiceRow :model-value="special.when.is" label="When" :choices="whens" @update:model-value="setWhen" />
      <NumberField
        v-if="whenN !== null"
        :model-value="whenN"
        class="w-36"
        aria-label="Number of the condition"
        @update:model-value="setN('when', $event)"
      />
    </Blank>
    <Blank :text="sayThen(special.then)" label="Then">
      <ChoiceRow :model-value="special.then.do" label="Then" :choices="thens" @update:model-value="setThen" />
      <NumberField
        v-if="thenN !== null"
        :model-value="thenN"
        class="w-36"
        aria-label="Number of what happens"
        @update:model-value="setN('then', $event)"
      />
    </Blank>
    <Key aria-label="Remove the special" @click="emit('remove')"><UIcon name="i-lucide-x" class="size-5" /></Key>
  </div>
</template>
