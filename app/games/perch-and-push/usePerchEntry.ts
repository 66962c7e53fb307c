import { optionsOf } from '#core/games/perch-and-push/bot'
import { perchAndPush } from '#core/games/perch-and-push/index'
import { resultOf, type PerchPlay } from '#core/games/perch-and-push/rules'
import { countOf, facesOf } from '#core/kit/pack'

/** A turn half entered: the cards drawn. */
export interface PerchEntry {
  readonly cards: readonly number[]
  /** The results as they were said, one for each card; empty texts where nobody has said one yet. */
  readonly said?: readonly string[]
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
  const results = computed(() => entry.value.cards.map((card) => resultOf(rules.value, card)))
  const texts = computed(() => entry.value.cards.map((_, i) => entry.value.said?.[i] ?? ''))
  const say = (said: readonly string[]) => (entry.value = { cards: entry.value.cards, said })
  /** All results as they were said; nothing as long as one is missing. */
  const said = computed(() =>
    texts.value.every((text) => /^-?\d{1,9}$/.test(text)) ? texts.value.map(Number) : undefined,
  )
  const place = (on: number): PerchPlay => ({
    do: 'place',
    by: seat.value,
    cards: entry.value.cards,
    on,
    ...(said.value ? { said: said.value } : {}),
  })
  const pass = (): PerchPlay => ({ do: 'pass', by: seat.value, cards: entry.value.cards })

  return { entry, rules, state, faces, complete, options, left, add, remove, back, place, pass, results, texts, say }
}
