<script setup lang="ts">
import { facesOfDie } from '#core/kit/dice'

/** The faces of a die as keys. */
const {
  sides,
  why = undefined,
  label = (face: number) => `Rolled a ${face}`,
} = defineProps<{
  sides: number
  /** Why no die is entered now. */
  why?: string | false
  label?: (face: number) => string
}>()
const emit = defineEmits<{ pick: [face: number] }>()
</script>

<template>
  <div class="flex flex-wrap gap-1.5">
    <Key
      v-for="face in facesOfDie(sides)"
      :key="face"
      class="face"
      :why="why"
      :aria-label="label(face)"
      @click="emit('pick', face)"
    >
      <Die :face="face" :sides="sides" size="2.3rem" />
    </Key>
  </div>
</template>

<style scoped>
.face {
  padding: 0.2rem 0.45rem;
}
</style>
