<script setup lang="ts">
/** Those who sit at one place, in their order: dragged within it and to other places, or touched and then the place. */
const { people, place, room, label } = defineProps<{
  people: readonly string[]
  /** A table's id, or one of the places without a table. */
  place: string
  room: ReturnType<typeof useRoom>
  label: string
}>()
const list = useTemplateRef<HTMLElement>('list')
useDragged(list, {
  group: 'room',
  draggable: '[data-id]',
  ordered: true,
  drop: ({ item, place: to, at }) => room.move(item.dataset.id!, to, at),
})
const { picked } = room
/** Whoever is in the hand and sits elsewhere. */
const comes = computed(() => (picked.value && !people.includes(picked.value) ? room.personOf(picked.value) : undefined))
</script>

<template>
  <ul ref="list" class="flex flex-wrap gap-2 min-h-12" :data-place="place" :aria-label="label">
    <li v-for="id in people" :key="id" :data-id="id">
      <PersonChip :id="id" :room="room" />
    </li>
    <li v-if="comes">
      <Key class="border-dashed" @click="room.putDown(place)"
        ><UIcon name="i-lucide-corner-down-left" class="size-5" /> {{ comes.name }} here</Key
      >
    </li>
  </ul>
</template>
