<script setup lang="ts">
import { fromBox } from '#core/print/box'
import { cardsInAll } from '#core/wording/cards'
import type { CardCount } from '#core/contract/sheet'

/** Which cards to keep, to take out, and to make, as small cards with their counts. */
const { cards } = defineProps<{ cards: readonly CardCount[] }>()

const box = computed(() => fromBox(cards))
const rows = computed(() =>
  [
    { id: 'keep', label: 'Keep', icon: 'i-lucide-check', list: box.value.keep, hint: '' },
    { id: 'out', label: 'Take out', icon: 'i-lucide-minus', list: box.value.out, hint: '' },
    {
      id: 'own',
      label: 'Make',
      icon: 'i-lucide-scissors',
      list: box.value.own,
      hint: 'jokers marked, or cards cut out',
    },
  ].filter(({ list }) => list.length),
)
/** A card with a colour: the number, and its suits below. */
const faceOf = (face: number | string) => String(face).replace(/^(warm|cool) /, '')
const suitsOf = (face: number | string) =>
  String(face).startsWith('warm') ? 'red ' : String(face).startsWith('cool') ? 'black ' : ''
</script>

<template>
  <div class="space-y-3">
    <p>
      <b class="figures">{{ cardsInAll(cards) }}</b> cards<template v-if="box.packs">
        from {{ box.packs === 1 ? 'one ordinary pack' : `${box.packs} ordinary packs` }}; an ace is 1</template
      >.
    </p>
    <section v-for="{ id, label, icon, list, hint } in rows" :key="id" :aria-label="label">
      <h4 class="font-semibold flex items-center gap-2">
        <UIcon :name="icon" class="size-5" /> {{ label }} <span class="figures">{{ cardsInAll(list) }}</span><span
          v-if="hint"
          class="font-normal text-(--ink-soft) text-sm"
          >{{ hint }}</span
        >
      </h4>
      <ul class="flex flex-wrap gap-x-2 gap-y-1 mt-1">
        <li
          v-for="{ face, count } in list"
          :key="face"
          class="grid justify-items-center"
          :class="{ 'opacity-70': id === 'out' }"
        >
          <PlayingCard v-if="faceOf(face).length <= 3" :value="faceOf(face)" size="1.9rem" :dim="id === 'out'" />
          <b v-else class="h-10 grid place-items-center px-1">{{ face }}</b>
          <span class="text-sm figures"
            ><span class="sr-only">{{ face }}, </span>{{ suitsOf(face) }}×{{ count }}</span
          >
        </li>
      </ul>
    </section>
  </div>
</template>
