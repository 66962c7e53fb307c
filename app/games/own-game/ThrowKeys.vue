<script setup lang="ts">
import { facesOf } from '#core/kit/pack'
import type { OwnRules } from '#core/games/own-game/houseRules'

/** The next number of a throw as keys: a die's faces, a spinner's fields, or cards. */
const { rules, at } = defineProps<{
  rules: OwnRules
  /** Which number of the throw comes next, from 0. */
  at: number
}>()
const emit = defineEmits<{ pick: [face: number] }>()
/** A die with more sides than this is entered as a number. */
const MOST_FACES = 12
const sides = computed(() => (rules.brings.kind === 'dice' ? (rules.brings.sides[at] ?? 6) : 0))
const faces = computed(() => Array.from({ length: sides.value }, (_, i) => i + 1))
</script>

<template>
  <DieKeys v-if="rules.brings.kind === 'dice' && sides <= MOST_FACES" :sides="sides" @pick="emit('pick', $event)" />
  <CardKeys
    v-else-if="rules.brings.kind === 'dice'"
    :cards="faces"
    :label="(face) => `Rolled a ${face}`"
    @pick="emit('pick', $event)"
  />
  <SpinKeys v-else-if="rules.brings.kind === 'spinner'" :faces="rules.brings.faces" @pick="emit('pick', $event)" />
  <CardKeys v-else :cards="facesOf(rules.brings.pack)" @pick="emit('pick', $event)" />
</template>
