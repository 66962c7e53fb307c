<script setup lang="ts">
import { coveredPart } from '#core/games/covered-part/index'
import type { Explained } from '#core/contract/plays'
import { useCoverEntry } from '~/games/covered-part/useCoverEntry'

/** The hider's two parts and which of them is covered; then the other player's guess, one touch. */
const desk = useDesk()
const manner = useManner()
const { entry, rules, state, total, announced, complete, add, remove, announce, hide } = useCoverEntry()
const { dealt, bring } = useDealing(coveredPart)
const faces = computed(() => {
  const low = rules.value.pieces === 'dice' ? 1 : 0
  return Array.from({ length: rules.value.sides - low + 1 }, (_, i) => i + low)
})
const told = ref<Explained>({})
/** A guess that waits for its explanation. */
const waiting = ref<number | null>(null)
const typed = computed({ get: () => entry.value.announced ?? '', set: announce })
const {
  typed: figures,
  type,
  clear,
} = useTypedFace(
  () => faces.value,
  (face) => (state.value.hidden ? guess(face) : add(face)),
)

watch(
  () => [entry.value, state.value.hidden] as const,
  () => desk.enter(state.value.hidden || !complete.value ? null : hide(2)),
  { immediate: true },
)
watch(
  () => desk.tape.value?.state.played,
  () => {
    told.value = {}
    waiting.value = null
  },
)

usePutAway(() => {
  waiting.value = null
  if (entry.value.announced) announce('')
  else entry.value = { parts: [] }
})

/** On their own the hider says the total first. */
const blind = computed(() => desk.veiled.value)
function cover(part: 1 | 2) {
  if (!complete.value || (blind.value && !entry.value.announced)) return
  if (blind.value && announced.value !== total.value) desk.miss(hide(part))
  else desk.offer(hide(part))
}
function guess(said: number) {
  waiting.value = desk.offer({ do: 'guess', by: desk.seat.value, said, ...told.value }) ? null : said
}
function tell(now: Explained) {
  told.value = now
  if (waiting.value !== null && now.explained) guess(waiting.value)
}
function draw() {
  bring({ do: 'hide', by: desk.seat.value }, (came) => (entry.value = { parts: [...came.parts] }))
}

usePad([
  {
    keys: '0 … 9',
    does: 'a part, or the guess',
    on: ({ digit, shift }) =>
      !shift && digit !== null && (state.value.hidden !== null || (!dealt.value && !complete.value)),
    run: ({ digit }) => type(digit!),
  },
  {
    keys: 'A, B',
    does: 'cover the first or the second part',
    on: ({ key }) => !state.value.hidden && complete.value && (key === 'a' || key === 'b'),
    run: ({ key }) => cover(key === 'a' ? 1 : 2),
  },
  {
    keys: 'Backspace',
    does: 'remove the last part',
    on: isKey('backspace'),
    run: () => (clear(), remove(entry.value.parts.length - 1)),
  },
  {
    keys: 'Enter',
    does: 'roll, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !state.value.hidden && !complete.value,
    run: draw,
  },
])
</script>

<template>
  <div class="space-y-2">
    <template v-if="state.hidden">
      <p class="text-lg font-semibold">What lies under the cover?</p>
      <CardKeys
        :cards="faces"
        :chosen="waiting === null ? [] : [waiting]"
        :label="(face) => `Guesses ${face}`"
        @pick="guess"
      />
      <p v-if="figures" class="text-(--ink-soft)">{{ figures }} …</p>
      <HowKeys
        v-if="manner.explain !== 'off'"
        :model-value="told"
        :required="manner.explain === 'required'"
        @update:model-value="tell"
      />
    </template>
    <template v-else>
      <DealKey v-if="dealt && !complete" icon="i-lucide-dices" @click="draw">
        {{ rules.pieces === 'dice' ? 'Roll, for the hider only' : 'Draw a domino, for the hider only' }}</DealKey
      >
      <div v-else class="flex flex-wrap items-center gap-1.5">
        <template v-if="!complete">
          <DieKeys v-if="rules.pieces === 'dice'" :sides="rules.sides" @pick="add" />
          <CardKeys v-else :cards="faces" :label="(face) => `Half with ${face}`" @pick="add" />
        </template>
        <Entered
          :values="entry.parts"
          :kind="rules.pieces === 'dice' ? 'die' : 'card'"
          :sides="rules.sides"
          @remove="dealt || remove($event)"
        />
        <span v-if="!complete" class="text-(--ink-soft)">{{
          figures ? `${figures} …` : entry.parts.length ? 'and the other part' : 'both parts'
        }}</span>
      </div>
      <template v-if="complete">
        <div class="flex flex-wrap gap-1.5">
          <Key
            v-for="part in [1, 2] as const"
            :key="part"
            main
            class="grow"
            :kbd="part === 1 ? 'A' : 'B'"
            :why="blind && !entry.announced && 'Enter first which total was announced.'"
            @click="cover(part)"
          >
            <UIcon name="i-lucide-eye-off" class="size-5" /> Cover the {{ entry.parts[part - 1] }}, announced
            <b class="figures">{{ blind ? (entry.announced ?? '…') : announced }}</b>
          </Key>
        </div>
        <div class="flex items-center gap-2">
          <span class="text-sm font-semibold shrink-0 max-sm:sr-only">{{
            blind ? 'The total of both' : `Another total than ${total}`
          }}</span>
          <NumberKeys v-model="typed" class="grow" />
        </div>
      </template>
    </template>
  </div>
</template>
