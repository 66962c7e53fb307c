<script setup lang="ts">
import { aboutOf } from '#core/games/abouts'
import { matchName, matchTitle } from '#core/games/titles'
import { callApi } from '~/utils/api'
import type { ListedMatch } from '#shared/api'

/** One table in the room: standing, turn, what happened last, and whether the referee is needed. */
const { match } = defineProps<{ match: ListedMatch }>()
const emit = defineEmits<{ removed: [] }>()

const title = computed(() => matchTitle(match))
const waits = computed(() => (aboutOf(match.game)?.turns ? (match.summary.awaits?.seats ?? []) : []))
const won = computed(() => match.summary.result?.winners ?? [])
const { text: clock, running } = useClock(
  () => match.clock,
  () => match.summary.minutes,
)
const confirm = useConfirm()
const { tellDone } = useUndoables()
const failed = ref<string | null>(null)
const when = computed(() => lately(match.updatedAt))

async function remove() {
  const says = `${match.seats.map(({ name }) => name).join(', ')}: everything recorded at this table goes. For a day that can be taken back.`
  if (!(await confirm({ title: `Delete this match of ${title.value}?`, says, yes: 'Delete it' }))) return
  try {
    const { undo } = await callApi(`/api/matches/${match.id}`, 'DELETE')
    tellDone(`${matchName(match)} is deleted.`, undo)
    emit('removed')
  } catch (error) {
    failed.value = saysOf(error)
  }
}
</script>

<template>
  <li class="sheet flex flex-col">
    <NuxtLink
      :to="`/match/${match.id}`"
      class="block p-4 space-y-3 flex-1 rounded-t-[inherit] hover:bg-(--accent-soft)"
    >
      <span class="flex items-center gap-3">
        <span class="font-bold text-xl display"
          >{{ matchName(match)
          }}<span v-if="match.name" class="block text-sm font-normal font-sans text-(--ink-soft)">{{
            title
          }}</span></span
        >
        <span class="text-(--ink-soft)">
          {{
            match.over
              ? when
              : match.clock.paused
                ? `paused until later, ${lately(match.clock.paused.at)}`
                : match.last === 0
                  ? 'not begun'
                  : match.summary.round || 'in play'
          }}
        </span>
        <span
          v-if="clock && !match.over"
          class="figures font-bold inline-flex items-center gap-1"
          :class="running ? '' : 'text-(--ink-soft)'"
        >
          <UIcon :name="running ? 'i-lucide-timer' : 'i-lucide-pause'" class="size-4" /> {{ clock }}
        </span>
        <Stamp v-if="match.summary.slip && !match.over" kind="call" class="ml-auto text-sm" />
      </span>
      <span v-for="(seat, i) in match.seats" :key="i" class="flex items-center gap-2 text-lg leading-tight">
        <Pennant :number="seat.pennant" size="1.35rem" />
        <span class="truncate" :class="{ 'font-bold': waits.includes(i + 1) || won.includes(i + 1) }">{{
          seat.name
        }}</span>
        <span v-if="waits.includes(i + 1)" class="text-sm rounded-r-full bg-(--accent) text-(--on-accent) px-2"
          >turn</span
        >
        <UIcon v-if="won.includes(i + 1)" name="i-lucide-award" class="size-5 text-(--stands)" aria-label="won" />
        <b class="figures ml-auto text-xl">{{ minus(match.summary.standing[i] ?? 0) }}</b>
      </span>
      <span class="block text-(--ink-soft) leading-snug">{{ match.summary.line || 'Waiting for the first play' }}</span>
    </NuxtLink>
    <div class="border-t border-(--rule) flex flex-wrap justify-end items-center px-2">
      <p v-if="failed" class="text-(--refused) px-2" role="alert">{{ failed }}</p>
      <NuxtLink :to="`/new?like=${match.id}`" class="min-h-11 px-3 font-semibold inline-flex items-center"
        >Another like this</NuxtLink
      >
      <UButton variant="bare" :aria-label="`Delete this match of ${title}`" @click="remove">
        <UIcon name="i-lucide-trash-2" class="size-5" />
      </UButton>
    </div>
  </li>
</template>
