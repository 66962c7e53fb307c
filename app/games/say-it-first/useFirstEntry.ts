import { combined } from '#core/kit/dice'
import { sayItFirst } from '#core/games/say-it-first/index'
import { countedAnswers, turnedAtOnce, type Answer, type Round } from '#core/games/say-it-first/rules'
import { facesOf } from '#core/kit/pack'

/** A round half entered: the cards by seat, and the answers that were spoken so far. */
export interface FirstEntry {
  readonly cards: readonly number[]
  readonly answers: readonly Answer[]
}

/** What table and pad of Say It First share. */
export function useFirstEntry() {
  const { rules, state } = useTable(sayItFirst)
  const entry = useEntry<FirstEntry>(() => ({ cards: [], answers: [] }))
  const faces = computed(() => facesOf(rules.value.pack))
  const full = computed(() => entry.value.cards.length === turnedAtOnce(state.value.seats))
  const right = computed(() => combined(entry.value.cards, rules.value.combine).equals)
  const play = computed<Round | null>(() => (full.value ? { do: 'round', ...entry.value } : null))
  /** Who takes the cards with the answers so far. */
  const winner = computed(() =>
    full.value ? countedAnswers(rules.value, entry.value.answers, right.value).winner : null,
  )

  const addCard = (card: number) => (entry.value = { cards: [...entry.value.cards, card], answers: [] })
  const removeCard = (at: number) =>
    (entry.value = { cards: entry.value.cards.filter((_, i) => i !== at), answers: entry.value.answers })
  const setCards = (cards: readonly number[]) => (entry.value = { cards, answers: [] })
  const setAnswers = (answers: readonly Answer[]) => (entry.value = { cards: entry.value.cards, answers })

  return { entry, rules, state, faces, full, right, play, winner, addCard, removeCard, setCards, setAnswers }
}
