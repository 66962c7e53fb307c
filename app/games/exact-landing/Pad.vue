<script setup lang="ts">
import { exactLanding } from '#core/games/exact-landing/index'
import { useLandingEntry } from '~/games/exact-landing/useLandingEntry'

/** Sign and step in one touch, then where the piece stands. */
const desk = useDesk()
const { entry, rules, from, play, leads, spin } = useLandingEntry()
const { dealt, bring } = useDealing(exactLanding)
const { typed, type, clear } = useTypedFace(
  () => rules.value.steps,
  (step) => spin(entry.value.sign ?? '+', step),
)

watch(play, (now) => desk.enter(now), { immediate: true })
const off = computed(() => leads.value?.off ?? null)
const offSays = computed(
  () => off.value && (rules.value[off.value] === 'spin-again' ? 'spin again' : 'the turn is lost'),
)

function draw() {
  bring({ do: 'spin', by: desk.seat.value }, (came) => spin(came.sign, came.step))
}
/** On their own a spin off the line may be taken for one that stays on it. */
function stays(): boolean {
  if (!off.value || !desk.veiled.value) return true
  desk.miss(play.value!)
  return false
}
function between() {
  desk.note('the pointer stood between two fields; the referee decided')
}

usePad([
  {
    keys: '+ or −',
    does: 'the sign',
    on: ({ key }) => !dealt.value && !play.value && (key === '+' || key === '-'),
    run: ({ key }) => spin(key as '+' | '-', null),
  },
  {
    keys: '0 … 9',
    does: 'the step',
    on: ({ digit, shift }) => !shift && !dealt.value && !play.value && digit !== null,
    run: ({ digit }) => type(digit!),
  },
  { keys: 'Backspace', does: 'another spin', on: isKey('backspace'), run: () => (clear(), spin(null, null)) },
  {
    keys: 'S',
    does: 'record a spin off the line',
    on: (press) => isKey('s')(press) && off.value !== null && !desk.veiled.value,
    run: () => desk.offer(play.value!),
  },
  {
    keys: 'Enter',
    does: 'spin, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !play.value,
    run: draw,
  },
])
</script>

<template>
  <div class="space-y-2">
    <DealKey v-if="dealt && !play" icon="i-lucide-loader-pinwheel" @click="draw">Spin both</DealKey>
    <template v-else-if="!play">
      <div class="flex flex-wrap gap-x-5 gap-y-1.5">
        <SpinKeys
          v-for="sign in ['+', '-'] as const"
          v-show="entry.sign === null || entry.sign === sign"
          :key="sign"
          :faces="rules.steps"
          :sign="sign === '+' ? '+' : '−'"
          @pick="spin(sign, $event)"
        />
      </div>
      <p v-if="entry.sign || typed" class="text-(--ink-soft)">
        {{ entry.sign === '-' ? '−' : '+' }}{{ typed }} … and the step
      </p>
      <Key v-if="!desk.helping.value" class="text-sm" @click="between"
        ><UIcon name="i-lucide-split" class="size-5" /> Pointer between two fields: note it</Key
      >
    </template>
    <template v-else-if="leads">
      <p class="flex flex-wrap items-center gap-2 text-2xl">
        <b class="figures">{{ minus(from) }} {{ play.sign === '-' ? '−' : '+' }} {{ play.step }}</b>
        <Key v-if="!dealt" aria-label="Another spin" @click="spin(null, null)"
          ><UIcon name="i-lucide-delete" class="size-5"
        /></Key>
      </p>
      <Key v-if="desk.veiled.value" class="w-full" @click="off ? desk.offer(play) : desk.miss(play)"
        ><UIcon name="i-lucide-rotate-ccw" class="size-5" /> It goes off the line</Key
      >
      <Key v-else-if="off" main kbd="S" class="w-full" @click="desk.offer(play)"
        ><UIcon name="i-lucide-rotate-ccw" class="size-5" /> Off the line: {{ offSays }}</Key
      >
      <SayAndExplain
        v-if="desk.veiled.value || !off"
        :before="stays"
        :right="leads.to"
        :label="`Stands on ${minus(leads.to)}`"
        minus
        :play="(told) => ({ ...play!, ...told })"
      />
    </template>
  </div>
</template>
