import { openPlaces } from '#core/games/column-keeper/advice'
import { columnsOf, isFull, lyingIn, type KeeperRules, type KeeperState, type Put, type Where } from '#core/games/column-keeper/rules'
import { countOf, facesOf } from '#core/pack'
import type { Tape } from '#core/tape'

/** A card drawn and not put yet. */
interface KeeperEntry {
  readonly card: number | null
}

/** What table and pad of Column Keeper share. */
export function useKeeperEntry(tape: () => Tape) {
  const entry = useEntry<KeeperEntry>(() => ({ card: null }))
  const rules = computed(() => tape().state.rules as KeeperRules)
  const state = computed(() => tape().state.game as KeeperState)
  const faces = computed(() => facesOf(rules.value.pack))
  const telling = computed(() => isFull(rules.value, state.value))
  const sheet = computed(() => state.value.sheets[state.value.turn - 1]!)
  const columns = computed(() => columnsOf(sheet.value))
  const open = computed<Where[]>(() => (entry.value.card === null || telling.value ? [] : openPlaces(rules.value, sheet.value)))
  const left = (card: number) => rules.value.pack.copies - countOf(lyingIn(state.value), card)

  function choose(card: number | null) {
    entry.value = { card }
  }
  const put = (where: Where): Put | null => (entry.value.card === null ? null : { do: 'put', by: state.value.turn, card: entry.value.card, in: where })

  return { entry, rules, state, faces, telling, columns, open, left, choose, put }
}
