<script setup lang="ts">
import { aidShown, type ShownHelp } from '#core/mastery/ladder'
import { showTerms } from '#core/contract/working'

/** The drawing that is worked on at the table, large, for everybody to see. */
const { help } = defineProps<{ help: ShownHelp }>()
const aid = computed(() => aidShown(help))
const question = computed(() => showTerms(help))
</script>

<template>
  <div class="space-y-6">
    <h2 class="text-5xl font-extrabold">{{ question }}</h2>
    <!-- Nothing here is touched: what lies there is moved at the table. -->
    <div inert class="still"><HelpDrawing v-if="aid" :aid="aid" :rung="help.rung" :model-value="help.work" /></div>
  </div>
</template>

<style scoped>
.still {
  width: 44rem;
}
.still :deep(.key) {
  display: none;
}
</style>
