import { ofSeat } from '#core/kit/seats'
import { ebbAndFlow } from '#core/games/ebb-and-flow/index'
import { cardOf, flow, type Colour, type Flip } from '#core/games/ebb-and-flow/rules'

/** A card half entered. */
export interface EbbEntry {
  readonly card: number | 'wild' | null
  readonly colour?: Colour
}

/** What table and pad of Ebb & Flow share. */
export function useEbbEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(ebbAndFlow)
  const entry = useEntry<EbbEntry>(() => ({ card: null }))

  const play = computed<Flip | null>(() => {
    const { card, colour } = entry.value
    return card === null ? null : { do: 'flip', by: seat.value, card, ...(colour === undefined ? {} : { colour }) }
  })
  const before = computed(() => ofSeat(state.value.totals, seat.value))
  /** What a number card does; null for a wild. */
  const leads = computed(() => {
    const { card, colour } = entry.value
    return card === null || card === 'wild'
      ? null
      : flow(rules.value, before.value, cardOf(card, colour), state.value.wild)
  })
  const flip = (card: number | 'wild' | null, colour?: Colour) =>
    (entry.value = { card, ...(colour === undefined ? {} : { colour }) })

  return { entry, rules, state, play, before, leads, flip }
}
