import { judged, play, type FileParts } from '../../tests/unit/judging'

/** What is said of the last entry. */
const says = (parts: FileParts) => judged(parts).verdicts.at(-1)!.says

const ask = (by: number, of: number, card: number, got: boolean) => play({ do: 'ask', by, of, for: card, got })
const lay = (by: number, a: number, b: number) => play({ do: 'lay', by, cards: [a, b] })
const place = (by: number, cards: number[], on: number) => play({ do: 'place', by, cards, on })
const put = (by: number, card: number, where: string) => play({ do: 'put', by, card, in: where })
const go = (by: number, dice: number[], hundreds: number, ...order: string[]) => play({ do: 'travel', by, dice, hundreds, order })
const take = (...tiles: number[][]) => play({ do: 'take', by: 1, tiles })
const turn = (card: number) => play({ do: 'turn', by: 1, card })

const ASK = { game: 'ask-for-rest', players: ['Ines', 'Tomasz', 'Bao'] }
const ROOF = { game: 'roof-tiles', players: ['Ines', 'Bao'], houseRules: { rows: 3 }, opening: { layouts: [[[4], [6, 5], [3, 7, 8]], [[4], [6, 5], [3, 7, 8]]] } }
const PERCH = { game: 'perch-and-push' }
const STOPS = { game: 'hundred-stops' }
const KEEPER = { game: 'column-keeper', houseRules: { columns: 2, perColumn: 1, discards: 0 } }
const SMALL = [put(1, 5, 'tens'), put(2, 4, 'tens'), put(1, 1, 'ones'), put(2, 2, 'ones')]

test.each<[FileParts, string]>([
  [{ ...ASK, entries: [lay(1, 8, 3)] }, 'Doesn’t stand: That makes 11, and 10 is needed.'],
  [{ ...ASK, entries: [ask(1, 1, 3, true)] }, 'Doesn’t stand: Ines can’t ask Ines: ask somebody else.'],
  [{ ...ASK, houseRules: { pack: { low: 1, high: 10, copies: 4 } }, entries: [ask(1, 2, 10, false)] }, 'Doesn’t stand: A 10 has no partner: 0 would be needed to make 10, and there is none to pair with.'],
  [{ ...ASK, entries: [ask(1, 2, 3, false), play({ do: 'draw', by: 1 }), ask(2, 1, 7, false)] }, 'Doesn’t stand: Ines does hold a 7: it follows from what has been shown.'],
  [{ ...ASK, entries: [play({ do: 'replace', by: 1, card: 9 })] }, 'Doesn’t stand: The 9 has a partner, the 1; it stays.'],
  [{ ...ASK, entries: [play({ do: 'draw', by: 1 })] }, 'Doesn’t stand: That has no place at this moment. Ines is next: ask or lay.'],
  [{ ...ASK, entries: [ask(1, 2, 8, true)] }, 'Tomasz gives the 8: 2 and 8 are laid, and Ines has 1 pair.'],
  [{ ...ASK, entries: [ask(1, 2, 8, false)] }, 'Tomasz has no 8. Ines draws.'],
  [{ ...ASK, entries: [play({ do: 'replace', by: 3, card: 10 })] }, 'Bao puts the 10 out and draws another: it has no partner.'],
  [{ ...ROOF, entries: [take([4, 1])] }, 'Doesn’t stand: There is no tile 1 of row 4; row 3 is the lowest, and row 1 has one tile.'],
  [{ ...ROOF, entries: [take([2, 1])] }, 'Doesn’t stand: The tile 1 of row 2 is still half covered by the row below.'],
  [{ ...ROOF, entries: [take([3, 1], [3, 2]), take([3, 1])] }, 'Doesn’t stand: The tile 1 of row 3 is gone already.'],
  [{ ...ROOF, entries: [take([3, 1], [3, 2], [3, 3])] }, 'Doesn’t stand: Two cards come off at most; these are 3.'],
  [{ ...ROOF, entries: [play({ do: 'take', by: 1, tiles: [], turned: true })] }, 'Doesn’t stand: No turned card is in reach.'],
  [{ ...ROOF, entries: [turn(8)] }, 'An 8 is turned; 33 cards are left in the stock.'],
  [{ ...ROOF, entries: [take([3, 1], [3, 2]), play({ do: 'done', by: 1 })] }, 'Stopped. Ines has 23 left.'],
  [{ ...PERCH, entries: [place(1, [3], 13)] }, 'Doesn’t stand: 2 cards are drawn; 1 is given.'],
  [{ ...PERCH, entries: [place(1, [3, 7], 20)] }, 'Doesn’t stand: 20 is no result of these cards; 13 or 17 would be.'],
  [{ ...PERCH, entries: [play({ do: 'pass', by: 1, cards: [3, 7] })] }, 'Doesn’t stand: Ines can still perch on 13 or 17.'],
  [{ ...PERCH, houseRules: { safeStack: 2 }, entries: [place(1, [3, 7], 13), place(2, [1, 1], 11), place(1, [3, 4], 13), place(2, [3, 8], 13)] }, 'Doesn’t stand: Ines has 2 markers on 13: that stack is safe.'],
  [{ ...PERCH, entries: [place(1, [3, 7], 13), place(2, [3, 8], 13)] }, 'Tomasz pushes 1 marker of Ines off 13 and has 1 point.'],
  [{ ...STOPS, entries: [go(1, [5, 4], 1, 't1', 'h')] }, 'Doesn’t stand: The dice make 9 tens; the order walks 1. Tens are tens, not ones: spend them all and no more.'],
  [{ ...STOPS, entries: [go(1, [5, 4], 2, 't9', 'h')] }, 'Doesn’t stand: The spinner says 2 hops of 100; the order has 1.'],
  [{ ...STOPS, entries: [go(1, [5], 1, 't5', 'h')] }, 'Doesn’t stand: 2 dice are rolled; 1 is given.'],
  [{ ...STOPS, entries: [go(1, [5, 5], 1, 'h', 't10')] }, 'Ines ends on 300 and takes 2 tokens (200 and 300).'],
  [{ ...KEEPER, entries: [put(1, 5, 'hundreds')] }, 'Doesn’t stand: There is no column for hundreds; there are ones and tens.'],
  [{ ...KEEPER, entries: [put(1, 5, 'aside')] }, 'Doesn’t stand: Nothing may be thrown away: it needs a column.'],
  [{ ...KEEPER, entries: [put(1, 5, 'ones'), put(2, 5, 'ones'), put(1, 4, 'ones')] }, 'Doesn’t stand: The ones hold 1 card already.'],
  [{ ...KEEPER, entries: [...SMALL, play({ do: 'total', by: 1, said: 15 })] }, 'Ines has 51. Ines said 15; it is 51.'],
  [{ ...KEEPER, entries: [...SMALL, play({ do: 'total', by: 1, said: 51 }), play({ do: 'total', by: 2, said: 42 })] }, 'Tomasz has 42. Ines takes round 1 with 51.'],
  [{ ...STOPS, entries: [{ ruling: { houseRules: { finish: 'all-home' } }, why: 'vote, 2 to 0' }] }, 'Ruling, “The end” is now: All home: vote, 2 to 0.'],
  [{ ...STOPS, entries: [{ ruling: { houseRules: { end: 900 } } }] }, 'Doesn’t stand: “end” can’t change in the middle of a match.'],
])('sentence %#', (parts, sentence) => expect(says(parts)).toBe(sentence))
