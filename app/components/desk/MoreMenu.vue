<script setup lang="ts">
import type { VNode } from 'vue'
import type { DropdownMenuItem } from '@nuxt/ui'
import type { SheetName } from '~/composables/useSheets'
import type { MatchStore } from '~/stores/match'
import { MENU } from '~/theme/parts'

/** What is needed less often than a play: rulings, looking back, ending early, sharing, taking along, sound. */
const { store, over, begun, closed, opening, beside } = defineProps<{
  store: MatchStore
  over: boolean
  /** Something was played here. */
  begun: boolean
  /** Ended by a call: no ruling makes it go on. */
  closed: boolean
  /** What was laid out before play can be put right. */
  opening: boolean
  /** The key that it hangs from. */
  beside: HTMLElement | undefined
}>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ look: []; sheet: [name: SheetName] }>()

const { settings, canRead } = useVoice()
const { on: veiled, turn } = useVeil(store)
const cards = useTalk()
/** Beside a small menu there is no room for another: what belongs together stands below its heading. */
const narrow = useMediaQuery('(max-width: 47.99rem)')

const toSheet = (name: SheetName, label: string, icon: string, key?: string): DropdownMenuItem => ({
  ...{ label, icon },
  ...(key && { kbds: [key] }),
  onSelect: () => emit('sheet', name),
})
/** Several can be switched one after the other: the menu stays. */
const toSwitch = (label: string, icon: string, checked: boolean, change: () => unknown): DropdownMenuItem => ({
  type: 'checkbox',
  ...{ label, icon, checked },
  onSelect: (event) => {
    event.preventDefault()
    void change()
  },
})
const atTable = computed(() => [
  ...(closed ? [] : [toSheet('ruling', 'Ruling …', 'i-lucide-gavel', 'R')]),
  { label: 'Look back', icon: 'i-lucide-history', kbds: ['L'], onSelect: () => emit('look') },
  toSheet('agreed', 'What is agreed …', 'i-lucide-scroll-text', 'V'),
  ...(opening ? [toSheet('relay', 'What was laid out …', 'i-lucide-layout-template')] : []),
  toSheet('names', 'Names …', 'i-lucide-tag'),
  toSheet('share', 'Board view …', 'i-lucide-presentation', 'B'),
  toSheet('helpers', 'Helpers …', 'i-lucide-smartphone'),
])
const course = computed<DropdownMenuItem[]>(() => [
  { label: 'The chart was opened', icon: 'i-lucide-table', onSelect: () => store.record({ call: 'chart' }) },
  ...(store.clock.paused
    ? []
    : [{ label: 'Pause until later', icon: 'i-lucide-moon', onSelect: () => store.setClock('later') }]),
  ...(begun ? [] : [toSheet('paper', 'Only the result …', 'i-lucide-pencil-line')]),
  toSheet('finish', 'End the match now …', 'i-lucide-flag'),
])
const switches = computed(() => [
  toSwitch('On their own', veiled.value ? 'i-lucide-eye-off' : 'i-lucide-eye', veiled.value, turn),
  toSwitch(
    'Cards before and after a match',
    'i-lucide-message-square-quote',
    cards.value,
    () => (cards.value = !cards.value),
  ),
])
const heard = computed<DropdownMenuItem[]>(() => {
  const { ask, speak, chime } = settings.value
  const mute = canRead.value
    ? {}
    : { disabled: true, description: 'No voice of this machine’s own here: nothing is sent away to be read' }
  return [
    {
      ...toSwitch('Read questions', 'i-lucide-message-circle-question', ask, () => (settings.value.ask = !ask)),
      ...mute,
    },
    { ...toSwitch('Read verdicts', 'i-lucide-volume-2', speak, () => (settings.value.speak = !speak)), ...mute },
    toSwitch('Chimes', 'i-lucide-bell', chime, () => (settings.value.chime = !chime)),
  ]
})
const along = computed<DropdownMenuItem[]>(() => {
  const id = store.match?.id ?? ''
  const file = (as: string) => ({ href: `/api/matches/${id}/export?as=${as}`, external: true, download: '' })
  return [
    { label: 'Match file', icon: 'i-lucide-file-json', ...file('json') },
    { label: 'CSV', icon: 'i-lucide-sheet', ...file('csv') },
    { label: 'Plain text', icon: 'i-lucide-scroll-text', ...file('txt') },
    { label: 'Print …', icon: 'i-lucide-printer', to: `/print/${store.match?.game}?match=${id}` },
  ]
})
/** The library names a menu by a key within it alone; ours is outside. */
function named({ el }: VNode) {
  ;(el as HTMLElement).closest('[role=menu]')?.setAttribute('aria-label', 'More')
}
const items = computed<DropdownMenuItem[][]>(() => {
  const [take, sound] = [
    { label: 'Take it along', icon: 'i-lucide-download' },
    { label: 'Heard', icon: 'i-lucide-ear' },
  ]
  const shortcuts = toSheet('help', 'Shortcuts', 'i-lucide-keyboard', '?')
  const groups = narrow.value
    ? [
        [{ ...take, type: 'label' as const }, ...along.value],
        [{ ...sound, type: 'label' as const }, ...heard.value],
        [shortcuts],
      ]
    : [[{ ...take, children: [along.value] }, { ...sound, children: [heard.value] }, shortcuts]]
  return [atTable.value, ...(over ? [] : [course.value]), switches.value, ...groups]
})
</script>

<template>
  <UDropdownMenu
    v-model:open="open"
    :items="items"
    size="xl"
    :ui="MENU"
    :content="{ reference: beside, align: 'end', onCloseAutoFocus: (event) => event.preventDefault() }"
  >
    <template #content-top="{ sub }"><span v-if="!sub" hidden @vue:mounted="named" /></template>
  </UDropdownMenu>
</template>
