<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { lastDigitChains } from '#core/games/last-digit-chains/index'
import type { Take } from '#core/games/last-digit-chains/rules'
import type { Explained } from '#core/contract/plays'
import { countOf } from '#core/kit/pack'
import { useChainEntry, type ChainTouch } from '~/games/last-digit-chains/useChainEntry'

/** Touch the top of a fan: where only one row takes it, it is recorded at once. A redeal is typed as digits. */
const desk = useDesk()
const manner = useManner()
const { seats } = desk
const { entry, going, layout, takes, stuck, needed, left, size, redeal, sit, touchFan, rowFor, deal, clear } =
  useChainEntry()
const touched = useTouched<ChainTouch>()
const told = ref<Explained>({})
const { notYet, miss } = useNotYet(() => entry.value)
const { dealt, bring } = useDealing(lastDigitChains)
const fans = useTypedFace(
  () => layout.value.fans.flatMap((fan, i) => (fan.length ? [i + 1] : [])),
  (fan) => take(touchFan(fan)),
)
/** Digits that remain to be dealt, and how often each was typed too much. */
const typed = computed(() => [...(entry.value.dealing ?? '')].map(Number))
const digits = computed(() => [...new Set(left.value)].sort((a, b) => a - b))
const open = (digit: number) => countOf(left.value, digit) - countOf(typed.value, digit)
const many = computed(() => digits.value.concat(typed.value).find((digit) => open(digit) < 0))

watch(touched, (now) => {
  if (!now) return
  touched.value = null
  if (now.fan !== undefined && now.row !== undefined)
    take({ do: 'take', by: entry.value.seat, fan: now.fan, row: now.row })
  else take(now.fan === undefined ? rowFor(now.row) : touchFan(now.fan))
})
watch(
  () => desk.tape.value?.state,
  () => (told.value = {}),
)
watch(
  () => entry.value.fan,
  () => desk.enter(null),
)
usePutAway(() => entry.value.fan !== null && clear())
watch(
  () => desk.tape.value?.lines.length,
  () => entry.value.fan !== null && clear(),
)

function take(play: Take | null) {
  if (play) desk.offer({ ...play, ...told.value })
}
function type(digit: number) {
  const dealing = `${entry.value.dealing ?? ''}${digit}`
  deal(dealing)
  if (dealing.length === left.value.length && redeal.value) desk.offer(redeal.value)
}
function again() {
  if (dealt.value) bring({ do: 'redeal', by: entry.value.seat })
  else deal(entry.value.dealing === null ? '' : null)
}
function tell(now: Explained) {
  told.value = now
  const draft = desk.draft.value
  if (draft?.do === 'take' && now.explained) desk.offer({ ...draft, ...now })
}

usePad([
  {
    keys: '0 … 9',
    does: 'the fan, then the row where several fit; in a redeal the cards',
    on: ({ digit, shift }) => !shift && digit !== null,
    run: ({ digit }) => {
      if (entry.value.dealing !== null) type(digit!)
      else if (entry.value.fan !== null) take(rowFor(digit!))
      else fans.type(digit!)
    },
  },
  { keys: 'R', does: 'deal again', on: (press) => isKey('r')(press) && stuck.value && !desk.veiled.value, run: again },
  {
    keys: 'Backspace, Esc',
    does: 'the last digit back, nothing touched',
    on: ({ key }) => key === 'escape' || key === 'backspace',
    run: ({ key }) =>
      entry.value.dealing && key === 'backspace' ? deal(entry.value.dealing.slice(0, -1)) : (fans.clear(), clear()),
  },
])
</script>

<template>
  <div class="space-y-2">
    <div class="flex flex-wrap items-center gap-2">
      <SeatKeys
        v-if="seats.length > 1"
        :seats="seats"
        :chosen="entry.seat"
        :only="going"
        label="Whose layout"
        @pick="sit"
      />
      <p class="min-h-6">
        <template v-if="entry.dealing !== null"
          ><b>Fans of {{ size }}, bottom card first</b></template
        >
        <template v-else-if="entry.fan !== null"
          ><b
            >The {{ layout.fans[entry.fan - 1]?.at(-1) }}: which row?
            <span v-if="!desk.veiled.value && !takes.some(({ fan }) => fan === entry.fan)">(It fits none now.)</span></b
          ></template
        >
        <template v-else-if="desk.veiled.value">Which digit does each row need? {{ fans.typed.value }}</template>
        <template v-else-if="stuck"><b>Nothing can be taken.</b></template>
        <template v-else
          >Rows need
          <span v-for="(need, r) in needed" :key="r" class="figures need">{{ need ?? '·' }}</span>
          <span v-if="fans.typed.value">{{ fans.typed.value }} …</span></template
        >
      </p>
      <Key v-if="desk.veiled.value && entry.dealing === null" @click="stuck ? again() : miss()"
        ><UIcon name="i-lucide-shuffle" class="size-5" /> Nothing fits: deal again</Key
      >
      <Key v-else-if="stuck" main :aria-pressed="entry.dealing !== null" kbd="R" @click="again"
        ><UIcon name="i-lucide-shuffle" class="size-5" /> Deal again</Key
      >
      <NotYet :on="notYet" />
      <Key class="ml-auto" @click="desk.offer({ do: 'done', by: entry.seat })"
        ><UIcon name="i-lucide-octagon" class="size-5" /> {{ ofSeat(seats, entry.seat).name }} stops</Key
      >
    </div>
    <div v-if="entry.dealing !== null" class="space-y-1.5">
      <p class="figures text-lg min-h-7 break-all" role="status">
        <span v-for="(fan, i) in redeal?.fans" :key="i" class="mr-2">{{ fan.join('') }}</span>
        <span class="text-(--ink-soft)">{{ left.length - typed.length }} to come</span>
        <b v-if="many !== undefined" class="text-(--refused)"> More {{ many }}s than remain: look again.</b>
      </p>
      <div class="flex flex-wrap gap-1.5">
        <CardKeys
          :cards="digits"
          :spent="(digit) => open(digit) <= 0"
          :label="(digit) => `Lies a ${digit}`"
          @pick="type"
        />
        <Key
          aria-label="Remove the last card"
          :why="!entry.dealing && 'No card is entered yet.'"
          @click="deal(entry.dealing!.slice(0, -1))"
          ><UIcon name="i-lucide-delete" class="size-5"
        /></Key>
        <Key v-if="redeal && typed.length >= left.length" main @click="desk.offer(redeal)">Record the fans</Key>
      </div>
    </div>
    <HowKeys
      v-if="manner.explain !== 'off' && entry.dealing === null && !stuck"
      :model-value="told"
      :required="manner.explain === 'required'"
      @update:model-value="tell"
    />
  </div>
</template>

<style scoped>
.need {
  display: inline-block;
  min-width: 1.8rem;
  text-align: center;
  font-weight: 800;
  font-size: 1.2rem;
}
</style>
