<script setup lang="ts">
import { today } from '@internationalized/date'

/** The calendar from which days that have been are chosen: by the clocks of the room, weeks from Monday on. */
const now = computed(() => today(roomZone.value))
</script>

<template>
  <UCalendar
    class="p-2"
    size="xl"
    :year-controls="false"
    :max-value="now"
    :default-placeholder="now"
    :week-starts-on="1"
    locale="en-GB"
  />
</template>
