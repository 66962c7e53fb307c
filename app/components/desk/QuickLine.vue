<script setup lang="ts">
import { judgePlay } from '#core/kernel/match'
import type { BasePlay } from '#core/contract/plays'
import { sayReason, speaking } from '#core/wording/index'

/** Typed notation, for a fast hand: read and judged as it is typed, recorded with Enter; what can be typed stands in its help. */
const { typed } = defineProps<{ typed: readonly (readonly [string, string])[] }>()
const emit = defineEmits<{ record: [play: BasePlay]; draft: [play: BasePlay | null] }>()

const desk = useDesk()
const tape = computed(() => desk.tape.value!)
const text = ref('')
const input = useTemplateRef('input')
const helping = ref(false)

/** A name at the beginning or the end says for whom: `Bao 54`, `54 Bao`; elsewhere it stands for its seat: `call @4 8 6 4`. */
const named = computed(() => {
  const words = text.value.trim().split(/\s+/)
  const seatOf = (word: string | undefined) =>
    desk.seats.value.findIndex(({ name }) => name.toLowerCase() === word?.toLowerCase().replace(/:$/, '')) + 1
  if (words.length < 2) return text.value
  const [first, last] = [seatOf(words[0]), seatOf(words.at(-1))]
  // In the middle it is whoever the play names there.
  const inside = (part: readonly string[]) => part.map((word) => (seatOf(word) ? `@${seatOf(word)}` : word)).join(' ')
  if (first) return `${first}: ${inside(words.slice(1))}`
  return last ? `${last}: ${inside(words.slice(0, -1))}` : inside(words)
})
const read = computed(() => {
  if (!text.value.trim()) return null
  const { table, state } = tape.value
  return table.game.readPlay(named.value, state.rules, state.game)
})
const judged = computed(() => (read.value?.ok ? judgePlay(tape.value.table, tape.value.state, read.value.play) : null))

const says = computed(() => {
  if (!read.value) return ''
  const { table, state } = tape.value
  if (read.value.ok) {
    if (desk.kept.value) return table.game.writePlay(read.value.play)
    const reason = judged.value?.verdict.reason
    return reason ? sayReason(table.game, reason, speaking(table, state.rules)) : table.game.writePlay(read.value.play)
  }
  if (read.value.why === 'not-understood')
    return `Not understood. Try ${typed[0]![0]}, or look under “What can be typed”.`
  return `Could be ${read.value.could.map((play) => table.game.writePlay(play)).join(', or ')}. Put spaces between, or a name before it.`
})
const tone = computed(() =>
  !read.value || (read.value.ok && desk.kept.value)
    ? ''
    : judged.value?.verdict.stands
      ? 'text-(--stands)'
      : 'text-(--refused)',
)

watch(judged, () => emit('draft', read.value?.ok ? read.value.play : null))

/** Kept as tried, or cleared: it was dealt with, and is not typed anew. */
usePutAway(() => (text.value = ''))

function submit() {
  if (!read.value?.ok || (!judged.value?.verdict.stands && !desk.veiled.value)) return
  emit('record', read.value.play)
  if (desk.draft.value === null) text.value = ''
}

function leave() {
  text.value = ''
  input.value?.inputRef?.blur()
}

defineExpose({ focus: () => input.value?.inputRef?.focus() })
</script>

<template>
  <form class="quick" @submit.prevent="submit">
    <label class="font-semibold text-sm shrink-0 max-sm:sr-only" for="quick">Quick line</label>
    <UInput
      id="quick"
      ref="input"
      v-model="text"
      class="w-full"
      :ui="{ base: 'figures min-h-11' }"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      :placeholder="typed[0]![0]"
      aria-describedby="quick-says"
      @keydown.esc="leave"
    />
    <UButton
      variant="bare"
      class="help"
      :aria-expanded="helping"
      aria-label="What can be typed"
      title="What can be typed"
      @mousedown.prevent
      @click="helping = !helping"
    >
      <UIcon name="i-lucide-circle-help" class="size-5" />
    </UButton>
    <p id="quick-says" class="says" :class="tone" role="status">{{ says }}</p>
    <dl v-if="helping" class="lines">
      <template v-for="[line, what] in typed" :key="line"
        ><dt>
          <code class="figures">{{ line }}</code>
        </dt>
        <dd>{{ what }}</dd></template
      >
      <dt>
        <code class="figures">{{ desk.seats.value[0]?.name }} {{ typed[0]![0] }}</code>
      </dt>
      <dd>for that player; without a name it is whoever is on turn</dd>
      <dt><code class="figures">!made-ten</code></dt>
      <dd>at the end: explained, and how</dd>
    </dl>
  </form>
</template>

<style scoped>
.quick {
  display: grid;
  grid-template-columns: auto minmax(5rem, 16rem) auto;
  align-items: center;
  gap: 0 0.6rem;
}
.help {
  width: 2.75rem;
  height: 2.75rem;
  display: grid;
  place-items: center;
  cursor: pointer;
}
.says {
  grid-column: 1 / -1;
  font-size: 0.9rem;
  font-weight: 600;
}
.lines {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.1rem 1rem;
  font-size: 0.9rem;
}
</style>
