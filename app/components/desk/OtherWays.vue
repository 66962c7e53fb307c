<script setup lang="ts">
import { waysTo, type Way } from '#core/mastery/ways'
import { WAYS } from '#core/wording/ways'
import type { Working } from '#core/contract/working'

/** Other ways to what was just worked out, each drawn step by step with the numbers at hand. */
const { working } = defineProps<{ working: Working }>()

const ways = computed(() => (working.kind === 'equation' ? waysTo(working) : []))
const chosen = ref<Way['kind'] | null>(null)
const way = computed(() => ways.value.find(({ kind }) => kind === chosen.value) ?? null)
/** How many of its steps are shown. */
const shown = ref(1)
watch(
  () => working,
  () => (chosen.value = null),
)
function choose(kind: Way['kind']) {
  chosen.value = chosen.value === kind ? null : kind
  shown.value = 1
}
</script>

<template>
  <section v-if="ways.length" class="space-y-2" aria-label="Another way">
    <h3 class="font-bold">Another way</h3>
    <div class="flex flex-wrap gap-1.5">
      <Key v-for="{ kind } in ways" :key="kind" :aria-pressed="chosen === kind" @click="choose(kind)">{{
        WAYS[kind].name
      }}</Key>
    </div>
    <template v-if="way">
      <p>{{ WAYS[way.kind].says }}</p>
      <ol class="space-y-2" role="status">
        <li v-for="(step, i) in way.steps.slice(0, shown)" :key="i">
          <WorkingLine :working="step" class="text-lg font-semibold" />
          <LazyWorkingDrawing v-if="i === shown - 1" :working="step" :choice="false" class="w-full" />
        </li>
      </ol>
      <Key v-if="shown < way.steps.length" main @click="shown++"
        ><UIcon name="i-lucide-arrow-down" class="size-5" /> The next step</Key
      >
    </template>
  </section>
</template>
