<script setup lang="ts">
import type { BasePlay } from '#core/plays'
import type { Tape } from '#core/tape'
import { judgePlay } from '#core/match'
import { sayReason, speaking } from '#core/wording/index'

/** Typed notation, for a fast hand: read and judged as it is typed, recorded with Enter. */
const { tape, example } = defineProps<{ tape: Tape; example: string }>()
const emit = defineEmits<{ record: [play: BasePlay]; draft: [play: BasePlay | null] }>()

const text = ref('')
const input = useTemplateRef('input')

const read = computed(() => {
  if (!text.value.trim()) return null
  const { game } = tape.table
  return game.readPlay(text.value, tape.state.rules as never, tape.state.game as never)
})
const judged = computed(() => (read.value?.ok ? judgePlay(tape.table, tape.state, read.value.play) : null))

const says = computed(() => {
  if (!read.value) return ''
  if (read.value.ok) {
    const reason = judged.value?.verdict.reason
    return reason ? sayReason(tape.table.game, reason, speaking(tape.table.players)) : tape.table.game.writePlay(read.value.play as never)
  }
  if (read.value.why === 'not-understood') return `Not understood. Try ${example}.`
  return `Could be ${read.value.could.map((play) => tape.table.game.writePlay(play as never)).join(', or ')}. Put spaces between the dice.`
})
const tone = computed(() => (!read.value ? '' : judged.value?.verdict.stands ? 'text-(--stands)' : 'text-(--refused)'))

watch(judged, () => emit('draft', read.value?.ok ? (read.value.play as BasePlay) : null))

function submit() {
  if (!read.value?.ok || !judged.value?.verdict.stands) return
  emit('record', read.value.play as BasePlay)
  text.value = ''
}

defineExpose({ focus: () => input.value?.focus() })
</script>

<template>
  <form class="flex flex-wrap items-center gap-x-3 gap-y-1" @submit.prevent="submit">
    <label class="font-semibold text-sm shrink-0" for="quick">Quick line</label>
    <input
      id="quick"
      ref="input"
      v-model="text"
      class="figures flex-1 min-w-40 h-11 px-3 rounded-md border border-(--ui-border-accented) bg-(--sheet)"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      :placeholder="example"
      aria-describedby="quick-says"
      @keydown.esc="text = ''; ($event.target as HTMLElement).blur()"
    />
    <p id="quick-says" class="w-full min-h-5 text-sm font-semibold" :class="tone">{{ says }}</p>
  </form>
</template>
