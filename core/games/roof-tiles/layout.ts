import { itemAt } from '#core/basics/lists'
import { total } from '#core/kit/dice'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'
import { cardsOf, countOf, packSize, restOf } from '#core/kit/pack'

export type RoofEnd = 'cleared' | 'done' | 'stuck'

/** One player's roof with stock and turned cards. Tiles are counted from the top, row by row, from 0. */
export interface Layout {
  /** The cards as they were laid, every row after the other. */
  readonly cards: readonly number[]
  /** Which tiles are gone. */
  readonly gone: readonly boolean[]
  /** Cards in the stock whose order nobody has seen. */
  readonly unseen: number
  /** The stock's cards in their order once they have been through; null in the first pass. */
  readonly known: readonly number[] | null
  /** Turned cards that lie there, the newest last. */
  readonly pile: readonly number[]
  /** Turned cards that were used. */
  readonly used: readonly number[]
  /** Whether the newest card is still there; only that one is in reach under `turned: gone`. */
  readonly newest: boolean
  /** Which time the stock is gone through, from 1. */
  readonly pass: number
  readonly done: boolean
  /** Why it had ended when what is left was counted; it stays ended then. Null while nobody counted. */
  readonly counted: RoofEnd | null
  /** In a dealt match the stock's cards that are still unseen, next first. */
  readonly order: readonly number[] | null
}

/** The number of the tile at a row and place, each from 1; -1 where there is none. */
export function tileAt(rows: number, row: number, place: number): number {
  return row < 1 || row > rows || place < 1 || place > row ? -1 : (row * (row - 1)) / 2 + place - 1
}

/** Row and place of a tile, each from 1. */
export function placeOf(tile: number): [number, number] {
  let row = 1
  while ((row * (row + 1)) / 2 <= tile) row++
  return [row, tile - (row * (row - 1)) / 2 + 1]
}

export function tilesIn(rows: number): number {
  return (rows * (rows + 1)) / 2
}

/** Whether one of the two tiles that half cover this one is still there. */
export function isCovered(rows: number, gone: readonly boolean[], tile: number): boolean {
  const [row, place] = placeOf(tile)
  if (row === rows) return false
  const below = tileAt(rows, row + 1, place)
  return !gone[below] || !gone[below + 1]
}

/** The tiles that may be taken by their place. */
export function openTiles(rows: number, { gone }: Pick<Layout, 'gone'>): number[] {
  const open: number[] = []
  for (let tile = 0; tile < gone.length; tile++) if (!gone[tile] && !isCovered(rows, gone, tile)) open.push(tile)
  return open
}

/** The turned card in reach; undefined where none is. */
export function inReach(
  { turned }: Pick<RoofRules, 'turned'>,
  { pile, newest }: Pick<Layout, 'pile' | 'newest'>,
): number | undefined {
  return turned === 'stays' || newest ? pile[pile.length - 1] : undefined
}

/** Cards that can still be turned in this pass. */
export function stockOf({ unseen, known }: Pick<Layout, 'unseen' | 'known'>): number {
  return known ? known.length : unseen
}

export function canTurn({ passes }: Pick<RoofRules, 'passes'>, layout: Layout): boolean {
  return stockOf(layout) > 0 || (layout.pass < passes && layout.pile.length > 0)
}

/** One way to take off cards that make the target: tiles, and perhaps the turned card. */
export interface Take {
  readonly tiles: readonly number[]
  readonly turned: boolean
}

/** Every way to take something now. */
export function takesOf(rules: Pick<RoofRules, 'target' | 'rows' | 'turned'>, layout: Layout): Take[] {
  const { target, rows } = rules
  const open = openTiles(rows, layout)
  const turned = inReach(rules, layout)
  const takes: Take[] = []
  if (turned === target) takes.push({ tiles: [], turned: true })
  open.forEach((tile, i) => {
    const value = itemAt(layout.cards, tile)
    if (value === target) takes.push({ tiles: [tile], turned: false })
    if (turned !== undefined && value + turned === target) takes.push({ tiles: [tile], turned: true })
    for (const other of open.slice(i + 1))
      if (value + itemAt(layout.cards, other) === target) takes.push({ tiles: [tile, other], turned: false })
  })
  return takes
}

/** Why a layout has ended; null while it goes on. Derived, so that a ruling may let it go on. */
export function endOf(rules: Pick<RoofRules, 'target' | 'rows' | 'turned' | 'passes'>, layout: Layout): RoofEnd | null {
  if (layout.counted) return layout.counted
  if (layout.gone.every(Boolean)) return 'cleared'
  if (layout.done) return 'done'
  return canTurn(rules, layout) || takesOf(rules, layout).length ? null : 'stuck'
}

/** Whether nothing is to be done on a layout any more: it has ended, and what is left was counted where that is asked. */
export const isFinished = (
  rules: Pick<RoofRules, 'target' | 'rows' | 'turned' | 'passes' | 'countLeft'>,
  layout: Layout,
) => endOf(rules, layout) !== null && (!rules.countLeft || layout.counted !== null)

/** The cards on the tiles that are left. */
export function leftOn({ cards, gone }: Pick<Layout, 'cards' | 'gone'>): number[] {
  return cards.filter((_, tile) => !gone[tile])
}

/**
 * A card on the roof that nothing left in the pack can take off any more, so that the layout can't be cleared; null
 * where there is none.
 */
export function hopelessCard({ target, pack }: Pick<RoofRules, 'target' | 'pack'>, layout: Layout): number | null {
  const { cards, gone, used } = layout
  const taken = cards.filter((_, tile) => gone[tile])
  for (const card of new Set(leftOn(layout))) {
    if (card === target) continue
    const partner = target - card
    const there =
      partner < pack.low || partner > pack.high ? 0 : pack.copies - countOf(taken, partner) - countOf(used, partner)
    if (there < (partner === card ? 2 : 1)) return card
  }
  return null
}

/** Where every card of a pack must be when a layout has ended: a check against mistyped and missing cards. */
interface Account {
  /** Sums of what is left on the roof and of the turned cards that lie. */
  readonly onRoof: number
  readonly turned: number
  /** What must still lie in the stock, in its order where that is known, else rising. */
  readonly stock: readonly number[]
  /** All three together. */
  readonly sum: number
}

/**
 * The account of an ended layout. What was taken off made the target each time, so `sum` is a multiple of the target
 * where the whole pack is one; null where it isn't, or where a card too many was let pass and nothing can be said.
 */
export function accountOf({ target, pack }: Pick<RoofRules, 'target' | 'pack'>, layout: Layout): Account | null {
  if (total(cardsOf(pack)) % target !== 0) return null
  const stock = layout.known ?? restOf(pack, [...layout.cards, ...layout.pile, ...layout.used])
  if (layout.cards.length + layout.pile.length + layout.used.length + stock.length !== packSize(pack)) return null
  const [onRoof, turned] = [total(leftOn(layout)), total(layout.pile)]
  return { onRoof, turned, stock, sum: onRoof + turned + total(stock) }
}
