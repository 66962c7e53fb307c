<script setup lang="ts">
import { showWorking, type Working } from '#core/contract/working'
import { DRAWING_NAMES, DRAWINGS, drawingsFor, type Drawing } from '~/utils/drawings'

/** A working drawn: ten-frames, hops, blocks, rows or bars. Which of those that fit is remembered. */
const {
  working,
  choice = true,
  among = DRAWINGS,
} = defineProps<{
  working: Working
  choice?: boolean
  /** Only one of these is drawn; any where left out. */
  among?: readonly Drawing[]
}>()

const fits = computed(() => drawingsFor(working).filter((fit) => among.includes(fit)))
const liked = useLocalStorage<Drawing>('drawing', 'frames')
const drawing = computed(() => (fits.value.includes(liked.value) ? liked.value : fits.value[0]))
</script>

<template>
  <figure v-if="drawing" class="space-y-1">
    <div v-if="choice && fits.length > 1" class="flex flex-wrap gap-1">
      <UButton
        v-for="fit in fits"
        :key="fit"
        variant="words"
        class="px-3 rounded-md text-sm"
        :class="fit === drawing ? 'bg-(--accent-soft)' : 'no-underline'"
        :aria-pressed="fit === drawing"
        @click="liked = fit"
      >
        {{ DRAWING_NAMES[fit] }}
      </UButton>
    </div>
    <ColumnsDrawing v-if="working.kind === 'columns'" :columns="working" />
    <div v-else role="img" :aria-label="`${DRAWING_NAMES[drawing]}: ${showWorking(working)}`">
      <CompareBars v-if="working.kind === 'comparison'" :values="working.values" />
      <template v-else-if="working.kind === 'equation'">
        <TenFrames v-if="drawing === 'frames'" :equation="working" />
        <BaseTen
          v-else-if="drawing === 'blocks'"
          :values="working.terms.map(({ value }) => value)"
          :total="working.equals"
        />
        <ArrayDots v-else-if="drawing === 'array'" :rows="working.terms[0]!.value" :columns="working.terms[1]!.value" />
        <NumberLine v-else :equation="working" />
      </template>
    </div>
  </figure>
</template>
