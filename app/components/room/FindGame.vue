<script setup lang="ts">
import type { Fit } from '#core/catalogue/find'
import type { GameId } from '#core/games/ids'

/** The games by what they practise, time, age and what is in the box, for one table of the room. */
const { name } = defineProps<{
  /** Of the table. */
  name: string
}>()
const emit = defineEmits<{
  /** The game, or house rules under a name as the table's card knows them. */
  pick: [game: GameId | `named-${string}`]
}>()
const open = ref(false)
function pick({ id, kept }: Fit) {
  open.value = false
  emit('pick', kept ? `named-${kept.id}` : id)
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
        <Key
          class="w-full h-full justify-start! items-start! text-left py-2! whitespace-normal font-normal!"
          @click="pick(fit)"
        >
          <GameCard :id="fit.id" :about="fit.about" :kept="fit.kept" :why="why" :players="players" />
        </Key>
      </template>
    </GameFinder>
  </DeskSheet>
</template>
