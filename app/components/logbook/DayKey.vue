<script setup lang="ts">
import { today, type DateValue } from '@internationalized/date'

/** Any day in one page: chosen from a calendar that goes by the clocks of the room. */
const open = ref(false)
const now = computed(() => today(roomZone.value))
function go(day: DateValue | undefined) {
  open.value = false
  if (day) void navigateTo(`/day/${day.toString()}`)
}
</script>

<template>
  <UPopover v-model:open="open">
    <Key><UIcon name="i-lucide-calendar" class="size-5" /> Another day …</Key>
    <template #content>
      <UCalendar
        class="p-2"
        size="xl"
        :year-controls="false"
        :max-value="now"
        :default-placeholder="now"
        :week-starts-on="1"
        locale="en-GB"
        aria-label="Another day"
        @update:model-value="go($event as DateValue | undefined)"
      />
    </template>
  </UPopover>
</template>
