<script setup lang="ts">
import { MOST_MEMBERS } from '#core/contract/table'
import type { Setup } from '~/composables/useSetup'
import { MOST_NAMED } from '~/composables/useSetupSeats'
import type { Person } from '#shared/people'

/** Who sits where and who starts: names typed, or people touched. */
const { setup, people } = defineProps<{ setup: Setup; people: readonly Person[] }>()

const { seats, first, remembered, name } = setup
const seated = computed(
  () =>
    new Set(
      seats.value.flatMap(({ name, members }) => [name, ...(members ?? [])]).map((name) => name.trim().toLowerCase()),
    ),
)
/** The side that people who are touched join; the first one until another is chosen. */
const chosen = ref<number | null>(null)
const filling = computed(() => {
  const sides = seats.value.filter(({ members }) => members)
  return sides.find(({ key }) => key === chosen.value)?.key ?? sides[0]?.key
})
function touch(person: Person) {
  const at = seats.value.findIndex(({ key }) => key === filling.value)
  const members = seats.value[at]?.members
  if (members) setup.setMembers(at, [...members, person.name])
  else setup.addSeat(person.name)
}
const mostWhy = `${MOST_NAMED} names are the most.`
const fullWhy = 'Every seat is taken: take one off first, or make sides.'
const free = computed(() => people.filter((person) => !seated.value.has(person.name.toLowerCase())))
const pennantOf = (name: string, i: number) =>
  people.find((person) => person.name.toLowerCase() === name.trim().toLowerCase())?.pennant ?? i + 1
const full = computed(() => {
  const side = seats.value.find(({ key }) => key === filling.value)
  if (side?.members) return side.members.length >= MOST_MEMBERS
  return seats.value.length >= MOST_NAMED && seats.value.every(({ name }) => name.trim())
})
</script>

<template>
  <fieldset class="sheet p-4 space-y-3" data-seats>
    <legend class="contents"><span class="block text-xl font-bold display">Who plays</span></legend>
    <ol class="space-y-2">
      <li v-for="(seat, i) in seats" :key="seat.key" class="flex flex-wrap items-center gap-2">
        <span class="figures w-5 text-(--ink-soft)">{{ i + 1 }}</span>
        <Pennant :number="pennantOf(seat.name, i)" size="1.6rem" />
        <UInput
          :model-value="seat.name"
          class="flex-1 min-w-32"
          size="xl"
          maxlength="40"
          autocomplete="off"
          :placeholder="seat.members ? 'What the side is called' : 'First name or nickname'"
          :aria-label="`Name of player ${i + 1}`"
          @update:model-value="setup.rename(i, String($event))"
        />
        <Key :aria-pressed="first === i + 1" @click="first = i + 1">
          <UIcon :name="first === i + 1 ? 'i-lucide-flag' : 'i-lucide-circle'" class="size-4" /> starts
        </Key>
        <span class="flex gap-1">
          <Key
            :why="i === 0 && 'This is the first seat.'"
            :aria-label="`Move player ${i + 1} up`"
            @click="setup.move(i, -1)"
          >
            <UIcon name="i-lucide-chevron-up" class="size-5" />
          </Key>
          <Key
            :why="i === seats.length - 1 && 'This is the last seat.'"
            :aria-label="`Move player ${i + 1} down`"
            @click="setup.move(i, 1)"
          >
            <UIcon name="i-lucide-chevron-down" class="size-5" />
          </Key>
          <Key
            :aria-pressed="seat.members !== null"
            :aria-label="`Player ${i + 1} is a side`"
            title="A side with members"
            @click="setup.toggleSide(i)"
          >
            <UIcon name="i-lucide-users-round" class="size-5" />
          </Key>
          <Key :aria-label="`Remove player ${i + 1}`" @click="setup.removeSeat(i)">
            <UIcon name="i-lucide-x" class="size-5" />
          </Key>
        </span>
        <SideMembers
          v-if="seat.members"
          :model-value="seat.members"
          :name="seat.name"
          :order="seat.memberOrder"
          :filling="filling === seat.key"
          @update:model-value="setup.setMembers(i, $event)"
          @fill="chosen = seat.key"
          @order="setup.setOrder(i, $event)"
        />
      </li>
    </ol>
    <div class="flex flex-wrap gap-2 items-center">
      <Key v-for="person in free" :key="person.id" :why="full && fullWhy" @click="touch(person)">
        <Pennant :number="person.pennant" size="1.1rem" /> {{ person.name }}
      </Key>
      <Key :why="seats.length >= MOST_NAMED && mostWhy" @click="setup.addSeat()">
        <UIcon name="i-lucide-plus" class="size-5" /> Another player
      </Key>
      <p v-if="seats.length >= MOST_NAMED" class="text-sm">{{ mostWhy }}</p>
      <p v-else-if="full && free.length" class="text-sm">{{ fullWhy }}</p>
    </div>
    <SideKeys :setup="setup" :people="people" />
    <div class="flex flex-wrap items-center gap-x-6 gap-y-2">
      <UInput
        v-model="name"
        size="lg"
        maxlength="40"
        class="w-56"
        placeholder="Name of the table, if it has one"
        aria-label="Name of the table"
      />
      <USwitch v-model="remembered.rememberNames" label="Remember new names on this machine" />
      <p class="text-sm text-(--ink-soft)">First names or nicknames only. By custom the youngest starts.</p>
    </div>
  </fieldset>
</template>
