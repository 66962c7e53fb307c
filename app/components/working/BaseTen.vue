<script setup lang="ts">
import { MOST_ROWS } from '~/utils/drawings'

/** Numbers as thousands (cubes), hundreds (plates), tens (rods) and ones, and what they come to. */
const { values, total } = defineProps<{ values: readonly number[]; total: number }>()

const rows = computed(() => {
  const apart = values.length > 1 && values.length <= MOST_ROWS
  return [...(apart ? values : []).map((value) => ({ value, sum: false })), { value: total, sum: apart }]
})
const digits = (value: number) => {
  const whole = Math.abs(value)
  return {
    thousands: Math.floor(whole / 1000),
    hundreds: Math.floor(whole / 100) % 10,
    tens: Math.floor(whole / 10) % 10,
    ones: whole % 10,
  }
}
</script>

<template>
  <span class="block space-y-1">
    <span v-for="(row, r) in rows" :key="r" class="row" :class="{ sum: row.sum }">
      <b class="figures w-14 text-right shrink-0">{{ row.value }}</b>
      <span class="blocks">
        <i v-for="n in digits(row.value).thousands" :key="`m${n}`" class="thousand" />
        <i v-for="n in digits(row.value).hundreds" :key="`h${n}`" class="hundred" />
        <i v-for="n in digits(row.value).tens" :key="`t${n}`" class="ten" />
        <i v-for="n in digits(row.value).ones" :key="`o${n}`" class="one" />
      </span>
    </span>
  </span>
</template>

<style scoped>
.row {
  display: flex;
  align-items: center;
  gap: 0.75rem;
}
.sum {
  border-top: 2px solid var(--ink);
  padding-top: 0.25rem;
}
.blocks {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 4px;
}
.thousand,
.hundred,
.ten,
.one {
  display: inline-block;
  border: 1px solid var(--ink);
}
.thousand {
  width: 2.9rem;
  height: 2.9rem;
  background: var(--ink-soft);
  box-shadow: 4px -4px 0 var(--ink);
  margin: 5px 6px 0 0;
}
.hundred {
  width: 2.6rem;
  height: 2.6rem;
  background: repeating-linear-gradient(var(--accent-soft) 0 3px, var(--accent) 3px 4px);
}
.ten {
  width: 0.32rem;
  height: 2.6rem;
  background: var(--accent);
}
.one {
  width: 0.4rem;
  height: 0.4rem;
  background: var(--ink);
}
</style>
