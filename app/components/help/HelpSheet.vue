<script setup lang="ts">
import { aidFor, laidOn, RUNGS, type Rung } from '#core/mastery/ladder'
import type { Equation } from '#core/contract/working'

/**
 * The ladder of help: an empty drawing to work on, half of it laid, all of it there to be counted. The number itself is
 * said by the child. How far it went is told, and recorded with the play.
 */
const { equation, asks } = defineProps<{ equation: Equation; asks: string }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ helped: [rung: Rung] }>()

const rung = ref<Rung>('empty')
const aid = computed(() => aidFor(equation))
const laid = computed(() => (aid.value ? laidOn(aid.value, rung.value) : 0))
const question = computed(() =>
  equation.terms.map(({ sign, value }, i) => (i ? `${sign === '-' ? '−' : sign} ${value}` : minus(value))).join(' '),
)
const CHOICES = [
  { value: 'empty', label: 'Empty' },
  { value: 'half', label: 'Half of it' },
  { value: 'counted', label: 'All to count' },
] as const satisfies readonly { value: Rung; label: string }[]
watch(open, (now) => now && emit('helped', rung.value), { immediate: true })
watch(rung, (now) => emit('helped', now))
watch(
  () => equation,
  () => (rung.value = RUNGS[0]),
)
</script>

<template>
  <DeskSheet v-model:open="open" :title="asks" :description="question" wide>
    <div class="space-y-4">
      <p class="figures text-3xl font-bold" aria-hidden="true">{{ question }}</p>
      <ChoiceRow v-model="rung" label="How much of it lies there" :choices="CHOICES" />
      <HelpFrames v-if="aid?.kind === 'frames'" :aid="aid" :laid="laid" />
      <HelpRows v-else-if="aid?.kind === 'rows'" :aid="aid" :laid="laid" />
      <HelpLine v-else-if="aid" :aid="aid" :laid="laid" />
      <Key main class="w-full" @click="open = false"
        ><UIcon name="i-lucide-corner-down-left" class="size-5" /> Now say it</Key
      >
    </div>
  </DeskSheet>
</template>
