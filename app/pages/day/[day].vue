<script setup lang="ts">
import { boundsOfDay, dayBeside, dayOf, isDay } from '#core/basics/calendar'
import { callApi } from '~/utils/api'

/** The end of a day in one page. */
const route = useRoute()
/** The day asked for; today, by the room's clocks, where the address names none. */
const asked = computed(() =>
  isDay(String(route.params.day)) ? String(route.params.day) : dayOf(new Date(), roomZone.value),
)
const bounds = computed(() => boundsOfDay(asked.value, roomZone.value))
const query = computed(() => `from=${encodeURIComponent(bounds.value.from)}&to=${encodeURIComponent(bounds.value.to)}`)
const title = computed(() => longDay(bounds.value.from))

const { told: day, failed, load } = useLookingBack(() => callApi(`/api/day?${query.value}`), query)
</script>

<template>
  <LookBackPage
    :title="title"
    :day="day"
    :csv="`/api/day/export?${query}`"
    nothing="Nothing was played on this day."
    :failed="failed"
    @again="load()"
  >
    <template #before>
      <Key :to="`/day/${dayBeside(asked, -1)}`" aria-label="The day before"
        ><UIcon name="i-lucide-chevron-left" class="size-5"
      /></Key>
      <Key :to="`/day/${dayBeside(asked, 1)}`" aria-label="The day after"
        ><UIcon name="i-lucide-chevron-right" class="size-5"
      /></Key>
    </template>
  </LookBackPage>
</template>
