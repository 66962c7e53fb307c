<script setup lang="ts">
import * as z from 'zod'
import { awaits } from '#core/kernel/match'

/** Around every pad: whose play it is, and room that doesn't shift. Enter is the pad's as long as it has the focus. */
const desk = useDesk()
const frame = useTemplateRef('frame')
const inner = useTemplateRef('inner')
/**
 * The pad never gets lower while a match is played, so that the verdict above it keeps its place between the steps of a
 * play; how high it was is remembered by game and width.
 */
const { width } = useWindowSize()
const heights = useKept('pad-heights', z.record(z.string(), z.number()), {})
const key = computed(() => `${desk.tape.value?.table.game.id ?? ''}-${Math.round(width.value / 50)}`)
const least = computed(() => heights.value[key.value] ?? 0)
useResizeObserver(inner, ([entry]) => {
  const height = Math.ceil(entry!.contentRect.height)
  if (height > least.value) heights.value = { ...heights.value, [key.value]: height }
})
/** Sides that may act now: who of them is next. */
const sides = computed(() => {
  const asked = desk.chosen.value !== null ? [desk.chosen.value] : desk.next.value
  return asked.filter((each) => desk.members.sideAt(each))
})
const seat = computed(() => desk.seats.value[desk.seat.value - 1])
const plays = computed(() => {
  const now = desk.tape.value
  const kinds = (now && awaits(now.table, now.state)?.plays) ?? []
  return desk.chosen.value === null ? kinds : []
})
const whose = computed(() => {
  if (!seat.value || (!desk.turns.value && desk.chosen.value === null)) return ''
  if (desk.chosen.value !== null) return `Entering for ${seat.value.name}`
  return seat.value.name
})

defineExpose({ focus: () => frame.value?.focus({ preventScroll: true }) })
</script>

<template>
  <section ref="frame" class="pad" tabindex="-1" aria-label="Pad">
    <div class="head">
      <p v-if="whose" class="whose">
        <Pennant :number="seat!.pennant" size="1.3rem" /> <b>{{ whose }}</b>
        <span v-if="plays.length" class="text-(--ink-soft) max-sm:hidden">{{ plays.join(' or ') }}</span>
        <LazyMemberKey v-for="each in sides" :key="each" :seat="each" />
        <UButton
          v-if="desk.chosen.value !== null"
          variant="words"
          class="min-h-9 font-normal"
          @mousedown.prevent
          @click="desk.choose(desk.chosen.value!)"
        >
          back to whose turn it is
        </UButton>
      </p>
      <p v-else-if="sides.length" class="whose">
        <LazyMemberKey v-for="each in sides" :key="each" :seat="each" />
      </p>
      <slot name="head" />
    </div>
    <div :style="{ minHeight: `${least}px` }">
      <div ref="inner"><slot /></div>
    </div>
  </section>
</template>

<style scoped>
.pad {
  outline: none;
  overflow-y: auto;
  max-height: 46dvh;
  padding: 0.1rem;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.1rem 1rem;
}
.head > :last-child {
  flex: 1 1 16rem;
}
@media (max-width: 47.99rem) {
  .pad {
    max-height: 40dvh;
  }
  .head > :last-child {
    flex-basis: 9rem;
  }
}
.whose {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 1.9rem;
  font-size: 1.05rem;
}
@media (max-height: 34rem) {
  .whose {
    min-height: 1.4rem;
    font-size: 0.9rem;
  }
  .pad {
    max-height: 29dvh;
  }
  .pad :deep(.key) {
    min-height: 2.75rem;
  }
}
</style>
