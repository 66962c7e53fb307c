<script setup lang="ts">
import { NEW_TABLE } from '#core/room/tables'

/** Somebody is in the hand: all tables, also those that are out of sight, are a touch away. */
const { room } = defineProps<{ room: ReturnType<typeof useRoom> }>()
const { picked, draft } = room
const name = computed(() => (picked.value ? room.personOf(picked.value)?.name : undefined))
const elsewhere = computed(() => draft.value.tables.filter(({ people }) => !people.includes(picked.value ?? '')))
</script>

<template>
  <div v-if="name" class="bar sheet" role="group" :aria-label="`Where does ${name} go?`">
    <b class="self-center">{{ name }} goes to</b>
    <Key
      v-for="table in elsewhere"
      :key="table.id"
      :aria-label="`${name} to ${table.name}`"
      @click="room.putDown(table.id)"
      >{{ table.name }}</Key
    >
    <Key :aria-label="`${name} to a table more`" @click="room.putDown(NEW_TABLE)"
      ><UIcon name="i-lucide-plus" class="size-5" /> A table more</Key
    >
    <Key aria-label="Leave it" @click="picked = null"><UIcon name="i-lucide-x" class="size-5" /></Key>
  </div>
</template>

<style scoped>
.bar {
  position: sticky;
  bottom: 0.5rem;
  z-index: 5;
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  max-height: 40dvh;
  padding: 0.6rem 0.8rem;
  overflow-y: auto;
  border: 2px solid var(--accent);
}
</style>
