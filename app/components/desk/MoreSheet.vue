<script setup lang="ts">
import type { SheetName } from '~/composables/useSheets'
import type { MatchStore } from '~/stores/match'

/** What is needed less often than a play: rulings, looking back, ending early, sharing, taking along, sound. */
const { store, over, begun, closed, opening } = defineProps<{
  store: MatchStore
  over: boolean
  /** Something was played here. */
  begun: boolean
  /** Ended by a call: no ruling makes it go on. */
  closed: boolean
  /** What was laid out before play can be put right. */
  opening: boolean
}>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ look: []; sheet: [name: SheetName] }>()

const { settings, canRead } = useVoice()
const mute = computed(() => !canRead.value && 'This browser cannot read aloud.')
const cards = useTalk()
const id = computed(() => store.match?.id ?? '')
const EXPORTS = [
  { as: 'json', label: 'Match file', icon: 'i-lucide-file-json' },
  { as: 'csv', label: 'CSV', icon: 'i-lucide-sheet' },
  { as: 'txt', label: 'Plain text', icon: 'i-lucide-scroll-text' },
]

function chart() {
  store.record({ call: 'chart' })
  open.value = false
}
</script>

<template>
  <DeskSheet v-model:open="open" title="More" description="At this table">
    <div class="space-y-4">
      <div class="grid gap-2 sm:grid-cols-2">
        <Key v-if="!closed" @click="emit('sheet', 'ruling')"
          ><UIcon name="i-lucide-gavel" class="size-5" /> Ruling … <kbd class="kbd">R</kbd></Key
        >
        <Key @click="emit('look')"
          ><UIcon name="i-lucide-history" class="size-5" /> Look back <kbd class="kbd">L</kbd></Key
        >
        <Key @click="emit('sheet', 'share')"
          ><UIcon name="i-lucide-presentation" class="size-5" /> Board view … <kbd class="kbd">B</kbd></Key
        >
        <Key v-if="!over" @click="chart"><UIcon name="i-lucide-table" class="size-5" /> The chart was opened</Key>
        <Key v-if="!over && !store.clock.paused" @click="(store.setClock('later'), (open = false))"
          ><UIcon name="i-lucide-moon" class="size-5" /> Pause until later</Key
        >
        <Key v-if="!over" @click="emit('sheet', 'finish')"
          ><UIcon name="i-lucide-flag" class="size-5" /> End the match now …</Key
        >
        <Key v-if="!over && !begun" @click="emit('sheet', 'paper')"
          ><UIcon name="i-lucide-pencil-line" class="size-5" /> Only the result …</Key
        >
        <VeilSwitch :store="store" />
        <Key @click="emit('sheet', 'agreed')"
          ><UIcon name="i-lucide-scroll-text" class="size-5" /> What is agreed … <kbd class="kbd">V</kbd></Key
        >
        <Key @click="emit('sheet', 'helpers')"><UIcon name="i-lucide-smartphone" class="size-5" /> Helpers …</Key>
        <Key @click="emit('sheet', 'names')"><UIcon name="i-lucide-tag" class="size-5" /> Names …</Key>
        <Key v-if="opening" @click="emit('sheet', 'relay')"
          ><UIcon name="i-lucide-layout-template" class="size-5" /> What was laid out …</Key
        >
        <Key @click="emit('sheet', 'help')"
          ><UIcon name="i-lucide-keyboard" class="size-5" /> Shortcuts <kbd class="kbd">?</kbd></Key
        >
      </div>
      <section class="space-y-2">
        <h3 class="font-bold">Take it along</h3>
        <div class="flex flex-wrap gap-2">
          <Key v-for="{ as, label, icon } in EXPORTS" :key="as" :file="`/api/matches/${id}/export?as=${as}`"
            ><UIcon :name="icon" class="size-5" /> {{ label }}</Key
          >
          <Key :to="`/print/${store.match?.game}?match=${id}`"
            ><UIcon name="i-lucide-printer" class="size-5" /> Print …</Key
          >
        </div>
      </section>
      <Key :aria-pressed="cards" @click="cards = !cards"
        ><UIcon name="i-lucide-message-square-quote" class="size-5" /> Cards before and after a match</Key
      >
      <section class="space-y-2">
        <h3 class="font-bold">Heard</h3>
        <div class="flex flex-wrap gap-2">
          <Key :why="mute" :aria-pressed="settings.ask" @click="settings.ask = !settings.ask"
            ><UIcon name="i-lucide-message-circle-question" class="size-5" /> Read questions</Key
          >
          <Key :why="mute" :aria-pressed="settings.speak" @click="settings.speak = !settings.speak"
            ><UIcon name="i-lucide-volume-2" class="size-5" /> Read verdicts</Key
          >
          <Key :aria-pressed="settings.chime" @click="settings.chime = !settings.chime"
            ><UIcon name="i-lucide-bell" class="size-5" /> Chimes</Key
          >
        </div>
        <p v-if="!canRead" class="text-sm text-(--ink-soft)">
          This browser has no voice of this machine’s own; nothing is sent away to be read.
        </p>
      </section>
    </div>
  </DeskSheet>
</template>
