<script setup lang="ts">
import type { Tape } from '#core/kernel/tape'
import type { Working } from '#core/contract/working'
import type { GameView } from '~/games/view'
import type { MatchStore } from '~/stores/match'
import type { Seat } from '#shared/api'

/** The referee's eye: what to ask, what could be overlooked and the odds (only when asked), and the last sum drawn. */
const { store, tape, seats, view, prompts, working } = defineProps<{
  store: MatchStore
  tape: Tape
  seats: readonly Seat[]
  view: GameView
  prompts: readonly string[]
  working: Working | null
}>()
/** Whether the sum is drawn; remembered. */
const drawn = defineModel<boolean>('drawn', { required: true })

const { alone, helping, still } = useDesk()
/** On their own the referee’s eye is closed until a key is held; the next play closes it again. */
const looking = ref(false)
const closed = computed(() => alone.value && !looking.value)
watch(
  () => tape.state.played,
  () => (looking.value = false),
)
</script>

<template>
  <section class="sheet p-3 flex flex-col gap-3" aria-label="The referee’s eye">
    <BeforeCard :store="store" :tape="tape" />
    <TalkPrompts :prompts="prompts" />
    <AskRoom v-if="!helping && !still" :store="store" />
    <template v-if="view.Aid">
      <HeldKey v-if="closed" label="The referee looks" @held="looking = true" />
      <component :is="view.Aid" v-else :tape="tape" :seats="seats" />
    </template>
    <div v-if="working" class="space-y-2">
      <Key :aria-pressed="drawn" @click="drawn = !drawn"
        ><UIcon name="i-lucide-shapes" class="size-5" /> Draw the sum</Key
      >
      <LazyWorkingDrawing v-if="drawn" :working="working" class="w-full" />
      <LazyOtherWays :working="working" />
    </div>
  </section>
</template>
