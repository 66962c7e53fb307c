<script setup lang="ts">
import type { MatchStore } from '~/stores/match'

/** What is needed less often than a play: rulings, looking back, ending early, sharing, taking along, sound. */
const { store, over } = defineProps<{ store: MatchStore; over: boolean }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ ruling: []; share: []; help: []; look: []; finish: [] }>()

const { settings } = useVoice()
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
  <UModal v-model:open="open" title="More" description="At this table">
    <template #body>
      <div class="space-y-4">
        <div class="grid gap-2 sm:grid-cols-2">
          <button v-if="!over" class="key" @click="emit('ruling')"><UIcon name="i-lucide-gavel" class="size-5" /> Ruling … <kbd class="kbd">R</kbd></button>
          <button class="key" @click="emit('look')"><UIcon name="i-lucide-history" class="size-5" /> Look back <kbd class="kbd">L</kbd></button>
          <button class="key" @click="emit('share')"><UIcon name="i-lucide-presentation" class="size-5" /> Board view … <kbd class="kbd">B</kbd></button>
          <button v-if="!over" class="key" @click="chart"><UIcon name="i-lucide-table" class="size-5" /> The chart was opened</button>
          <button v-if="!over" class="key" @click="emit('finish')"><UIcon name="i-lucide-flag" class="size-5" /> End the match now …</button>
          <button class="key" @click="emit('help')"><UIcon name="i-lucide-keyboard" class="size-5" /> Shortcuts <kbd class="kbd">?</kbd></button>
        </div>
        <section class="space-y-2">
          <h3 class="font-bold">Take it along</h3>
          <div class="flex flex-wrap gap-2">
            <a v-for="{ as, label, icon } in EXPORTS" :key="as" class="key" :href="`/api/matches/${id}/export?as=${as}`" download><UIcon :name="icon" class="size-5" /> {{ label }}</a>
          </div>
        </section>
        <section class="space-y-2">
          <h3 class="font-bold">Heard</h3>
          <div class="flex flex-wrap gap-2">
            <button class="key" :aria-pressed="settings.speak" @click="settings.speak = !settings.speak"><UIcon name="i-lucide-volume-2" class="size-5" /> Speak verdicts</button>
            <button class="key" :aria-pressed="settings.chime" @click="settings.chime = !settings.chime"><UIcon name="i-lucide-bell" class="size-5" /> Chimes</button>
          </div>
        </section>
      </div>
    </template>
  </UModal>
</template>
