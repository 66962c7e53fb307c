<script setup lang="ts">
import { standing } from '#core/kernel/match'
import { sumOf } from '#core/contract/working'
import { ofSeat } from '#core/kit/seats'
import { tableLadder } from '#core/games/table-ladder/index'
import { useLadderEntry } from '~/games/table-ladder/useLadderEntry'
import type { Explained } from '#core/contract/plays'

/** The roll, then the product said. In a race everybody has an own part of the pad, so that nobody waits for another. */
const desk = useDesk()
const { rules, race, seats, roll, playOf } = useLadderEntry()
const { dealt, bring } = useDealing(tableLadder)
const first = computed(() => seats.value[0] ?? 1)
const play = computed(() => playOf(first.value))
const manner = useManner(() => first.value)
const { typed, type, clear } = useTypedFace(
  () => Array.from({ length: rules.value.sides }, (_, i) => i + 1),
  (face) => roll(first.value, face),
)
/** The recording keys of the parts, from the first seat on. */
const KBD = ['S', 'L', 'F', 'K']

/**
 * Where the totals count, the new one may be asked for too, as this device remembers. It is the table's exercise and no
 * part of the play: what was said of the product waits until the total is right.
 */
const asksTotal = useLocalStorage('ladder-total', false)
const mayAskTotal = computed(() => rules.value.win === 'highest-total' && !race.value)
const productSaid = shallowRef<(Explained & { said?: number }) | null>(null)
const wrongTotal = ref(false)
const reached = computed(() => ofSeat(standing(desk.tape.value!.table, desk.tape.value!.state), first.value))
const product = computed(() => ofSeat(rules.value.factors, first.value) * (play.value?.roll ?? 0))
watch([play, asksTotal], () => (productSaid.value = null))
watch(productSaid, () => (wrongTotal.value = false))

function beforeProduct(told: Explained & { said?: number }): boolean {
  // A product that is not right adds nothing: the verdict on it comes first.
  if (!mayAskTotal.value || !asksTotal.value || told.said !== product.value) return true
  productSaid.value = told
  return false
}
function beforeTotal(told: { said?: number }): boolean {
  wrongTotal.value = told.said !== reached.value + product.value
  return !wrongTotal.value
}

watch(
  () => (race.value ? null : play.value),
  // The verdict is told on the right product, until another one is said.
  (now) =>
    desk.enter(now && (desk.veiled.value ? now : { ...now, said: ofSeat(rules.value.factors, now.by) * now.roll })),
  { immediate: true },
)

function draw(seat: number) {
  bring({ do: 'rung', by: seat }, (came) => roll(seat, came.roll))
}

usePad([
  {
    keys: '0 … 9',
    does: 'the roll, where turns are taken',
    on: ({ digit, shift }) => !shift && !dealt.value && !race.value && !play.value && digit !== null,
    run: ({ digit }) => type(digit!),
  },
  {
    keys: 'Backspace',
    does: 'another roll',
    on: (press) => isKey('backspace')(press) && !race.value,
    run: () => (clear(), roll(first.value, null)),
  },
  {
    keys: 'Enter',
    does: 'roll, where the app deals',
    on: (press) => isKey('enter')(press) && dealt.value && !play.value,
    run: () => draw(first.value),
  },
])
</script>

<template>
  <div class="parts" :class="{ race }">
    <section
      v-for="seat in seats"
      :key="seat"
      class="part"
      :aria-label="race ? `Part of ${ofSeat(desk.seats.value, seat).name}` : undefined"
    >
      <p v-if="race" class="flex items-center gap-1.5 font-bold">
        <Pennant :number="ofSeat(desk.seats.value, seat).pennant" size="1.2rem" />
        {{ ofSeat(desk.seats.value, seat).name }}
      </p>
      <template v-if="!playOf(seat)">
        <DealKey v-if="dealt" icon="i-lucide-dices" @click="draw(seat)">Roll the die</DealKey>
        <DieKeys
          v-else
          :sides="rules.sides"
          :label="(face) => (race ? `${ofSeat(desk.seats.value, seat).name} rolled a ${face}` : `Rolled a ${face}`)"
          @pick="roll(seat, $event)"
        />
        <p v-if="typed && !race" class="text-(--ink-soft)">{{ typed }} …</p>
      </template>
      <template v-else>
        <p class="flex flex-wrap items-center gap-2 text-2xl">
          <b class="figures">{{ rules.factors[seat - 1] }} × {{ playOf(seat)!.roll }}</b>
          <Key v-if="!dealt" aria-label="Another roll" @click="roll(seat, null)"
            ><UIcon name="i-lucide-delete" class="size-5"
          /></Key>
        </p>
        <SayAndExplain
          v-if="productSaid"
          key="total"
          :right="reached + product"
          :label="`${reached} + ${product} = ${reached + product}`"
          deed="With what was there before"
          :explains="false"
          :play="() => ({ ...playOf(seat)!, ...productSaid })"
          :before="beforeTotal"
        >
          <Key @click="productSaid = null"
            ><UIcon name="i-lucide-corner-up-left" class="size-5" /> Back to the product</Key
          >
          <NotYet :on="wrongTotal" />
        </SayAndExplain>
        <WorkingDrawing
          v-if="productSaid && !desk.veiled.value"
          :working="sumOf([reached, product])"
          :among="['blocks', 'hops']"
        />
        <SayAndExplain
          v-if="!productSaid"
          key="product"
          :before="beforeProduct"
          :right="ofSeat(rules.factors, seat) * playOf(seat)!.roll"
          :label="`${ofSeat(rules.factors, seat) * playOf(seat)!.roll}`"
          :kbd="KBD[seats.indexOf(seat)]"
          :beside="race"
          :play="(told) => ({ ...playOf(seat)!, ...told })"
        >
          <Key v-if="mayAskTotal && manner.answers !== 'off'" :aria-pressed="asksTotal" @click="asksTotal = !asksTotal"
            ><UIcon name="i-lucide-sigma" class="size-5" /> Ask for the total</Key
          >
        </SayAndExplain>
      </template>
    </section>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 0.6rem;
}
.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.4rem;
  align-content: start;
}
/* Everybody's part is in sight: four side by side where there is room, else two and two. */
.race {
  grid-template-columns: repeat(auto-fit, minmax(min(10.5rem, 46%), 1fr));
}
.race .part {
  padding: 0.4rem 0.6rem;
  border: 2px solid var(--rule);
  border-radius: 0.6rem;
}
</style>
