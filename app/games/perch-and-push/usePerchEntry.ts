import { optionsOf } from '#core/games/perch-and-push/bot'
import type { PerchPlay, PerchRules, PerchState } from '#core/games/perch-and-push/rules'
import { countOf, facesOf } from '#core/pack'
import type { Tape } from '#core/tape'

/** A turn half entered: the cards drawn. */
interface PerchEntry {
  readonly cards: readonly number[]
}

/** What table and pad of Perch & Push share. */
export function usePerchEntry(tape: () => Tape) {
  const entry = useEntry<PerchEntry>(() => ({ cards: [] }))
  const rules = computed(() => tape().state.rules as PerchRules)
  const state = computed(() => tape().state.game as PerchState)
  const faces = computed(() => facesOf(rules.value.pack))
  const complete = computed(() => entry.value.cards.length === rules.value.draw)
  /** The results that these cards allow. */
  const options = computed(() => (complete.value ? optionsOf(rules.value, state.value, entry.value.cards) : []))
  const left = (card: number) => rules.value.pack.copies - countOf(state.value.gone, card) - countOf(entry.value.cards, card)

  function add(card: number) {
    if (!complete.value) entry.value = { cards: [...entry.value.cards, card] }
  }
  function back() {
    entry.value = { cards: entry.value.cards.slice(0, -1) }
  }
  const place = (on: number): PerchPlay => ({ do: 'place', by: state.value.turn, cards: entry.value.cards, on })
  const pass = (): PerchPlay => ({ do: 'pass', by: state.value.turn, cards: entry.value.cards })

  return { entry, rules, state, faces, complete, options, left, add, back, place, pass }
}
