import { total } from '#core/kit/dice'
import { ofSeat } from '#core/kit/seats'
import { gather } from '#core/games/hundred-stops/advice'
import { hundredStops } from '#core/games/hundred-stops/index'
import { tensIn, travel, type StopsRules, type StopsState, type Travel } from '#core/games/hundred-stops/rules'

/** A journey half entered: the dice, the spinner, and the steps taken so far (`h` a hop, `t` one ten). */
export interface StopsEntry {
  readonly dice: readonly number[]
  readonly hundreds: number | null
  readonly steps: readonly string[]
}

/** How far the journey half entered has come, and what of it is left. */
function useJourney(rules: Ref<StopsRules>, state: Ref<StopsState>, entry: Ref<StopsEntry>, seat: Ref<number>) {
  const rolled = computed(() => entry.value.dice.length === rules.value.dice && entry.value.hundreds !== null)
  const tens = computed(() => total(entry.value.dice))
  const tensLeft = computed(() => tens.value - entry.value.steps.filter((step) => step === 't').length)
  const hopsLeft = computed(() => (entry.value.hundreds ?? 0) - entry.value.steps.filter((step) => step === 'h').length)
  const order = computed(() => gather(entry.value.steps))
  const from = computed(() => ofSeat(state.value.places, seat.value))
  const way = computed(() => travel(rules.value, from.value, order.value).touched)
  const at = computed(() => ofSeat(way.value, way.value.length))
  const isHome = computed(() => at.value >= rules.value.end)
  const complete = computed(() => rolled.value && tensLeft.value === 0 && hopsLeft.value === 0)
  /** Squares that can be touched: a hop's landing, and the tens that can be walked. */
  const reach = computed(() => {
    if (!rolled.value || complete.value || isHome.value) return []
    const walks = Array.from({ length: tensLeft.value }, (_, i) => at.value + rules.value.unit * (i + 1))
    return [
      ...new Set([
        ...walks,
        ...(hopsLeft.value > 0 ? [Math.min(rules.value.end, at.value + 10 * rules.value.unit)] : []),
      ]),
    ].filter((place) => place <= rules.value.end)
  })
  return { rolled, tens, tensLeft, hopsLeft, order, from, way, at, isHome, complete, reach }
}

/** What table and pad of Hundred Stops share. */
export function useStopsEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(hundredStops)
  const entry = useEntry<StopsEntry>(() => ({ dice: [], hundreds: null, steps: [] }))

  const journey = useJourney(rules, state, entry, seat)
  const { rolled, tensLeft, hopsLeft, order, at, complete } = journey
  const play = computed<Travel | null>(() =>
    complete.value
      ? { do: 'travel', by: seat.value, dice: entry.value.dice, hundreds: entry.value.hundreds!, order: order.value }
      : null,
  )
  function addDie(face: number) {
    if (entry.value.dice.length < rules.value.dice) entry.value = { ...entry.value, dice: [...entry.value.dice, face] }
  }
  function spin(hundreds: number) {
    entry.value = { ...entry.value, hundreds, steps: [] }
  }
  function hop() {
    if (rolled.value && hopsLeft.value > 0) entry.value = { ...entry.value, steps: [...entry.value.steps, 'h'] }
  }
  function walk(count = 1) {
    const walked = Array.from({ length: Math.min(count, tensLeft.value) }, () => 't')
    if (rolled.value) entry.value = { ...entry.value, steps: [...entry.value.steps, ...walked] }
  }
  /** What a hop is ahead is one while there is one left; everything else is walked. */
  function goTo(place: number) {
    const { unit } = rules.value
    if (
      hopsLeft.value > 0 &&
      (place === at.value + 10 * unit || (place === rules.value.end && place - at.value > unit * tensLeft.value))
    )
      hop()
    else walk((place - at.value) / unit)
  }
  /** Past the end nothing more is touched: what is left is spent in any order. */
  function spendRest() {
    const rest = [
      ...Array.from({ length: hopsLeft.value }, () => 'h'),
      ...Array.from({ length: tensLeft.value }, () => 't'),
    ]
    entry.value = { ...entry.value, steps: [...entry.value.steps, ...rest] }
  }
  function removeDie(die: number) {
    entry.value = { dice: entry.value.dice.filter((_, i) => i !== die), hundreds: entry.value.hundreds, steps: [] }
  }
  function back() {
    const { dice, hundreds, steps } = entry.value
    if (steps.length) entry.value = { dice, hundreds, steps: steps.slice(0, -1) }
    else if (hundreds !== null) entry.value = { dice, hundreds: null, steps }
    else entry.value = { dice: dice.slice(0, -1), hundreds, steps }
  }

  return {
    ...{ entry, rules, state, play },
    ...journey,
    ...{ addDie, spin, hop, walk, goTo, spendRest, removeDie, back },
  }
}

/** Single steps from an order: t3 is three tens. */
export function stepsOf(order: readonly string[]): string[] {
  return order.flatMap((step) => (step === 'h' ? ['h'] : Array.from({ length: tensIn(step) }, () => 't')))
}
