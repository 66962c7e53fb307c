<script setup lang="ts">
import type { Put, Total, Where } from '#core/games/column-keeper/rules'
import type { Told } from '#core/plays'
import type { Tape } from '#core/tape'
import type { Desk } from '~/composables/useDesk'
import { useKeeperEntry } from '~/games/column-keeper/useKeeperEntry'
import type { Seat } from '~/utils/matches'

/** The digit, then its column; at the end each total. */
const { tape, desk } = defineProps<{ tape: Tape; seats: readonly Seat[]; desk: Desk }>()

const { entry, rules, state, faces, telling, columns, open, left, choose, put } = useKeeperEntry(() => tape)
const dealer = useDealer()
const touched = useTouched<Where>()
const told = ref<Told>({})
const KEYS: Readonly<Record<string, Where>> = { o: 'ones', t: 'tens', h: 'hundreds', m: 'thousands', a: 'aside' }
const keyOf = (where: Where) => Object.keys(KEYS).find((key) => KEYS[key] === where)!.toUpperCase()
const places = computed(() => [...open.value.filter((where) => where !== 'aside').reverse(), ...open.value.filter((where) => where === 'aside')])

watch(touched, (where) => {
  if (where === null) return
  touched.value = null
  place(where)
})
watch(state, () => (told.value = {}))
watch(() => entry.value.card, () => desk.enter(null))

function place(where: Where) {
  const play = put(where)
  if (play) desk.offer(play)
}
function draw() {
  dealer.deal({}, (play) => choose((play as Put).card))
}
function tell(said: number | null) {
  const total: Total = { do: 'total', by: state.value.turn, said: said ?? columns.value.total, ...told.value }
  desk.offer(total)
}

function press(event: KeyboardEvent) {
  if (isForeign(event)) return
  const key = event.key.toLowerCase()
  if (telling.value && key === 's') tell(columns.value.total)
  else if (!dealer.dealt.value && /^\d$/.test(key) && !telling.value) choose(Number(key))
  else if (entry.value.card !== null && KEYS[key]) place(KEYS[key])
  else if (key === 'backspace') choose(null)
  else if (key === 'enter' && !isButton(event) && dealer.dealt.value && entry.value.card === null && !telling.value) draw()
  else return
  event.preventDefault()
}
useEventListener('keydown', press)
</script>

<template>
  <section class="space-y-3" aria-label="Pad">
    <template v-if="telling">
      <AnswerKeys :right="columns.total" :answers="rules.answers" label="Told the total" shortcut="S" needed @answer="tell" />
      <HowKeys v-if="rules.explain !== 'off'" v-model="told" :required="rules.explain === 'required'" />
    </template>
    <button v-else-if="dealer.dealt.value && entry.card === null" class="key key-main w-full text-xl !min-h-14" @click="draw"><UIcon name="i-lucide-layers" class="size-6" /> Draw a digit</button>
    <CardKeys v-else-if="entry.card === null" :cards="faces" :spent="(card) => left(card) <= 0" :label="(card) => `Drew a ${card}`" @pick="choose" />
    <div v-else class="flex flex-wrap items-stretch gap-2">
      <PlayingCard :value="entry.card" size="2.6rem" />
      <button v-for="where in places" :key="where" class="key grow !px-2" @click="place(where)">
        <kbd class="kbd hidden lg:inline-flex">{{ keyOf(where) }}</kbd> {{ where === 'aside' ? 'throw away' : where }}
      </button>
      <button v-if="!dealer.dealt.value" class="key" aria-label="Another card" @click="choose(null)"><UIcon name="i-lucide-delete" class="size-6" /></button>
    </div>
  </section>
</template>
