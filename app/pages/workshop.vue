<script setup lang="ts">
import { ownGame } from '#core/games/own-game/index'
import { sayRecipe } from '#core/games/own-game/sayRecipe'

/** The workshop: a game of one's own, made of sentences with blanks to touch; beside it, always true, what that comes to. */
const workshop = useWorkshop()
const { recipe, rules, read, problems, begin, undo, redo, canUndo, canRedo, seed, turn } = workshop
const route = useRoute()
const given = rulesIn(route.query.rules)
if (given) begin(given)

const play = computed(() => newMatchPath({ game: ownGame.id, rules: plain(recipe.value) }))
const lab = computed(
  () => `/lab?game=${ownGame.id}&a=${encodeURIComponent(JSON.stringify(plain(recipe.value)))}&players=careful,careful`,
)
const print = computed(() => `/print/${ownGame.id}?rules=${encodeURIComponent(JSON.stringify(plain(recipe.value)))}`)
useEventListener('keydown', (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
  if ((event.target as HTMLElement).matches('input, textarea')) return
  event.preventDefault()
  if (event.shiftKey) redo()
  else undo()
})
useHead({ title: 'The workshop · Nimble Tally' })
</script>

<template>
  <div class="grid gap-5 lg:grid-cols-[minmax(0,1fr)_24rem]">
    <div class="space-y-4 min-w-0">
      <header class="flex flex-wrap items-center gap-2">
        <h1 class="text-3xl font-bold mr-auto">The workshop</h1>
        <Key :why="!canUndo && 'There is no step to take back.'" @click="undo()"
          ><UIcon name="i-lucide-undo-2" class="size-5" /> Step back</Key
        >
        <Key :why="!canRedo && 'There is no step to bring back.'" aria-label="Step forward" @click="redo()"
          ><UIcon name="i-lucide-redo-2" class="size-5"
        /></Key>
      </header>
      <Beginnings :workshop="workshop" />
      <section class="sheet p-4" aria-label="Sentences"><Sentences :workshop="workshop" /></section>
    </div>
    <aside class="space-y-4 lg:sticky lg:top-4 self-start">
      <section class="sheet p-4 space-y-3" aria-label="Read back">
        <h2 class="font-bold text-lg wrap-anywhere">{{ rules.title }}</h2>
        <ul v-if="read.ok" class="list-disc pl-5 space-y-1">
          <li v-for="sentence in sayRecipe(rules)" :key="sentence" class="wrap-anywhere">{{ sentence }}</li>
        </ul>
        <p v-else class="text-(--refused) font-semibold" role="status">
          {{ problems.length === 1 ? 'A sentence does not fit yet' : `${problems.length} things do not fit yet` }}; it
          is marked.
        </p>
      </section>
      <Trial v-if="read.ok" :workshop="workshop" />
      <section v-if="turn.length" class="sheet p-4 space-y-2" aria-label="One turn">
        <h2 class="font-bold text-lg">One turn</h2>
        <ol class="space-y-1">
          <li v-for="(says, i) in turn" :key="i">{{ says }}</li>
        </ol>
        <Key @click="seed++"><UIcon name="i-lucide-dices" class="size-5" /> Another one</Key>
      </section>
      <div v-if="read.ok" class="grid gap-2">
        <Key main :to="play"><UIcon name="i-lucide-play" class="size-6" /> Play it …</Key>
        <Key :to="lab"><UIcon name="i-lucide-flask-conical" class="size-5" /> Try it in the lab</Key>
        <Key :to="learnPath('watch', ownGame.id, recipe)"
          ><UIcon name="i-lucide-clapperboard" class="size-5" /> Watch one</Key
        >
        <Key :to="print"><UIcon name="i-lucide-printer" class="size-5" /> Print it …</Key>
      </div>
      <KeepGame :workshop="workshop" />
    </aside>
  </div>
</template>
