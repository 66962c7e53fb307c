<script setup lang="ts">
import { ofSeat } from '#core/kit/seats'
import { roofTiles } from '#core/games/roof-tiles/index'
import { total } from '#core/kit/dice'
import { canTurn, endOf, inReach, isFinished, leftOn, stockOf, takesOf } from '#core/games/roof-tiles/layout'
import type { TurnPlay } from '#core/games/roof-tiles/rules'
import type { Explained } from '#core/contract/plays'
import { facesOf } from '#core/kit/pack'
import { useRoofEntry } from '~/games/roof-tiles/useRoofEntry'

/** Touch the tiles on the roof: what makes the target is recorded at once. The stock is turned card by card. */
const desk = useDesk()
const manner = useManner()
const { seats } = desk
const { entry, rules, going, layout, empty, play, sit, clear } = useRoofEntry()
const told = ref<Explained>({})
const faces = computed(() => facesOf(rules.value.pack))
const turnable = computed(() => !endOf(rules.value, layout.value) && canTurn(rules.value, layout.value))
/** The card that must come, once the order is known. */
const known = computed(() => (stockOf(layout.value) === 0 ? layout.value.pile[0] : layout.value.known?.[0]))
/** The roof has ended, and what is left on it is still to be said. */
const counts = computed(() => endOf(rules.value, layout.value) !== null && !isFinished(rules.value, layout.value))
const open = computed(() => takesOf(rules.value, layout.value).length)
const values = computed(() => [
  ...entry.value.tiles.map((tile) => layout.value.cards[tile]!),
  ...(entry.value.turned ? [inReach(rules.value, layout.value) ?? 0] : []),
])
const { dealt, bring } = useDealing(roofTiles)
const tens = (card: number | null) => (card === 0 && !faces.value.includes(0) ? 10 : card)

watch(
  [play, told],
  () => {
    if (!play.value) return desk.enter(null)
    const whole = { ...play.value, ...told.value }
    // A sum that is right is what was meant; a smaller one is not finished yet.
    if (desk.veiled.value) desk.enter(values.value.length >= 2 || values.value[0] === rules.value.target ? whole : null)
    else if (total(values.value) === rules.value.target) desk.offerWhole(whole, clear)
    else desk.enter(values.value.length >= 2 || total(values.value) > rules.value.target ? whole : null)
  },
  { immediate: true },
)
watch(
  () => desk.tape.value?.state,
  () => (told.value = {}),
)
/** Cleared where the verdict is, or kept as a slip: the tiles are let go of too. */
usePutAway(() => empty.value || clear())
watch(
  () => desk.tape.value?.lines.length,
  () => empty.value || clear(),
)

function turn(card?: number) {
  const by = entry.value.seat
  sit(by)
  if (card !== undefined) {
    const play: TurnPlay = { do: 'turn', by, card }
    desk.offer(play)
  } else if (dealt.value) bring({ do: 'turn', by })
}

usePad([
  {
    keys: 'Enter',
    does: 'turn the next (dealt, or when the order is known)',
    on: (press) => isKey('enter')(press) && turnable.value && (known.value !== undefined || dealt.value),
    run: () => turn(known.value),
  },
  {
    keys: '1 … 9, T',
    does: 'the card turned from the stock',
    on: ({ card }) => turnable.value && !dealt.value && card !== null && faces.value.includes(tens(card)!),
    run: ({ card }) => turn(tens(card)!),
  },
  { keys: 'Esc', does: 'clear what is touched', on: ({ key }) => key === 'escape' || key === 'backspace', run: clear },
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
        label="Whose roof"
        @pick="sit"
      />
      <p class="min-h-6 text-(--ink-soft)">
        {{
          counts
            ? `What is left on the roof of ${ofSeat(seats, entry.seat).name}?`
            : empty
              ? desk.veiled.value
                ? 'Touch the tiles that make it'
                : open
                  ? `${open} ${open === 1 ? 'take is' : 'takes are'} open: touch the tiles`
                  : 'Nothing can be taken now'
              : desk.veiled.value
                ? values.join(' + ')
                : `${values.join(' + ')} = ${total(values)}`
        }}
      </p>
      <Key v-if="desk.veiled.value && !empty && !counts" main @click="play && desk.offer({ ...play, ...told })"
        ><UIcon name="i-lucide-check" class="size-5" /> These make {{ rules.target }}</Key
      >
      <Key v-if="!counts" class="ml-auto" :why="empty && 'Nothing is chosen.'" @click="clear">Clear</Key>
      <Key v-if="!counts" @click="desk.offer({ do: 'done', by: entry.seat })"
        ><UIcon name="i-lucide-octagon" class="size-5" /> {{ ofSeat(seats, entry.seat).name }} stops</Key
      >
    </div>
    <SayAndExplain
      v-if="counts"
      :key="entry.seat"
      needed
      :right="total(leftOn(layout))"
      label="Counted"
      :play="({ said, ...more }) => ({ do: 'count', by: entry.seat, said: said ?? total(leftOn(layout)), ...more })"
    />
    <div v-if="turnable" class="flex flex-wrap items-center gap-1.5">
      <Key v-if="known !== undefined" main @click="turn(known)"
        ><UIcon name="i-lucide-layers" class="size-5" /> Turn the {{ known }}</Key
      >
      <Key v-else-if="dealt" main @click="turn()"><UIcon name="i-lucide-layers" class="size-5" /> Turn the next</Key>
      <template v-else>
        <span class="font-semibold">Turned:</span>
        <CardKeys :cards="faces" :label="(card) => `Turned a ${card}`" @pick="turn" />
      </template>
    </div>
    <HowKeys
      v-if="manner.explain !== 'off' && !empty && !counts"
      v-model="told"
      :required="manner.explain === 'required'"
    />
  </div>
</template>
