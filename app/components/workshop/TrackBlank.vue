<script setup lang="ts">
import type { OwnRules, Track } from '#core/games/own-game/houseRules'

/** A track that markers move along, or none. */
const track = defineModel<OwnRules['track']>({ required: true })

const PAST = [
  { value: 'stay' as const, label: 'Stays' },
  { value: 'stop-there' as const, label: 'Stops there' },
  { value: 'turn-back' as const, label: 'Turns back' },
  { value: 'round' as const, label: 'Goes round' },
  { value: 'start-again' as const, label: 'Starts again' },
]
const PARTS = [
  { part: 'from' as const, label: 'from' },
  { part: 'to' as const, label: 'to' },
  { part: 'start' as const, label: 'begins at' },
]
const text = computed(() =>
  track.value ? `a track from ${minus(track.value.from)} to ${minus(track.value.to)}` : 'no track',
)
const change = (changes: Partial<Track>) => track.value && (track.value = { ...track.value, ...changes })
/** Points of the places, in their order; left out where nothing is given. */
const gives = computed({
  get: () => track.value?.gives?.map(minus).join(', ') ?? '',
  set: (text) => {
    const { gives: _before, ...rest } = track.value ?? { from: 0, to: 20, start: 0, past: 'stay' as const }
    const found = numbersIn(text)
    track.value = found.length ? { ...rest, gives: found } : rest
  },
})
</script>

<template>
  <Blank :text="text" label="Track">
    <USwitch
      :model-value="track !== null"
      label="Markers move along a track"
      @update:model-value="track = $event ? { from: 0, to: 20, start: 0, past: 'stay' } : null"
    />
    <template v-if="track">
      <div class="flex flex-wrap gap-3">
        <label v-for="{ part, label } in PARTS" :key="part"
          >{{ label }}
          <NumberField
            :model-value="track[part]"
            :min="-10_000"
            :max="10_000"
            class="w-32 block"
            :aria-label="`Track ${label}`"
            @update:model-value="change({ [part]: $event })"
        /></label>
      </div>
      <ChoiceRow
        :model-value="track.past"
        label="Whoever would go past an end"
        :choices="PAST"
        @update:model-value="change({ past: $event })"
      />
      <label class="block"
        >Points of the places, one for each (if any)
        <UInput v-model.lazy="gives" class="w-full" aria-label="Points of the places"
      /></label>
    </template>
  </Blank>
</template>
