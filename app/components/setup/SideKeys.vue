<script setup lang="ts">
import { MOST_MEMBERS } from '#core/contract/table'
import { againstReferee, halvesOf } from '#core/room/sides'
import type { Setup } from '~/composables/useSetup'
import type { Person } from '#shared/people'

/** Everybody of the room on sides, with a touch: half and half, or all against their referee. */
const { setup, people } = defineProps<{ setup: Setup; people: readonly Person[] }>()

/** Those who are named already, else those who are here today, else everybody known. */
const names = computed(() => {
  const named = setup.children.value
  if (named.length > 2) return named
  const here = hereToday()
  const today = people.filter(({ id }) => here.includes(id))
  const room = (today.length ? today : people).map(({ name }) => name)
  const more = named.filter((name) => !room.some((each) => each.toLowerCase() === name.toLowerCase()))
  return [...more, ...room]
})
const many = computed(() => names.value.length)
const two = computed(() => setup.game.value.about.seats.high >= 2)
const fullWhy = `A side holds ${MOST_MEMBERS} at most.`
</script>

<template>
  <div v-if="two && many >= 2" class="flex flex-wrap items-center gap-2" role="group" aria-label="Sides">
    <span class="font-semibold">As sides</span>
    <Key :why="many > 2 * MOST_MEMBERS && fullWhy" @click="setup.seatSides(halvesOf(names))"
      ><UIcon name="i-lucide-columns-2" class="size-5" /> Half and half</Key
    >
    <Key :why="many > MOST_MEMBERS && fullWhy" @click="setup.seatSides(againstReferee(names))"
      ><UIcon name="i-lucide-users-round" class="size-5" /> Class against its referee</Key
    >
    <span class="text-(--ink-soft)"
      >{{ many }} children{{ many > MOST_MEMBERS ? `; a side holds ${MOST_MEMBERS} at most` : '' }}</span
    >
  </div>
</template>
