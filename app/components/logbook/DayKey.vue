<script setup lang="ts">
import type { DateValue } from '@internationalized/date'

/** Any day in one page, chosen from the calendar. */
const open = ref(false)
function go(day: DateValue | undefined) {
  open.value = false
  if (day) void navigateTo(`/day/${day.toString()}`)
}
</script>

<template>
  <UPopover v-model:open="open">
    <Key><UIcon name="i-lucide-calendar" class="size-5" /> Another day …</Key>
    <template #content>
      <RoomCalendar aria-label="Another day" @update:model-value="go($event as DateValue | undefined)" />
    </template>
  </UPopover>
</template>
