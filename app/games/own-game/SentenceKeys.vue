<script setup lang="ts">
import type { OwnRules } from '#core/games/own-game/houseRules'
import { SIGNS } from '#core/games/own-game/sayRecipe'

/** A number sentence made of the numbers brought and the signs agreed, by touch; or typed. */
const { rules, numbers } = defineProps<{ rules: OwnRules; numbers: readonly number[] }>()
const text = defineModel<string>({ required: true })

/** Which numbers are in use already, each as often as it stands there. */
const used = computed(() => {
  const there = (text.value.match(/\d+/g) ?? []).map(Number)
  return numbers.map((number) => {
    const at = there.indexOf(number)
    if (at >= 0) there.splice(at, 1)
    return at >= 0
  })
})
const put = (part: string | number) => (text.value = `${text.value}${part}`.slice(0, 80))
</script>

<template>
  <div class="space-y-1.5" role="group" aria-label="Number sentence">
    <div class="flex flex-wrap items-center gap-1.5">
      <Key
        v-for="(number, i) in numbers"
        :key="i"
        class="figures text-xl"
        :why="used[i] && 'This number stands in the sentence.'"
        :aria-label="`Number ${number}, ${i + 1} of ${numbers.length}`"
        @click="put(number)"
        >{{ number }}</Key
      >
      <Key
        v-for="sign in rules.signs"
        :key="sign"
        class="figures text-xl"
        :aria-label="sign"
        @click="put(SIGNS[sign])"
        >{{ SIGNS[sign] }}</Key
      >
      <Key class="figures text-xl" aria-label="Bracket opens" @click="put('(')">(</Key>
      <Key class="figures text-xl" aria-label="Bracket closes" @click="put(')')">)</Key>
      <Key
        :why="!text && 'Nothing is entered yet.'"
        aria-label="Remove the last sign"
        @click="text = text.replace(/\d+$|.$/, '')"
        ><UIcon name="i-lucide-delete" class="size-5"
      /></Key>
      <UInput
        v-model="text"
        class="grow basis-40"
        maxlength="80"
        aria-label="The number sentence"
        placeholder="(3 + 4) × 5"
      />
    </div>
  </div>
</template>
