<script setup lang="ts">
import type { Fit } from '#core/catalogue/find'
import { skillNames } from '#core/contract/skills'
import { ABOUTS } from '#core/games/abouts'

/** The game that is set up, and all others to choose from: the list folds away once one is chosen. */
const { chosen } = defineProps<{ chosen: string }>()
const emit = defineEmits<{ choose: [id: string, houseRules?: Readonly<Record<string, unknown>>] }>()
const route = useRoute()
const wide = useMediaQuery('(min-width: 40rem)')
const current = computed(() => ABOUTS.find(({ id }) => id === chosen)!)
/** An own game that is kept is only begun with. */
const isChosen = ({ id, kept }: Fit) => !kept && id === chosen
/** Which game is the first question, where it isn’t answered by the address; on a phone the names are nearer. */
const open = ref(false)
onMounted(() => (open.value = wide.value && route.query.game === undefined && route.query.like === undefined))
function choose({ id, kept }: Fit) {
  open.value = false
  emit('choose', id, kept?.houseRules)
}
</script>

<template>
  <section aria-label="Which game" class="space-y-3">
    <h2 class="text-xl font-bold display">Which game</h2>
    <div v-if="!open" class="sheet p-3 flex flex-wrap items-center gap-3 chosen">
      <GameCard :id="current.id" class="grow basis-64" :about="current.about" :why="skillNames(current.about.skills)" />
      <Key :aria-expanded="open" @click="open = true"><UIcon name="i-lucide-list" class="size-5" /> Another game …</Key>
    </div>
    <GameFinder v-else>
      <template #default="{ fit, why, players }">
        <Key
          class="w-full h-full justify-start! items-start! text-left py-2! whitespace-normal font-normal! game"
          :aria-pressed="isChosen(fit)"
          @click="choose(fit)"
        >
          <GameCard
            :id="fit.id"
            :players="players"
            :about="fit.about"
            :kept="fit.kept"
            :why="why"
            :chosen="isChosen(fit)"
          />
        </Key>
      </template>
    </GameFinder>
  </section>
</template>

<style scoped>
.chosen,
.game[aria-pressed='true'] {
  border: 3px solid var(--accent);
}
.game:hover {
  background: var(--accent-soft);
}
</style>
