import { toggled } from '#core/basics/lists'
import { ofSeat } from '#core/kit/seats'
import { isFinished, placeOf } from '#core/games/roof-tiles/layout'
import { roofTiles } from '#core/games/roof-tiles/index'
import type { RoofPlay } from '#core/games/roof-tiles/rules'

/** What is half entered: whose roof, and the cards touched on it. */
export interface RoofEntry {
  readonly seat: number
  readonly tiles: readonly number[]
  readonly turned: boolean
}

/** What table and pad of Roof Tiles share. */
export function useRoofEntry() {
  const desk = useDesk()
  const { tape, rules, state } = useTable(roofTiles)
  const going = computed(() =>
    state.value.layouts.flatMap((layout, i) => (isFinished(rules.value, layout) ? [] : [i + 1])),
  )
  const { usual, remember } = useLayoutSeat(
    () => tape.value.table,
    () => going.value,
  )
  const entry = useEntry<RoofEntry>(() => ({ seat: usual.value, tiles: [], turned: false }))
  const layout = computed(() => ofSeat(state.value.layouts, entry.value.seat))
  const empty = computed(() => entry.value.tiles.length === 0 && !entry.value.turned)
  const play = computed<RoofPlay | null>(() =>
    empty.value
      ? null
      : {
          do: 'take',
          by: entry.value.seat,
          tiles: entry.value.tiles.map(placeOf),
          ...(entry.value.turned ? { turned: true as const } : {}),
        },
  )

  function sit(seat: number) {
    remember(seat)
    entry.value = { seat, tiles: [], turned: false }
  }
  function touchTile(tile: number) {
    const { seat, tiles, turned } = entry.value
    remember(seat)
    entry.value = {
      seat,
      turned,
      tiles: toggled(tiles, tile),
    }
  }
  function touchTurned() {
    entry.value = { ...entry.value, turned: !entry.value.turned }
  }
  /** Nothing is touched any more, and nothing of it is left before the referee. */
  function clear() {
    entry.value = { seat: entry.value.seat, tiles: [], turned: false }
    desk.enter(null)
  }
  // Touching a player's name goes to their roof.
  watch(desk.chosen, (seat) => seat !== null && sit(seat))

  return { entry, rules, state, going, layout, empty, play, sit, touchTile, touchTurned, clear }
}
