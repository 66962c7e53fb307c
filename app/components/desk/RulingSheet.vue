<script setup lang="ts">
import { fieldOf } from '#core/basics/fields'
import type { Tape } from '#core/kernel/tape'
import type { Vote } from '#core/room/votes'
import { isEqual } from 'ohash/utils'
import { judgeEntry } from '#core/kernel/match'
import { readEntry } from '#core/contract/entries'
import { offersAnswers } from '#core/kernel/houseRules'
import { ruleFields } from '#core/kernel/ruleFields'
import { sayReason, sayResult, speaking } from '#core/wording/index'
import type { Seat } from '#shared/api'

/** A ruling: a house rule changed from here on, points given or taken, or the referee's word on what happened. */
const { tape, seats } = defineProps<{ tape: Tape; seats: readonly Seat[] }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ record: [entry: object] }>()

type What = 'rule' | 'points' | 'word'
const what = ref<What>('rule')
const reason = ref<'vote' | 'among' | 'mistake' | 'other'>('other')
const WHYS = [
  { value: 'vote', label: 'A vote' },
  { value: 'among', label: 'Among several' },
  { value: 'mistake', label: 'A mistake' },
  { value: 'other', label: 'Other' },
] as const
/** Hands up, as they were counted; nothing until somebody has. */
const votes = ref<{ for: number | null; against: number | null }>({ for: null, against: null })
const counted = computed(() => votes.value.for !== null && votes.value.against !== null)
const words = ref('')
const rule = ref('')
const value = ref<unknown>(null)
const award = ref({ by: 1, points: 1 })

const fields = computed(() =>
  ruleFields(tape.table.game).filter(
    ({ name, changeable }) => changeable && (name !== 'answers' || name in offered.value),
  ),
)
/** Answers are ruled on only where they are asked for. */
const offered = computed(() => {
  const { answers, ...others } = tape.state.rules
  return offersAnswers(tape.table.game, tape.state.rules) ? { ...others, answers } : others
})
const field = computed(() => fields.value.find(({ name }) => name === rule.value))
/** What hands for each of several choices came to. */
const among = shallowRef<Vote<unknown> | null>(null)
const VOTED_ON: ReadonlySet<string> = new Set(['choice', 'yes-no', 'number'])
const whys = computed(() => {
  const several = what.value === 'rule' && field.value && VOTED_ON.has(field.value.kind)
  return WHYS.filter(({ value }) => value !== 'among' || several)
})
const isAmong = computed(() => what.value === 'rule' && reason.value === 'among')
watch(whys, (now) => {
  if (!now.some(({ value }) => value === reason.value)) reason.value = 'other'
})
watch(among, (now) => {
  if (isAmong.value) value.value = now?.value ?? ruleNow(rule.value)
})
const hasPoints = computed(() => Boolean(tape.table.game.award?.(tape.state.rules, tape.state.game, 1, 1)))
const over = computed(() => tape.state.result !== null)
/** After the end only a changed rule makes the match go on; what happened may be told at any time. */
const kinds = computed(() => [
  { value: 'rule' as const, label: 'Change a rule' },
  ...(!over.value && hasPoints.value ? [{ value: 'points' as const, label: 'Give or take points' }] : []),
  { value: 'word' as const, label: 'Settle what happened' },
])

watch(
  open,
  (isOpen) => {
    if (!isOpen) return
    what.value = 'rule'
    words.value = ''
    reason.value = 'other'
    votes.value = { for: null, against: null }
    choose(fields.value[0]?.name ?? '')
  },
  { immediate: true },
)

function ruleNow(name: string): unknown {
  return fieldOf(tape.state.rules, name) ?? null
}

function choose(name: string) {
  rule.value = name
  value.value = ruleNow(name)
}

