<script setup lang="ts">
import type { GameId } from '#core/games/ids'

/** The games by what they practise, time, age and what is in the box, for one table of the room. */
const { name } = defineProps<{
  /** Of the table. */
  name: string
}>()
const emit = defineEmits<{ pick: [game: GameId] }>()
const open = ref(false)
function pick(game: GameId) {
  open.value = false
  emit('pick', game)
}
</script>

<template>
  <Key class="w-full" :aria-label="`Find a game for ${name}`" @click="open = true"
    ><UIcon name="i-lucide-search" class="size-5" /> Find one …</Key
  >
  <DeskSheet
    v-model:open="open"
    wide
    :title="`A game for ${name}`"
    description="By what it practises, time, age, and what is in the box."
  >
    <GameFinder>
      <template #default="{ fit, why, players }">
        <Key class="w-full h-full justify-start! items-start! text-left py-2! whitespace-normal" @click="pick(fit.id)">
          <GameCard :id="fit.id" :about="fit.about" :why="why" :players="players" />
        </Key>
      </template>
    </GameFinder>
  </DeskSheet>
</template>
