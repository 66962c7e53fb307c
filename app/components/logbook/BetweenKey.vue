<script setup lang="ts">
import { parseDate, type DateValue } from '@internationalized/date'
import { isDay } from '#core/basics/calendar'

/** From a day to another, chosen from the calendar; one touch takes both off. */
const between = defineModel<{ readonly from: string; readonly to: string }>({ required: true })
const open = ref(false)
const dateOf = (day: string) => (isDay(day) ? parseDate(day) : undefined)
const range = computed(() => ({ start: dateOf(between.value.from), end: dateOf(between.value.to) }))
const says = computed(() => {
  const { start, end } = range.value
  if (!start || !end) return 'Any time'
  const [from, to] = [start, end].map((date) => shortDay(date.toDate(roomZone.value)))
  return from === to ? from : `${from} to ${to}`
})
function choose({ start, end }: { start?: DateValue | undefined; end?: DateValue | undefined }) {
  if (!start || !end) return
  between.value = { from: start.toString(), to: end.toString() }
  open.value = false
}
</script>

<template>
  <UPopover v-model:open="open">
    <Key :aria-pressed="range.start !== undefined"
      ><UIcon name="i-lucide-calendar-range" class="size-5" /> {{ says }}</Key
    >
    <template #content>
      <RoomCalendar
        range
        :model-value="range"
        v-bind="range.start ? { defaultPlaceholder: range.start } : {}"
        aria-label="From a day to another"
        @update:model-value="choose($event as { start?: DateValue; end?: DateValue })"
      />
    </template>
  </UPopover>
  <Key v-if="range.start" aria-label="Any time again" @click="between = { from: '', to: '' }"
    ><UIcon name="i-lucide-x" class="size-5"
  /></Key>
</template>
