<script setup lang="ts">
import { aidsFor, workOn, type AidKind, type ShownHelp } from '#core/mastery/ladder'
import { RUNGS, type Rung } from '#core/mastery/rungs'
import { showTerms, type Equation } from '#core/contract/working'

/**
 * The ladder of help: an empty drawing to work on, half of it laid, all of it there to be counted. The number itself is
 * said by the child. How far it went is told, and recorded with the play.
 */
const { equation, asks } = defineProps<{ equation: Equation; asks: string }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ helped: [rung: Rung]; shown: [help: Omit<ShownHelp, 'after'> | null] }>()

const rung = ref<Rung>('empty')
const aids = computed(() => aidsFor(equation))
/** Remembered on this device. */
const liked = useLocalStorage<AidKind>('help-drawing', 'frames')
const aid = computed(() => aids.value.find(({ kind }) => kind === liked.value) ?? aids.value[0])
const drawing = computed({ get: () => aid.value!.kind, set: (kind) => (liked.value = kind) })
const work = ref<readonly number[]>([])
const question = computed(() => showTerms(equation))

const NAMES: Readonly<Record<AidKind, string>> = {
  frames: 'Ten-frames',
  beads: 'Beads',
  rows: 'Rows',
  blocks: 'Blocks',
  line: 'Number line',
}
const CHOICES = [
  { value: 'empty', label: 'Empty' },
  { value: 'half', label: 'Half of it' },
  { value: 'counted', label: 'All to count' },
] as const satisfies readonly { value: Rung; label: string }[]
watch(
  () => equation,
  () => (rung.value = RUNGS[0]),
)
watch([aid, rung], () => (work.value = aid.value ? workOn(aid.value, rung.value) : []), { immediate: true })
/** For the class, where a second screen is there; remembered. */
const onBoard = useLocalStorage('help-on-board', false)
const { helping } = useDesk()
const shown = computed(() =>
  onBoard.value && !helping.value && aid.value
    ? { terms: equation.terms, drawing: aid.value.kind, rung: rung.value, work: work.value }
    : null,
)
watchThrottled(shown, (now) => emit('shown', now), { throttle: 250, immediate: true })
watch(open, (now) => now && emit('helped', rung.value), { immediate: true })
watch(rung, (now) => emit('helped', now))
</script>

<template>
  <DeskSheet v-model:open="open" :title="question" :description="asks" wide large>
    <div v-if="aid" class="space-y-4">
      <div class="flex flex-wrap gap-x-6 gap-y-3">
        <ChoiceRow
          v-if="aids.length > 1"
          v-model="drawing"
          label="Drawing"
          quiet
          :choices="aids.map(({ kind }) => ({ value: kind, label: NAMES[kind] }))"
        />
        <ChoiceRow v-model="rung" label="How much of it lies there" quiet :choices="CHOICES" />
      </div>
      <HelpDrawing v-model="work" :aid="aid" :rung="rung" />
      <USwitch v-if="!helping" v-model="onBoard" label="On the board view too" />
      <Key main class="w-full" @click="open = false"
        ><UIcon name="i-lucide-corner-down-left" class="size-5" /> Now say it</Key
      >
    </div>
  </DeskSheet>
</template>
