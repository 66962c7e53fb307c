import { gameById } from '#core/games/index'
import { readMatch } from '#core/format/matchFile'
import type { ReadPlay } from '#core/game'
import { fileOf, type FileParts } from '../../tests/unit/judging'

/** Reads a line of notation at the beginning of a match, or after `entries`. */
function read(text: string, parts: FileParts): ReadPlay<unknown> {
  const match = readMatch(fileOf(parts))
  if (!match.ok) throw new Error(JSON.stringify(match.problems))
  const { table, state } = match.tape
  return gameById(table.game.id)!.readPlay(text, state.rules, state.game)
}
const ROOF = { game: 'roof-tiles', houseRules: { rows: 1 }, opening: { layouts: [[[4]], [[5]]] } }
const ASKED = { game: 'ask-for-rest', entries: [{ play: { do: 'ask', by: 1, of: 2, for: 3, got: false } }] }
const THREE = { game: 'ask-for-rest', players: ['A', 'B', 'C'] }

test.each<[string, FileParts, object]>([
  ['ask 2 for 6 got', { game: 'ask-for-rest' }, { do: 'ask', by: 1, of: 2, for: 6, got: true }],
  ['6 y', { game: 'ask-for-rest' }, { do: 'ask', by: 1, of: 2, for: 6, got: true }],
  ['2: 1 6 n', { game: 'ask-for-rest' }, { do: 'ask', by: 2, of: 1, for: 6, got: false }],
  ['3 6 no', THREE, { do: 'ask', by: 1, of: 3, for: 6, got: false }],
  ['l37', THREE, { do: 'lay', by: 1, cards: [3, 7] }],
  ['2: lay 3 7 !made-ten', THREE, { do: 'lay', by: 2, cards: [3, 7], explained: true, how: 'made-ten' }],
  ['lt0', THREE, { do: 'lay', by: 1, cards: [10, 0] }],
  ['d', ASKED, { do: 'draw', by: 1 }],
  ['D4', ASKED, { do: 'draw', by: 1, card: 4 }],
  ['x10', THREE, { do: 'replace', by: 1, card: 10 }],
  ['1: 6.1 6.3', ROOF, { do: 'take', by: 1, tiles: [[6, 1], [6, 3]] }],
  ['2: 6.2 t', ROOF, { do: 'take', by: 2, tiles: [[6, 2]], turned: true }],
  ['2: +', ROOF, { do: 'take', by: 2, tiles: [], turned: true }],
  ['1: t7', ROOF, { do: 'turn', by: 1, card: 7 }],
  ['1: done', ROOF, { do: 'done', by: 1 }],
  ['37 13', { game: 'perch-and-push' }, { do: 'place', by: 1, cards: [3, 7], on: 13 }],
  ['3, t on 20', { game: 'perch-and-push' }, { do: 'place', by: 1, cards: [3, 10], on: 20 }],
  ['2: p37', { game: 'perch-and-push' }, { do: 'pass', by: 2, cards: [3, 7] }],
  ['r', { game: 'perch-and-push' }, { do: 'reshuffle' }],
  ['54 2 h t9 h', { game: 'hundred-stops' }, { do: 'travel', by: 1, dice: [5, 4], hundreds: 2, order: ['h', 't9', 'h'] }],
  ['2: 5 4 / 1 / ht9 = 290 ?', { game: 'hundred-stops' }, { do: 'travel', by: 2, dice: [5, 4], hundreds: 1, order: ['h', 't9'], said: 290, explained: false }],
  ['7t', { game: 'column-keeper' }, { do: 'put', by: 1, card: 7, in: 'tens' }],
  ['put 3 aside', { game: 'column-keeper' }, { do: 'put', by: 1, card: 3, in: 'aside' }],
  ['2: 4m', { game: 'column-keeper' }, { do: 'put', by: 2, card: 4, in: 'thousands' }],
  ['=1182', { game: 'column-keeper' }, { do: 'total', by: 1, said: 1182 }],
  ['s19', { game: 'brim' }, { do: 'stop', by: 1, said: 19 }],
])('“%s” is understood', (text, parts, play) => expect(read(text, parts)).toEqual({ ok: true, play }))

test.each<[string, FileParts]>([
  ['', { game: 'ask-for-rest' }],
  ['6 y', THREE],
  ['lay 3', THREE],
  ['lay 3 7 5', THREE],
  ['ask for it', THREE],
  ['1: 6,1', ROOF],
  ['1: turn', ROOF],
  ['37', { game: 'perch-and-push' }],
  ['three on 13', { game: 'perch-and-push' }],
  ['54 h t9', { game: 'hundred-stops' }],
  ['54 2 h x9', { game: 'hundred-stops' }],
  ['7q', { game: 'column-keeper' }],
  ['total', { game: 'column-keeper' }],
  ['put tens', { game: 'column-keeper' }],
])('“%s” is not understood', (text, parts) => expect(read(text, parts)).toMatchObject({ ok: false, why: 'not-understood' }))

test('whose roof is meant must be said where several go on', () => {
  expect(read('1.1', ROOF)).toMatchObject({ ok: false, why: 'ambiguous', could: [{ by: 1 }, { by: 2 }] })
  const one = { ...ROOF, entries: [{ play: { do: 'done', by: 1 } }] }
  expect(read('t5', one)).toEqual({ ok: true, play: { do: 'turn', by: 2, card: 5 } })
})
