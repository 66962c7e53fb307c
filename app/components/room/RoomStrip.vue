<script setup lang="ts">
import type * as z from 'zod'
import { count } from '#core/basics/words'
import { roomClockShape } from '#shared/requests'
import type { RoomNow } from '~/composables/useRoomSession'

/** The session that goes on: one clock for all tables, the board for the projector, and its end. */
const { room } = defineProps<{ room: RoomNow }>()
const { session, failed } = room
const clock = computed(() => session.value?.clock)
const { running, left, text, nearEnd } = useRoomClock(() => clock.value)
const LENGTHS = [5, 10, 15, 20, 30, 40]
const MORE = 2
/** The clock is being set; without minutes it always is. */
const setting = ref(false)
const own = reactive<{ do: 'set'; minutes: number | null }>({ do: 'set', minutes: null })
const board = ref(false)
const { settings, bell } = useVoice()
watch(session, (now, before) => {
  if (now?.id === before?.id && now?.clock.called && !before?.clock.called) bell()
})

async function set(minutes: number) {
  if (await room.setClock({ do: 'set', minutes })) {
    setting.value = false
    own.minutes = null
    await room.setClock({ do: 'start' })
  }
}
const setOwn = async (asked: z.output<typeof roomClockShape>) => 'minutes' in asked && set(asked.minutes)
const began = computed(() => session.value && timeOfDay(session.value.createdAt))
</script>

<template>
  <section v-if="session && clock" class="strip sheet" aria-label="The session">
    <div class="time" :class="{ near: nearEnd || clock.called }">
      <template v-if="clock.called"
        ><UIcon name="i-lucide-bell-ring" class="size-8" /> <b class="display text-2xl">Time</b></template
      >
      <b v-else-if="left !== null" class="figures text-5xl" role="timer" aria-label="Clock of the room">{{ text }}</b>
      <b v-else class="display text-xl">No clock yet</b>
    </div>
    <div class="main space-y-2">
      <p class="font-semibold">
        Session since {{ began }}<template v-if="clock.called">: each table finishes its round</template
        ><template v-else-if="clock.minutes !== null"
          >, the clock {{ running ? 'runs' : 'stands' }} at {{ count(clock.minutes, 'minute', 'minutes') }} in
          all</template
        >
      </p>
      <div class="flex flex-wrap gap-2">
        <template v-if="clock.minutes === null || setting">
          <Key v-for="minutes in LENGTHS" :key="minutes" @click="set(minutes)">{{ minutes }} min</Key>
          <SendForm v-slot="{ busy }" :shape="roomClockShape" :state="own" :send="setOwn" class="flex gap-1">
            <UFormField name="minutes">
              <UInput
                v-model.number="own.minutes"
                type="number"
                size="xl"
                class="w-24"
                placeholder="other"
                aria-label="Minutes for the room"
              />
            </UFormField>
            <Key type="submit" :disabled="busy" :why="!own.minutes && 'Enter the minutes first.'">Set</Key>
          </SendForm>
          <Key v-if="setting" aria-label="Leave the clock as it is" @click="setting = false"
            ><UIcon name="i-lucide-x" class="size-5"
          /></Key>
        </template>
        <template v-else>
          <Key v-if="!clock.called" main @click="room.setClock({ do: running ? 'pause' : 'start' })"
            ><UIcon :name="running ? 'i-lucide-pause' : 'i-lucide-play'" class="size-5" />
            {{ running ? 'Pause' : 'Start' }}</Key
          >
          <Key @click="room.setClock({ do: 'more', minutes: MORE })"
            ><UIcon name="i-lucide-plus" class="size-5" /> Two more minutes</Key
          >
          <Key @click="setting = true"><UIcon name="i-lucide-timer-reset" class="size-5" /> Set anew …</Key>
        </template>
        <Key
          :aria-pressed="settings.bell"
          title="A calm bell on this device when the clock runs out"
          @click="settings.bell = !settings.bell"
          ><UIcon :name="settings.bell ? 'i-lucide-bell' : 'i-lucide-bell-off'" class="size-5" /> Bell</Key
        >
      </div>
      <p v-if="failed" role="alert" class="text-(--refused) font-semibold">{{ failed }}</p>
    </div>
    <div class="flex flex-wrap gap-2 items-start">
      <Key @click="board = true"><UIcon name="i-lucide-presentation" class="size-5" /> Board of the room</Key>
      <Key to="/print/helpers"><UIcon name="i-lucide-hand-helping" class="size-5" /> Helpers’ codes</Key>
      <Key @click="room.end()"><UIcon name="i-lucide-flag" class="size-5" /> End the session</Key>
    </div>
    <DeskSheet
      v-model:open="board"
      title="Board of the room"
      description="For a projector: every table with its standing, where the referee is needed, and the clock. Whoever has the link can look, and nothing else."
    >
      <BoardLink :path="`/board/room/${session.board}`" what="the board of the room" @renew="room.renewBoard()" />
    </DeskSheet>
  </section>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem 1.5rem;
  padding: 0.8rem 1rem;
  border-left: 0.6rem solid var(--accent);
}
.time {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-width: 9.5rem;
}
.main {
  flex: 1 1 26rem;
  min-width: 0;
}
.near {
  color: var(--call);
}
</style>
