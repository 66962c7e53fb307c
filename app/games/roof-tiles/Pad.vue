<script setup lang="ts">
import { total } from '#core/dice'
import { canTurn, inReach, stockOf, takesOf } from '#core/games/roof-tiles/layout'
import type { RoofPlay } from '#core/games/roof-tiles/rules'
import type { Told } from '#core/plays'
import { facesOf } from '#core/pack'
import type { Tape } from '#core/tape'
import type { Desk } from '~/composables/useDesk'
import { useRoofEntry } from '~/games/roof-tiles/useRoofEntry'
import type { Seat } from '~/utils/matches'

/** Touch the tiles on the roof: what makes the target is recorded at once. The stock is turned card by card. */
const { tape, seats, desk } = defineProps<{ tape: Tape; seats: readonly Seat[]; desk: Desk }>()

const { entry, rules, going, layout, empty, play, sit, clear } = useRoofEntry(() => tape)
const dealer = useDealer()
const told = ref<Told>({})
const faces = computed(() => facesOf(rules.value.pack))
const turnable = computed(() => canTurn(rules.value, layout.value))
/** The card that must come, once the order is known. */
const known = computed(() => (stockOf(layout.value) === 0 ? layout.value.pile[0] : layout.value.known?.[0]))
const open = computed(() => takesOf(rules.value, layout.value).length)
const values = computed(() => [...entry.value.tiles.map((tile) => layout.value.cards[tile]!), ...(entry.value.turned ? [inReach(rules.value, layout.value) ?? 0] : [])])

watch(
  [play, told],
  () => {
    if (!play.value) return desk.enter(null)
    const told_ = { ...play.value, ...told.value }
    // A sum that is right is what was meant; a smaller one is not finished yet.
    if (total(values.value) === rules.value.target) desk.offer(told_)
    else desk.enter(values.value.length >= 2 || total(values.value) > rules.value.target ? told_ : null)
  },
  { immediate: true },
)
watch(() => tape.state, () => (told.value = {}))

function turn(card?: number) {
  const by = entry.value.seat
  sit(by)
  if (dealer.dealt.value && card === undefined) dealer.deal({ do: 'turn', by })
  else if (card !== undefined) desk.offer({ do: 'turn', by, card } as RoofPlay)
}

function press(event: KeyboardEvent) {
  if (isForeign(event)) return
  const key = event.key.toLowerCase()
  const card = key === 't' ? 10 : /^\d$/.test(key) ? (key === '0' && !faces.value.includes(0) ? 10 : Number(key)) : null
  if (!turnable.value && card !== null) return
  if (known.value !== undefined && key === 'enter' && !isButton(event)) turn(known.value)
  else if (dealer.dealt.value && key === 'enter' && !isButton(event) && turnable.value) turn()
  else if (!dealer.dealt.value && card !== null && faces.value.includes(card)) turn(card)
  else if (key === 'escape' || key === 'backspace') clear()
  else return
  event.preventDefault()
}
useEventListener('keydown', press)
</script>

<template>
  <section class="space-y-3" aria-label="Pad">
    <div class="flex flex-wrap items-center gap-3">
      <SeatKeys v-if="seats.length > 1" :seats="seats" :chosen="entry.seat" :only="going" label="Whose roof" @pick="sit" />
      <p class="text-(--ink-soft)">{{ empty ? (open ? `${open} ${open === 1 ? 'take is' : 'takes are'} open: touch the tiles` : 'Nothing can be taken now') : `${values.join(' + ')} = ${total(values)}` }}</p>
      <button v-if="!empty" class="key" @click="clear">Clear</button>
    </div>
    <div v-if="turnable" class="flex flex-wrap items-center gap-2">
      <button v-if="known !== undefined" class="key key-main" @click="turn(known)"><UIcon name="i-lucide-layers" class="size-5" /> Turn the {{ known }}</button>
      <button v-else-if="dealer.dealt.value" class="key key-main" @click="turn()"><UIcon name="i-lucide-layers" class="size-5" /> Turn the next</button>
      <template v-else>
        <span class="font-semibold">Turned:</span>
        <CardKeys :cards="faces" :label="(card) => `Turned a ${card}`" @pick="turn" />
      </template>
    </div>
    <div class="flex flex-wrap items-center gap-2">
      <button class="key" @click="desk.offer({ do: 'done', by: entry.seat })"><UIcon name="i-lucide-octagon" class="size-5" /> {{ seats[entry.seat - 1]!.name }} stops</button>
      <HowKeys v-if="rules.explain !== 'off' && !empty" v-model="told" :required="rules.explain === 'required'" />
    </div>
  </section>
</template>
