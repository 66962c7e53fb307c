<script setup lang="ts">
import * as z from 'zod'
import type { BasePlay, Explained } from '#core/contract/plays'

/**
 * What was said, and how it was found. The right answer is in the recording key; another one is typed on the app's own
 * number keys and gets its verdict while it is typed. How it was explained may come before or after.
 */
const {
  right,
  label,
  play,
  needed = false,
  kbd = 'S',
  minus = false,
  asks = true,
  explains = true,
  beside = false,
  deed = '',
  before = () => true,
} = defineProps<{
  /** The right answer. */
  right: number
  /** What the key records: `Stop and bank 19`. */
  label: string
  /** The play as it is recorded with what was said and told. */
  play: (told: Explained & { said?: number }) => BasePlay
  /** Something must be said. */
  needed?: boolean
  kbd?: string
  /** The answer may be below zero. */
  minus?: boolean
  /** An answer is asked for; without one there is only the telling how. */
  asks?: boolean
  /** How it was found may be told here too. */
  explains?: boolean
  /** It stands beside those of others who play at the same time: what they record leaves it alone, and typing belongs to none of them. */
  beside?: boolean
  /** What the key does, where the answer is not to be seen yet: `Stop`. */
  deed?: string
  /** Asked before anything is recorded, with what was said and told: false holds it back. */
  before?: (told: Explained & { said?: number }) => boolean
}>()
const desk = useDesk()
const rules = computed(() => desk.tape.value!.state.rules)
const called = computed(() => desk.tape.value!.table.game.answerCalled?.(rules.value) ?? 'answer')
const manner = useManner(() => play({}).by)
const asking = computed(() => asks && manner.value.answers !== 'off')
// In a race there is room and time for it only where it is asked for.
const telling = computed(
  () => explains && (manner.value.explain === 'required' || (manner.value.explain === 'invited' && !beside)),
)
/** What is typed outlasts a reload, as long as it is the answer to the same question. */
const question = computed(() => `${desk.tape.value?.state.played ?? 0}/${play({}).by ?? 0}/${right}`)
const TYPED = z.object({ question: z.string(), typed: z.string() }).nullable()
const kept = useKeptInTab(`said-${String(useRoute().params.id)}`, TYPED, null)
const typed = ref(kept.value?.question === question.value ? kept.value.typed : '')
watch(typed, (now) => (kept.value = now ? { question: question.value, typed: now } : null))
const told = ref<Explained>({})
/** What was handed over and waits for its explanation. */
const waiting = ref<{ said?: number } | null>(null)
/** Figures belong to the answer since = was pressed. */
const typing = ref(false)
const other = computed(() => (/^-?\d+$/.test(typed.value) ? Number(typed.value) : null))

function clear() {
  typed.value = ''
  told.value = {}
  waiting.value = null
}
watch(
  () => desk.tape.value?.state.played,
  () => beside || clear(),
)
watch(() => right, clear)
usePutAway((by) => (!beside || by === play({}).by) && clear())
/** The live verdict on a wrong answer, while it is typed. */
watch(other, (said) => desk.enter(said === null ? null : play({ said, ...told.value })))
// The pad has shown its own verdict first; what was typed before a reload comes after it.
onMounted(() => nextTick(() => other.value !== null && desk.enter(play({ said: other.value }))))

function record(said: { said?: number }) {
  if (!before({ ...said, ...told.value })) return
  waiting.value = desk.offer(play({ ...said, ...told.value })) ? null : said
}
/** On their own nobody is told what is right: an answer is typed, right or wrong. */
const blind = computed(() => asking.value && desk.veiled.value)
const missing = computed(() => blind.value && other.value === null && 'Enter first what was said.')
const answer = () => missing.value || record(asking.value ? { said: other.value ?? right } : {})

function tell(now: Explained) {
  told.value = now
  if (waiting.value && now.explained) record(waiting.value)
  else if (other.value !== null) desk.enter(play({ said: other.value, ...now }))
}

usePad(
  [
    {
      keys: kbd,
      does: 'record it, with the right answer said; on their own, the one typed',
      on: (press) => press.key === kbd.toLowerCase(),
      run: answer,
    },
    {
      keys: '= and figures',
      does: 'another answer said; Enter records it',
      on: ({ key, digit }) =>
        asking.value &&
        !beside &&
        (key === '=' ||
          (typing.value &&
            (digit !== null || key === '-' || key === 'backspace' || key === 'enter' || key === 'escape'))),
      run: ({ key, digit }) => {
        if (key === '=') typing.value = true
        else if (key === 'enter') answer()
        else if (key === 'escape') typed.value = ''
        else if (key === 'backspace') typed.value = typed.value.slice(0, -1)
        else typed.value += digit === null ? '-' : String(digit)
        if (key === 'enter' || key === 'escape') typing.value = false
      },
    },
  ],
  { first: true },
)
</script>

<template>
  <div class="space-y-1.5">
    <div class="flex flex-wrap gap-1.5">
      <Key class="grow min-w-40" main :kbd="kbd" :why="missing" @click="answer">
        <UIcon :name="asking ? 'i-lucide-message-circle' : 'i-lucide-check'" class="size-5 shrink-0" />
        <span v-if="blind"
          >{{ deed ? `${deed}: the` : 'The' }} {{ called }} is <b class="figures">{{ other ?? '…' }}</b></span
        >
        <span v-else
          >{{ label
          }}<template v-if="asking"
            >, said <b class="figures">{{ other ?? right }}</b></template
          ></span
        >
      </Key>
      <Key v-if="asking && !blind && manner.answers === 'noted' && !needed" @click="record({})">Said nothing</Key>
      <slot />
    </div>
    <div v-if="asking" class="flex items-center gap-2">
      <span class="text-sm font-semibold shrink-0 max-sm:sr-only" :class="{ 'sr-only': beside }">{{
        blind ? called : `Another ${called}`
      }}</span>
      <NumberKeys v-model="typed" :minus="minus" class="grow" />
    </div>
    <HowKeys v-if="telling" :model-value="told" :required="manner.explain === 'required'" @update:model-value="tell" />
  </div>
</template>
