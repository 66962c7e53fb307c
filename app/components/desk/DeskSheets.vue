<script setup lang="ts">
import type { Tape } from '#core/kernel/tape'
import type { useSheets } from '~/composables/useSheets'
import type { GameView } from '~/games/view'
import type { MatchStore } from '~/stores/match'

/** The desk's sheets, and what becomes of what is decided on them. */
const { id, store, sheets, tape, view, beside } = defineProps<{
  id: string
  store: MatchStore
  sheets: ReturnType<typeof useSheets>
  tape: Tape
  view: GameView
  /** The key of the menu. */
  beside: HTMLElement | undefined
}>()
const emit = defineEmits<{
  look: []
  /** What was laid out before play was another thing. */
  reopen: [opening: unknown]
  /** On to where somebody wanted to go. */
  go: []
}>()

const desk = useDesk()
const { sheet, sheetOf } = sheets
const [more, help, ruling, share] = [sheetOf('more'), sheetOf('help'), sheetOf('ruling'), sheetOf('share')]
const [finish, agreed, names, relay] = [sheetOf('finish'), sheetOf('agreed'), sheetOf('names'), sheetOf('relay')]
const [helpers, leave, paper] = [sheetOf('helpers'), sheetOf('leave'), sheetOf('paper')]
const over = computed(() => tape.state.result !== null)

function end(why: string) {
  sheet.value = null
  store.record(why ? { call: 'finish', why } : { call: 'finish' })
}
function onPaper(reached: readonly number[], why: string) {
  sheet.value = null
  store.record(why ? { call: 'on-paper', reached, why } : { call: 'on-paper', reached })
}
</script>

<template>
  <MoreMenu
    v-model:open="more"
    :beside="beside"
    :store="store"
    :over="over"
    :begun="tape.state.played > 0"
    :closed="tape.state.result?.ended !== undefined"
    :opening="Boolean(view.Opening) && tape.table.source === 'table'"
    @sheet="sheet = $event"
    @look="emit('look')"
  />
  <ShortcutSheet v-model:open="help" :shortcuts="desk.padKeys.value" />
  <RulingSheet v-model:open="ruling" :tape="tape" :seats="desk.seats.value" @record="store.record" />
  <ShareBoard v-if="store.match" v-model:open="share" :match="id" :token="store.match.board" />
  <FinishSheet v-model:open="finish" :tape="tape" :seats="desk.seats.value" @finish="end" />
  <PaperSheet v-model:open="paper" :tape="tape" :seats="desk.seats.value" :added="view.leftAdded" @reached="onPaper" />
  <AgreedSheet v-model:open="agreed" :tape="tape" :house-rules="store.match?.houseRules ?? {}" />
  <LeaveSheet v-model:open="leave" :paused="() => store.setClock('later')" @go="emit('go')" />
  <HelperSheet v-model:open="helpers" :match="id" />
  <NamesSheet v-model:open="names" :store="store" />
  <RelaySheet
    v-model:open="relay"
    :tape="tape"
    :seats="desk.seats.value"
    :view="view"
    @relay="emit('reopen', $event)"
  />
</template>
