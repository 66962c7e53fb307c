<script setup lang="ts">
import type { RoomMade } from '#shared/school'

/** The card of a room, to be printed and handed to whoever referees there; its passcode is shown this once. */
const { made } = defineProps<{ made: RoomMade }>()
const emit = defineEmits<{ close: [] }>()

const enter = computed(() => `${location.origin}/enter?room=${made.room.id}`)
/** What stands after the sign goes to no server, and into no log. */
const link = computed(() => `${enter.value}#${made.passcode}`)
/** Nobody but this machine can follow it. */
const local = isOnThisMachine()
const print = () => window.print()
</script>

<template>
  <section class="sheet p-5 flex flex-wrap items-center gap-6" :aria-label="`Card of ${made.room.name}`">
    <LinkPicture class="w-44 p-1.5 rounded-lg" :link="link" :what="`the room ${made.room.name}`" />
    <div class="min-w-0 grow basis-64 space-y-2">
      <h2 class="text-2xl font-bold">{{ made.room.name }}</h2>
      <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 items-baseline">
        <dt>Room</dt>
        <dd class="figures text-2xl font-bold">{{ made.room.id }}</dd>
        <dt>Passcode</dt>
        <dd class="figures text-2xl font-bold">{{ made.passcode }}</dd>
      </dl>
      <p class="figures text-sm break-all">{{ enter }}</p>
      <p class="text-sm">Whoever has this card is in the room with its children’s names: keep it out of sight.</p>
      <OriginKeys :model-value="0" :origins="[]" :local="local" class="print:hidden" />
      <div class="flex flex-wrap gap-2 print:hidden">
        <Key main @click="print()"><UIcon name="i-lucide-printer" class="size-5" /> Print the card</Key>
        <Key @click="emit('close')">I have it</Key>
      </div>
    </div>
  </section>
</template>
