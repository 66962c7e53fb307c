<script setup lang="ts">
import { columnKeeper } from '#core/games/column-keeper/index'
import type { Where } from '#core/games/column-keeper/rules'
import { useKeeperEntry } from '~/games/column-keeper/useKeeperEntry'

/** The digit, then its column; at the end each total. */
const desk = useDesk()
const { entry, faces, telling, columns, open, left, choose, put } = useKeeperEntry()
const touched = useTouched<Where>()
const KEYS: Readonly<Record<string, Where>> = { o: 'ones', t: 'tens', h: 'hundreds', m: 'thousands', a: 'aside' }
const keyOf = (where: Where) =>
  Object.keys(KEYS)
    .find((key) => KEYS[key] === where)!
    .toUpperCase()
const places = computed(() => [
  ...open.value.filter((where) => where !== 'aside').reverse(),
  ...open.value.filter((where) => where === 'aside'),
])
const { dealt, bring } = useDealing(columnKeeper)

watch(touched, (where) => {
  if (where === null) return
  touched.value = null
  place(where)
})
watch(
  () => entry.value.card,
  () => desk.enter(null),
)

function place(where: Where) {
  const play = put(where)
  if (play) desk.offer(play)
}
function draw() {
  bring({ do: 'put', by: desk.seat.value }, (play) => choose(play.card))
}

usePad([
  {
    keys: '0 … 9',
    does: 'the digit drawn',
    on: ({ digit, shift }) => !shift && !dealt.value && !telling.value && digit !== null,
    run: ({ digit }) => choose(digit),
  },
  {
    keys: 'O, T, H, M',
    does: 'into the ones, tens, hundreds, thousands',
    on: ({ key }) => entry.value.card !== null && key !== 'a' && key in KEYS,
    run: ({ key }) => place(KEYS[key]!),
  },
  {
    keys: 'A',
    does: 'throw it away',
    on: (press) => entry.value.card !== null && isKey('a')(press),
    run: () => place('aside'),
  },
  { keys: 'Backspace', does: 'another digit', on: isKey('backspace'), run: () => choose(null) },
  {
    keys: 'Enter',
    does: 'draw, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && entry.value.card === null && !telling.value,
    run: draw,
  },
])
</script>

<template>
  <div class="space-y-2">
    <SayAndExplain
      v-if="telling"
      :right="columns.total"
      label="Told the total"
      needed
      :play="({ said, ...told }) => ({ do: 'total', by: desk.seat.value, said: said ?? columns.total, ...told })"
    />
    <DealKey v-else-if="dealt && entry.card === null" icon="i-lucide-layers" @click="draw">Draw a digit</DealKey>
    <CardKeys
      v-else-if="entry.card === null"
      :cards="faces"
      :spent="(card) => left(card) <= 0"
      :label="(card) => `Drew a ${card}`"
      @pick="choose"
    />
    <div v-else class="flex flex-wrap items-stretch gap-1.5">
      <PlayingCard :value="entry.card" size="2.6rem" />
      <Key v-for="where in places" :key="where" class="grow !px-2" :kbd="keyOf(where)" @click="place(where)">{{
        where === 'aside' ? 'throw away' : where
      }}</Key>
      <Key v-if="!dealt" aria-label="Another card" @click="choose(null)"
        ><UIcon name="i-lucide-delete" class="size-6"
      /></Key>
    </div>
  </div>
</template>
