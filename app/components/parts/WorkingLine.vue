<script setup lang="ts">
import { groupTens, showColumns, showWorking, type Working } from '#core/contract/working'

/** A working in one line, or a line for each column; `tens` brackets the parts that make ten. */
const { working, tens = false } = defineProps<{ working: Working; tens?: boolean }>()

const groups = computed(() => {
  if (!tens || working.kind !== 'equation' || working.terms.some(({ sign }) => sign !== '+')) return null
  const values = working.terms.map(({ value }) => value)
  const found = groupTens(values)
  // Where all of them make one ten they stay in the order in which they came.
  if (found.length === 1 && sum(values) === 10) return [values]
  return found.some((group) => group.length > 1 && sum(group) === 10) ? found : null
})
/** Each column's step on a line of its own: broken anywhere else they can't be followed. */
const lines = computed(() => {
  if (working.kind === 'columns') return showColumns(working)
  // A number by itself is no sum: 10, and not 10 = 10.
  if (working.kind === 'equation' && working.terms.length === 1) return [minus(working.equals)]
  return [showWorking(working)]
})
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0)
</script>

<template>
  <span class="figures">
    <template v-if="groups && working.kind === 'equation'">
      <template v-for="(group, i) in groups" :key="i">
        <span v-if="i"> + </span>
        <span v-if="sum(group) === 10 && group.length > 1" class="ten">{{ group.join(' + ') }}</span>
        <span v-else>{{ group.join(' + ') }}</span>
      </template>
      = <b>{{ minus(working.equals) }}</b>
    </template>
    <template v-else
      ><span v-for="(line, i) in lines" :key="i" :class="{ line: lines.length > 1 }">{{ line }}</span></template
    >
  </span>
</template>

<style scoped>
.ten {
  /* Its line is as high as its frame, wherever it stands: else the frame lies over the words above, or is cut off below. */
  display: inline-block;
  line-height: 1.1;
  padding: 0 0.25em;
  border: 2px solid var(--accent);
  border-radius: 0.5em;
  background: var(--accent-soft);
}
.line {
  display: block;
}
.line:not(:last-child) {
  font-size: 0.82em;
}
</style>
