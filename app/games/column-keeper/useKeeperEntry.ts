import { ofSeat } from '#core/kit/seats'
import { openPlaces } from '#core/games/column-keeper/advice'
import { columnKeeper } from '#core/games/column-keeper/index'
import { columnsOf, isFull, lyingIn, type Put, type Where } from '#core/games/column-keeper/rules'
import { countOf, facesOf } from '#core/kit/pack'

/** A card drawn and not put yet. */
export interface KeeperEntry {
  readonly card: number | null
}

/** What table and pad of Column Keeper share. */
export function useKeeperEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(columnKeeper)
  const entry = useEntry<KeeperEntry>(() => ({ card: null }))
  const faces = computed(() => facesOf(rules.value.pack))
  const telling = computed(() => isFull(rules.value, state.value))
  const sheet = computed(() => ofSeat(state.value.sheets, seat.value))
  const columns = computed(() => columnsOf(sheet.value))
  const open = computed<Where[]>(() =>
    entry.value.card === null || telling.value ? [] : openPlaces(rules.value, sheet.value),
  )
  const left = (card: number) => rules.value.pack.copies - countOf(lyingIn(state.value), card)

  function choose(card: number | null) {
    entry.value = { card }
  }
  const put = (where: Where): Put | null =>
    entry.value.card === null ? null : { do: 'put', by: seat.value, card: entry.value.card, in: where }

  return { entry, rules, state, faces, telling, columns, open, left, choose, put }
}
