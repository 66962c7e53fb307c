import { optionsOf } from '#core/games/perch-and-push/bot'
import { perchAndPush } from '#core/games/perch-and-push/index'
import type { PerchPlay } from '#core/games/perch-and-push/rules'
import { countOf, facesOf } from '#core/kit/pack'

/** A turn half entered: the cards drawn. */
export interface PerchEntry {
  readonly cards: readonly number[]
}

/** What table and pad of Perch & Push share. */
export function usePerchEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(perchAndPush)
  const entry = useEntry<PerchEntry>(() => ({ cards: [] }))
  const faces = computed(() => facesOf(rules.value.pack))
  const complete = computed(() => entry.value.cards.length === rules.value.draw)
  /** The results that these cards allow. */
  const options = computed(() =>
    complete.value ? optionsOf(rules.value, { ...state.value, turn: seat.value }, entry.value.cards) : [],
  )
  const left = (card: number) =>
    rules.value.pack.copies - countOf(state.value.gone, card) - countOf(entry.value.cards, card)

  function add(card: number) {
    if (!complete.value) entry.value = { cards: [...entry.value.cards, card] }
  }
  function remove(at: number) {
    entry.value = { cards: entry.value.cards.filter((_, i) => i !== at) }
  }
  const back = () => remove(entry.value.cards.length - 1)
  const place = (on: number): PerchPlay => ({ do: 'place', by: seat.value, cards: entry.value.cards, on })
  const pass = (): PerchPlay => ({ do: 'pass', by: seat.value, cards: entry.value.cards })

  return { entry, rules, state, faces, complete, options, left, add, remove, back, place, pass }
}
