<script setup lang="ts">
import type { Day } from '#shared/api'
import { callApi } from '~/utils/api'

/** The end of a day in one page. */
const route = useRoute()
const pad = (n: number) => String(n).padStart(2, '0')
const written = (date: Date) => `${date.getFullYear()}-${pad(date.getMonth() + 1)}-${pad(date.getDate())}`
/** The day asked for, as it is here; today where the address names none. */
const start = computed(() => {
  const asked = /^\d{4}-\d{2}-\d{2}$/.test(String(route.params.day)) ? new Date(`${String(route.params.day)}T00:00:00`) : new Date()
  return Number.isNaN(asked.getTime()) ? new Date(new Date().toDateString()) : new Date(asked.toDateString())
})
const beside = (days: number) => new Date(start.value.getFullYear(), start.value.getMonth(), start.value.getDate() + days)
const query = computed(() => `from=${encodeURIComponent(start.value.toISOString())}&to=${encodeURIComponent(beside(1).toISOString())}`)
const title = computed(() => longDay(start.value))

const day = shallowRef<Day | null>(null)
const failed = ref<string | null>(null)
async function load() {
  failed.value = null
  try {
    day.value = await callApi<Day>(`/api/day?${query.value}`)
  } catch (error) {
    failed.value = saysOf(error)
  }
}
onMounted(load)
watch(query, load)
</script>

<template>
  <LookBackPage :title="title" :day="day" :csv="`/api/day/export?${query}`" nothing="Nothing was played on this day." :failed="failed" @again="load()">
    <template #before>
      <NuxtLink class="key" :to="`/day/${written(beside(-1))}`" aria-label="The day before"><UIcon name="i-lucide-chevron-left" class="size-5" /></NuxtLink>
      <NuxtLink class="key" :to="`/day/${written(beside(1))}`" aria-label="The day after"><UIcon name="i-lucide-chevron-right" class="size-5" /></NuxtLink>
    </template>
  </LookBackPage>
</template>
