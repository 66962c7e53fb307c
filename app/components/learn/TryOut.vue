<script setup lang="ts">
import { titleOf } from '#core/contract/game'
import { ofSeat } from '#core/kit/seats'
import { sayWhy, sayWinners } from '#core/wording/index'
import type { DeskTab } from '~/components/desk/DeskLayout.vue'
import type { GameView } from '~/games/view'
import type { Rules } from '~/utils/houseRules'

/** A desk for one person against bots: the app deals, the judge tells, and nothing of it is kept. */
const {
  view,
  houseRules,
  seats,
  matchKey = undefined,
  back,
} = defineProps<{
  view: GameView
  houseRules: Rules
  seats: number
  /** What chance is drawn from, where the address names it. */
  matchKey?: string | undefined
  back: string
}>()
const { game } = view
const { tape, desk, last, round, prompts, bot, before, takeBack, again } = useTryOut({
  ...{ game, houseRules, seats, key: matchKey },
})
const tab = ref<DeskTab>('table')
const title = computed(() => titleOf(game.about, houseRules))
const result = computed(() => tape.value.state.result)
const headline = computed(() => {
  if (!result.value) return ''
  const names = result.value.winners.map((seat) => ofSeat(desk.seats.value, seat).name)
  if (seats === 1) return 'Played to its end'
  return sayWinners(names)
})
/** Who is about to play by itself. */
const thinks = computed(() => (bot.value && !bot.value.givesWay ? ofSeat(desk.seats.value, bot.value.seat).name : null))
const reveal = computed(() => desk.dealer.showing.value?.reveal ?? null)
const small = useMediaQuery('(max-width: 59.99rem) and (max-height: 55.99rem)')
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key.toLowerCase() === 'z' && !isForeign(event) && before.value) takeBack()
})
useHead({ title: () => `Try ${title.value} · Nimble Tally` })
</script>

<template>
  <DeskLayout v-model:tab="tab" :entries="tape.lines.length">
    <template #top>
      <header class="bar">
        <Key :to="back" aria-label="Back to the rulebook"><UIcon name="i-lucide-x" class="size-6" /></Key>
        <div class="min-w-0">
          <h1 class="text-xl font-bold leading-tight">Try {{ title }}</h1>
          <p class="text-(--ink-soft) font-semibold leading-tight">{{ round || 'Nothing of it is kept' }}</p>
        </div>
        <span class="ml-auto flex gap-2">
          <Key
            :why="!before && 'There is no play of yours to take back.'"
            aria-label="Take back"
            title="Take back your newest play (Z)"
            @click="takeBack"
            ><UIcon name="i-lucide-undo-2" class="size-5" /> <span class="max-sm:hidden">Take back</span></Key
          >
          <Key aria-label="Another match" @click="again"
            ><UIcon name="i-lucide-rotate-ccw" class="size-5" /> <span class="max-sm:hidden">Another match</span></Key
          >
        </span>
      </header>
      <PlayersRow class="seats" :tape="tape" :seats="desk.seats.value" />
    </template>
    <template #stage>
      <section v-if="result" class="sheet p-5 space-y-4 ended" aria-label="Announcement">
        <h2 class="text-4xl font-extrabold">{{ headline }}</h2>
        <p class="text-lg text-(--ink-soft)">{{ seats === 1 ? '' : `${sayWhy(tape.table, result)}.` }}</p>
        <component :is="view.Recap" :tape="tape" :seats="desk.seats.value" />
        <p class="flex flex-wrap gap-2">
          <Key main @click="again"><UIcon name="i-lucide-rotate-ccw" class="size-5" /> Another match</Key>
          <Key :to="`/referee/${game.id}`"><UIcon name="i-lucide-gavel" class="size-5" /> Be the referee</Key>
          <Key :to="newMatchPath({ game: game.id, rules: houseRules })"
            ><UIcon name="i-lucide-play" class="size-5" /> Set up a match</Key
          >
        </p>
      </section>
      <FitBox v-else class="grow" :least="small ? 0.88 : 0.78" :most="1.3" :moment="tape.lines.length">
        <component :is="view.Table" />
      </FitBox>
      <LazyDealReveal v-if="reveal" class="reveal" :reveal="reveal" @done="desk.dealer.done()" />
    </template>
    <template #dock>
      <div v-if="!result" class="dock space-y-1.5">
        <LiveVerdict :tape="tape" :last="last" :amending="false" />
        <p v-if="thinks" class="text-lg p-3" role="status">{{ thinks }} plays …</p>
        <PadFrame v-else><component :is="view.Pad" /></PadFrame>
      </div>
    </template>
    <template #side>
      <Tape :tape="tape" :seats="desk.seats.value" :waiting="0" still class="side-tape" />
      <section class="sheet p-3 flex flex-col gap-3 side-eye" aria-label="The referee’s eye">
        <TalkPrompts :prompts="prompts" />
        <component :is="view.Aid" v-if="view.Aid" :tape="tape" :seats="desk.seats.value" />
      </section>
    </template>
  </DeskLayout>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 0.6rem;
}
.ended {
  overflow-y: auto;
  min-height: 0;
}
.dock {
  min-width: 0;
}
.reveal {
  position: absolute;
  inset: auto 0 0;
}
</style>
