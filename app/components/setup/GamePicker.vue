<script setup lang="ts">
import { ABOUTS } from '#core/games/abouts'

/** All games there are, to choose one. */
const { chosen } = defineProps<{ chosen: string }>()
const emit = defineEmits<{ choose: [id: string] }>()
/** On a phone only the chosen game is there, so that the names below are near; the others are a touch away. */
const wide = useMediaQuery('(min-width: 40rem)')
const open = ref(false)
const shown = computed(() => ABOUTS.filter(({ id }) => wide.value || open.value || id === chosen))
function choose(id: string) {
  open.value = false
  emit('choose', id)
}
</script>

<template>
  <fieldset>
    <legend class="text-xl font-bold display mb-2">Which game</legend>
    <div class="grid gap-3 grid-cols-2">
      <label v-for="{ id, about } in shown" :key="id" class="sheet p-4 cursor-pointer choice" :class="{ chosen: id === chosen }">
        <input type="radio" name="game" class="sr-only" :value="id" :checked="id === chosen" @change="choose(id)" />
        <span class="flex items-baseline gap-3">
          <span class="text-xl font-bold display">{{ about.title }}</span>
          <UIcon v-if="id === chosen" name="i-lucide-circle-check" class="size-5 text-(--accent) ml-auto" />
        </span>
        <span class="block more">{{ about.line }}</span>
        <span class="block text-sm text-(--ink-soft) mt-1 more">
          {{ about.seats.low }}–{{ about.seats.high }} players · {{ about.minutes.low }}–{{ about.minutes.high }} minutes ·
          {{ about.skills.join(', ') }}
        </span>
      </label>
    </div>
    <Key v-if="!wide" class="w-full mt-2" :aria-expanded="open" @click="open = !open"
      ><UIcon name="i-lucide-list" class="size-5" /> {{ open ? 'Fold the list' : 'Another game …' }}</Key
    >
  </fieldset>
</template>

<style scoped>
/* On a phone only the chosen game tells about itself. */
@media (max-width: 39.99rem) {
  .choice {
    padding: 0.75rem;
    min-height: 3.5rem;
    align-content: center;
  }
  .chosen {
    grid-column: 1 / -1;
  }
  .choice:not(.chosen) .more {
    display: none;
  }
}
.choice:has(input:checked) {
  border: 3px solid var(--accent);
}
.choice:has(input:focus-visible) {
  outline: 3px solid var(--accent);
  outline-offset: 2px;
}
</style>
