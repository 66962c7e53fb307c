import { itemAt } from '#core/basics/lists'
import { placeOf, tileAt, tilesIn } from '#core/games/roof-tiles/layout'
import type { RoofRules } from '#core/games/roof-tiles/houseRules'

/** A roof with its whole stock known, as in a dealt match: what the best score could have been. */
export interface Deal {
  /** The roof's cards, row by row from the top. */
  readonly cards: readonly number[]
  /** The stock in its order, next first. */
  readonly stock: readonly number[]
}

export interface Solved {
  /** The least sum that can be left. */
  readonly left: number
  /** Whether that is certain: false where the search was stopped before its end. */
  readonly finished: boolean
  /** States looked at. */
  readonly states: number
}

/**
 * The best reachable score of a deal, by depth-first search. A state is the tiles left (one bit each), the position
 * in the stock, and the turned cards that lie; states seen before are not searched again. Stops at a cleared roof, and
 * when `goOn` says no (asked every few thousand states): then the best found so far is given, unfinished. It goes as deep
 * as cards can be turned and taken, some 650 (200 cards, three passes, 55 tiles): well within any stack.
 */
export function solve(
  rules: Pick<RoofRules, 'target' | 'rows' | 'passes' | 'turned'>,
  deal: Deal,
  goOn: () => boolean = () => true,
): Solved {
  const { target, rows, passes, turned } = rules
  const { cards } = deal
  const count = tilesIn(rows)
  const below = cards.map((_, tile) => {
    const [row, place] = placeOf(tile)
    return row === rows ? [] : [tileAt(rows, row + 1, place), tileAt(rows, row + 1, place + 1)]
  })
  const left = cards.map(() => true)
  const seen = new Set<string>()
  let sum = cards.reduce((a, b) => a + b, 0)
  let best = sum
  let states = 0
  let stopped = false

  const open = (tile: number) => itemAt(left, tile) && itemAt(below, tile).every((other) => !left[other])
  const key = (stock: string, pile: string, at: number, fresh: boolean) => {
    let bits = ''
    for (let i = 0; i < count; i += 16) {
      let part = 0
      for (let j = i; j < Math.min(i + 16, count); j++) if (left[j]) part |= 1 << (j - i)
      bits += String.fromCharCode(part)
    }
    return `${bits}|${at}|${stock}|${pile}|${fresh ? 1 : 0}`
  }
  const off = (tiles: readonly number[], on: boolean) => {
    for (const tile of tiles) {
      left[tile] = on
      sum += on ? itemAt(cards, tile) : -itemAt(cards, tile)
    }
  }

  /** `pile` is what lies turned, the newest last; `fresh`: the newest was not used yet. */
  // eslint-disable-next-line complexity -- the one step of a search over millions of positions, in the order of its moves
  function search(stock: readonly number[], at: number, pile: readonly number[], fresh: boolean, pass: number): void {
    if (stopped || best === 0) return
    if (sum < best) best = sum
    if (best === 0) return
    // In the first pass the stock is the deal's own, so that its position says it all.
    const name = key(pass === 1 ? '' : stock.join(), pile.join(), at, fresh)
    if (seen.has(name)) return
    seen.add(name)
    if (++states % 4096 === 0 && !goOn()) {
      stopped = true
      return
    }
    const ready: number[] = []
    for (let tile = count - 1; tile >= 0; tile--) if (open(tile)) ready.push(tile)
    const alone = ready.find((tile) => cards[tile] === target)
    const take = (tiles: readonly number[], usesTurned: boolean) => {
      off(tiles, false)
      search(stock, at, usesTurned ? pile.slice(0, -1) : pile, usesTurned ? false : fresh, pass)
      off(tiles, true)
    }
    // A tile that makes the target alone is never worth keeping.
    if (alone !== undefined) return take([alone], false)
    for (let i = 0; i < ready.length; i++)
      for (let j = i + 1; j < ready.length; j++)
        if (itemAt(cards, itemAt(ready, i)) + itemAt(cards, itemAt(ready, j)) === target)
          take([itemAt(ready, i), itemAt(ready, j)], false)
    const top = turned === 'stays' || fresh ? pile[pile.length - 1] : undefined
    if (top !== undefined) {
      if (top === target) take([], true)
      for (const tile of ready) if (itemAt(cards, tile) + top === target) take([tile], true)
    }
    if (at < stock.length) search(stock, at + 1, [...pile, itemAt(stock, at)], true, pass)
    else if (pass < passes && pile.length) search(pile, 1, [itemAt(pile, 0)], true, pass + 1)
  }

  search(deal.stock, 0, [], false, 1)
  return { left: best, finished: !stopped, states }
}