const why = computed(() => {
  const said = words.value.trim()
  if (what.value === 'word') return said
  const vote = counted.value ? `vote, ${votes.value.for} to ${votes.value.against}` : 'a vote'
  if (isAmong.value) return [among.value?.why, said].filter(Boolean).join(': ')
  const head = reason.value === 'vote' ? vote : reason.value === 'mistake' ? 'a mistake put right' : ''
  return [head, said].filter(Boolean).join(': ')
})
const entry = computed<object | null>(() => {
  const remark = why.value ? { why: why.value } : {}
  if (what.value === 'word') return why.value ? { call: 'note', ...remark } : null
  if (what.value === 'points') return award.value.points ? { ruling: { award: { ...award.value } }, ...remark } : null
  return rule.value ? { ruling: { houseRules: { [rule.value]: value.value } }, ...remark } : null
})
const judged = computed(() => (entry.value ? judgeEntry(tape.table, tape.state, readEntry(entry.value)) : null))
const unchanged = computed(() => what.value === 'rule' && isEqual(value.value, ruleNow(rule.value)))
/** A vote may keep a rule; that stands on the tape too. */
const kept = computed(() => unchanged.value && (reason.value === 'vote' ? counted.value : isAmong.value && among.value))
/** Why it is not recorded; null where it may be. */
const refusal = computed(() => {
  if (isAmong.value && !among.value) return 'Count the hands for each, none as 0.'
  if (isAmong.value && among.value?.value === undefined) return 'Level, and not with the rule as it is: vote once more.'
  if (unchanged.value && !kept.value) return 'That is the rule already: choose what it becomes.'
  const reason = judged.value?.verdict.reason
  if (over.value && reason?.code === 'match-over') return 'Under that rule the match is over all the same.'
  return reason ? sayReason(tape.table.game, reason, speaking(tape.table, tape.state.rules)) : null
})
/** What it brings with it at once. */
const ends = computed(() => {
  if (!refusal.value && kept.value) return 'The rule stays as it is; that is recorded.'
  if (!refusal.value && over.value && what.value === 'rule') return 'Under that rule the match goes on.'
  const result = refusal.value ? null : judged.value?.state.result
  return result ? `This ends the match: ${sayResult(tape.table, result)}` : null
})

function record() {
  if (!entry.value || refusal.value) return
  emit('record', entry.value)
  open.value = false
}
</script>

<template>
  <DeskSheet v-model:open="open" title="Ruling" description="It counts from here on, and stands on the tape." wide>
    <form class="space-y-3" @submit.prevent="record">
      <ChoiceRow v-model="what" label="What is ruled" :choices="kinds" quiet />
      <template v-if="what === 'rule'">
        <div class="flex flex-wrap gap-1.5">
          <Key
            v-for="each in fields"
            :key="each.name"
            class="!px-3"
            :aria-pressed="rule === each.name"
            @click="choose(each.name)"
            >{{ each.label }}</Key
          >
        </div>
        <VoteAmong
          v-if="field && isAmong"
          :key="`${field.name} voted on`"
          v-model="among"
          :field="field"
          :now="ruleNow(rule)"
        />
        <RuleControl
          v-else-if="field"
          :key="field.name"
          v-model="value"
          :field="field"
          :rules="offered"
          :players="seats.map(({ name }) => name)"
        />
      </template>
      <template v-else-if="what === 'points'">
        <div class="flex flex-wrap gap-2">
          <Key v-for="(seat, i) in seats" :key="i" :aria-pressed="award.by === i + 1" @click="award.by = i + 1">
            <Pennant :number="seat.pennant" size="1.2rem" /> {{ seat.name }}
          </Key>
        </div>
        <UInputNumber
          v-model="award.points"
          :min="-999"
          :max="999"
          size="xl"
          class="w-44"
          aria-label="Points given; a minus takes them"
        />
      </template>
      <div v-if="what !== 'word'" class="flex flex-wrap gap-2 items-end">
        <ChoiceRow v-model="reason" label="Why" :choices="whys" />
        <span v-if="reason === 'vote'" class="inline-flex items-center gap-2">
          <UInputNumber v-model="votes.for" :min="0" :max="99" size="xl" class="w-32" aria-label="Votes for" />
          <span>to</span>
          <UInputNumber v-model="votes.against" :min="0" :max="99" size="xl" class="w-32" aria-label="Votes against" />
        </span>
      </div>
      <UInput
        v-model="words"
        maxlength="300"
        size="xl"
        class="w-full"
        :placeholder="
          what === 'word' ? 'The pointer lay between two fields: it counts as plus' : 'In your own words (if you like)'
        "
        aria-label="In your own words"
      />
      <p
        class="min-h-6 font-semibold"
        :class="refusal ? (unchanged || isAmong ? 'text-(--ink-soft)' : 'text-(--refused)') : 'text-(--call)'"
        role="status"
      >
        {{ refusal ?? ends }}
      </p>
      <Key main class="w-full" type="submit" :why="refusal ?? (!entry && 'Choose first what is ruled.')"
        ><UIcon name="i-lucide-gavel" class="size-5" /> Record the ruling</Key
      >
    </form>
  </DeskSheet>
</template>
