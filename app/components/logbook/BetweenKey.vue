<script setup lang="ts">
import { parseDate, today, type DateValue } from '@internationalized/date'
import { isDay } from '#core/basics/calendar'

/** From a day to another, chosen from a calendar that goes by the clocks of the room; one touch takes both off. */
const between = defineModel<{ readonly from: string; readonly to: string }>({ required: true })
const open = ref(false)
const now = computed(() => today(roomZone.value))
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
      <UCalendar
        range
        class="p-2"
        size="xl"
        :model-value="range"
        :year-controls="false"
        :max-value="now"
        :default-placeholder="range.start ?? now"
        :week-starts-on="1"
        locale="en-GB"
        aria-label="From a day to another"
        @update:model-value="choose($event as { start?: DateValue; end?: DateValue })"
      />
    </template>
  </UPopover>
  <Key v-if="range.start" aria-label="Any time again" @click="between = { from: '', to: '' }"
    ><UIcon name="i-lucide-x" class="size-5"
  /></Key>
</template>
