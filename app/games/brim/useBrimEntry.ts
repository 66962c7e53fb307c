import { brim } from '#core/games/brim/index'
import { mayRoll } from '#core/games/brim/dice'
import type { BrimPlay } from '#core/games/brim/rules'

/** A turn of Brim half entered: which loose dice are to be frozen, and the faces typed so far. */
export interface BrimEntry {
  /** Places among the loose dice, from 0. */
  readonly keep: readonly number[]
  readonly dice: readonly number[]
}

/** What table and pad of Brim share: the state, what is being entered, and the play that it makes. */
export function useBrimEntry() {
  const desk = useDesk()
  const { rules, state } = useTable(brim)
  const entry = useEntry<BrimEntry>(() => ({ keep: [], dice: [] }))

  const keep = computed(() => entry.value.keep.map((place) => state.value.loose[place]!))
  /** How many dice the roll takes that is being entered. */
  const wanted = computed(() =>
    state.value.rolled === 0 ? rules.value.dice : state.value.loose.length - entry.value.keep.length,
  )
  const complete = computed(() => wanted.value > 0 && entry.value.dice.length === wanted.value)
  const rollable = computed(() => mayRoll(rules.value, state.value))

  const play = computed<BrimPlay | null>(() =>
    complete.value || (wanted.value === 0 && entry.value.keep.length > 0)
      ? {
          do: 'roll',
          by: desk.seat.value,
          dice: [...entry.value.dice],
          ...(keep.value.length ? { keep: [...keep.value] } : {}),
        }
      : null,
  )

  function toggle(place: number) {
    if (!rollable.value || state.value.rolled === 0 || place >= state.value.loose.length) return
    const chosen = entry.value.keep
    const now = chosen.includes(place)
      ? chosen.filter((other) => other !== place)
      : [...chosen, place].sort((a, b) => a - b)
    entry.value = { keep: now, dice: entry.value.dice.slice(0, state.value.loose.length - now.length) }
  }

  function add(face: number) {
    if (!rollable.value || entry.value.dice.length >= wanted.value) return
    entry.value = { keep: entry.value.keep, dice: [...entry.value.dice, face] }
  }

  function remove(at: number) {
    entry.value = { keep: entry.value.keep, dice: entry.value.dice.filter((_, i) => i !== at) }
  }

  function back() {
    const { keep: chosen, dice } = entry.value
    entry.value = dice.length ? { keep: chosen, dice: dice.slice(0, -1) } : { keep: [], dice: [] }
  }

  return { entry, rules, state, keep, wanted, complete, rollable, play, toggle, add, remove, back }
}
