<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'

/**
 * The layouts of the others beside the one that is played on, small, a touch away. As high as that one, however many there
 * are: those are scrolled to, and nothing is made smaller for them. On a phone the keys of the pad lead to them.
 */
const { one, many, seat } = defineProps<{
  /** What a layout is called. */
  one: string
  many: string
  /** Whose layout is played on. */
  seat: number
}>()
const emit = defineEmits<{ sit: [seat: number] }>()
defineSlots<{ default(props: { seat: number }): unknown }>()

const { seats, still } = useDesk()
const others = computed(() => seats.value.flatMap((_, i) => (i + 1 === seat ? [] : [i + 1])))
</script>

<template>
  <div v-if="others.length" class="others max-sm:hidden" tabindex="0" role="group" :aria-label="`The other ${many}`">
    <ul>
      <li v-for="other in others" :key="other">
        <button
          class="w-full text-left cursor-pointer rounded-lg p-1 hover:bg-(--accent-soft)"
          :disabled="still"
          :aria-label="`Go to the ${one} of ${ofSeat(seats, other).name}`"
          @click="emit('sit', other)"
        >
          <span class="flex items-center gap-2 font-semibold"
            ><Pennant :number="ofSeat(seats, other).pennant" size="1.1rem" /> {{ ofSeat(seats, other).name }}</span
          >
          <span class="block pointer-events-none"><slot :seat="other" /></span>
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.others {
  position: relative;
  min-height: 9rem;
  overflow-y: auto;
}
.others > ul {
  position: absolute;
  inset: 0;
  display: grid;
  align-content: start;
  gap: 1rem;
}
</style>
