<script setup lang="ts">
import type { Reveal } from '#core/contract/game'

/** What the dealer brought, one after another; a touch or a key skips the wait. */
const { reveal } = defineProps<{ reveal: Reveal }>()
const emit = defineEmits<{ done: [] }>()

const STEP_MS = 380
const REST_MS = 500
const calm = usePreferredReducedMotion()
const shown = ref(0)
const spin = ref(0)
let timer: ReturnType<typeof setTimeout> | undefined

function step() {
  if (shown.value >= reveal.values.length) return void (timer = setTimeout(() => emit('done'), REST_MS))
  shown.value++
  timer = setTimeout(step, STEP_MS)
}
useIntervalFn(() => (spin.value = Math.random()), 90)
const sidesOf = (i: number) => reveal.sides?.[i] ?? 6
/** A die that still rolls shows one of its own faces. */
const rolling = (i: number) => 1 + Math.floor(spin.value * sidesOf(i))
onMounted(() => {
  if (calm.value === 'reduce') emit('done')
  else timer = setTimeout(step, STEP_MS)
})
onBeforeUnmount(() => clearTimeout(timer))

function skip(event: KeyboardEvent) {
  if (event.key !== ' ' && event.key !== 'Enter' && event.key !== 'Escape') return
  event.preventDefault()
  event.stopImmediatePropagation()
  emit('done')
}
useEventListener('keydown', skip, { capture: true })
</script>

<template>
  <section class="sheet p-4 space-y-2 text-center" aria-label="The dealer" aria-live="off">
    <div class="flex flex-wrap justify-center gap-3">
      <template v-for="(value, i) in reveal.values" :key="i">
        <Die
          v-if="reveal.kind === 'die'"
          :face="i < shown ? Number(value) : rolling(i)"
          :sides="sidesOf(i)"
          size="4.5rem"
          :class="{ rolling: i >= shown }"
        />
        <Spinner
          v-else-if="reveal.kind === 'spinner'"
          :faces="reveal.fields?.[i] ?? []"
          :at="i < shown ? value : null"
          size="7rem"
        />
        <Token
          v-else-if="reveal.kind === 'token'"
          :name="i < shown ? String(value) : null"
          :among="reveal.fields?.[0]?.map(String)"
          size="5rem"
        />
        <PlayingCard v-else :value="i < shown ? value : null" size="4.5rem" />
      </template>
    </div>
    <UButton variant="words" @click="emit('done')"> Skip (Space) </UButton>
  </section>
</template>

<style scoped>
.rolling {
  opacity: 0.6;
  animation: tumble 360ms linear infinite;
}
@keyframes tumble {
  50% {
    transform: translateY(-18%) rotate(180deg);
  }
  to {
    transform: rotate(360deg);
  }
}
</style>
