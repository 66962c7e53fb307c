<script setup lang="ts">
/** What was deleted, merged or forgotten within a day: each is taken back with a touch. */
const { all, load, takeBack } = useUndoables()
const failed = ref<string | null>(null)
const tried = () => load().catch((error) => (failed.value = saysOf(error)))
onMounted(tried)
async function undo(id: string) {
  await takeBack(id)
  await tried()
}
</script>

<template>
  <section class="sheet p-5 space-y-3" aria-labelledby="undo">
    <h2 id="undo" class="text-xl font-bold">Take back</h2>
    <p>What was deleted, merged or forgotten can be taken back for a day; then it is final.</p>
    <p v-if="failed" role="alert">{{ failed }}</p>
    <p v-else-if="!all.length">Nothing of the last day.</p>
    <ul v-else class="divide-y divide-(--rule)">
      <li v-for="each in all" :key="each.id" class="py-1 flex flex-wrap items-center gap-3">
        <span class="mr-auto">{{ each.says }}, {{ dayAndTime(each.at) }}</span>
        <Key :aria-label="`Take back: ${each.says}`" @click="undo(each.id)"
          ><UIcon name="i-lucide-undo-2" class="size-5" /> Take back</Key
        >
      </li>
    </ul>
  </section>
</template>
