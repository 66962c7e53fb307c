<script setup lang="ts">
/** Somebody at a table: dragged to another one, touched and then the place, or moved there by the arrow keys. */
const { id, room } = defineProps<{ id: string; room: ReturnType<typeof useRoom> }>()
const person = computed(() => room.personOf(id))

async function step(by: 1 | -1) {
  room.step(id, by)
  // The chip lies elsewhere now; whoever goes by keyboard stays with it.
  await nextTick()
  document.querySelector<HTMLElement>(`[data-person="${id}"]`)?.focus()
}
</script>

<template>
  <Key
    v-if="person"
    class="chip"
    :data-person="id"
    :aria-label="`${person.name}: touch it and then a place, or move it with the arrow keys`"
    :aria-pressed="room.picked.value === id"
    @click="room.pick(id)"
    @keydown.right.prevent="step(1)"
    @keydown.down.prevent="step(1)"
    @keydown.left.prevent="step(-1)"
    @keydown.up.prevent="step(-1)"
  >
    <Pennant :number="person.pennant" size="1.1rem" /> {{ person.name }}
  </Key>
</template>

<style scoped>
.chip {
  touch-action: none;
  cursor: grab;
  user-select: none;
}
</style>
