import { helpedBy, outlook } from '#core/games/fill-in-order/advice'
import { fillInOrder } from '#core/games/fill-in-order/index'
import type { FillRules, FillState } from '#core/games/fill-in-order/rules'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'fill-in-order', ...parts })
const turn = (by: number, cards: unknown, from: unknown = 'stock') => play({ do: 'turn', by, from, cards })
const took = (by: number, cards: unknown) => turn(by, cards, 'discard')
const last = (houseRules: Record<string, unknown>, entries: unknown[]) => inShort(game({ houseRules, entries })).at(-1)
const K = (slot: number) => ({ wild: 'K', slot })
const TWO = { slots: 2 }

test.each([
  ['a picture ends it', [turn(1, ['Q'])], {}, 'ok'],
  ['a card above the places ends it', [turn(1, [3])], TWO, 'ok'],
  ['a card that goes is not the last', [turn(1, [2])], TWO, 'keeps-going'],
  ['a chain', [turn(1, [2, 7])], TWO, 'ok'],
  ['a card whose place is filled ends it', [turn(1, [2, 2])], TWO, 'ok'],
  ['going on after the end', [turn(1, [7, 2])], TWO, 'could-not-go-there'],
  ['going on after the last place', [turn(1, [2, 1, 5])], TWO, 'could-not-go-there'],
  ['nothing came up', [turn(1, [])], {}, 'malformed'],
  ['nought', [turn(1, [0])], {}, 'no-such-card'],
  ['eleven, before the chain is looked at', [turn(1, ['Q', 11])], {}, 'no-such-card'],
  ['a letter that is none', [turn(1, ['A'])], {}, 'malformed'],
  ['from nowhere', [turn(1, [3], 'hand')], {}, 'malformed'],
  ['the neighbour', [turn(2, ['Q'])], {}, 'not-their-turn'],
  ['a fifth queen in a chain', [turn(1, ['Q', 'Q', 'Q', 'Q', 'Q'])], {}, 'too-many-copies'],
  [
    'a fifth queen of two packs',
    [turn(1, ['Q']), turn(2, ['Q']), turn(1, ['Q']), turn(2, ['Q']), turn(1, ['Q'])],
    { packs: 2 },
    'ok',
  ],
  ['no discard yet', [took(1, [3, 'Q'])], {}, 'discard-useless'],
  ['a discard without a place', [turn(1, ['Q']), took(2, ['Q'])], {}, 'discard-useless'],
  ['another discard, where it lies', [turn(1, [7, 7]), took(2, [5, 'Q'])], {}, 'discard-was'],
  ['the discard', [turn(1, [7, 7]), took(2, [7, 'Q'])], {}, 'ok'],
  ['not counted twice', [turn(1, [7, 7]), took(2, [7, 7]), took(1, [7, 'Q'])], {}, 'discard-useless'],
  ['a king where none is wild', [turn(1, ['K'])], {}, 'ok'],
  ['a wild king where none is wild', [turn(1, [K(3), 'Q'])], {}, 'malformed'],
  ['a bare king where it is wild', [turn(1, ['K'])], { wild: 'K' }, 'malformed'],
  ['a jack where kings are wild', [turn(1, ['J'])], { wild: 'K' }, 'ok'],
  ['a wild jack where kings are', [turn(1, [{ wild: 'J', slot: 3 }, 'Q'])], { wild: 'K' }, 'malformed'],
  ['a wild', [turn(1, [K(3), 'Q'])], { wild: 'K' }, 'ok'],
  ['a wild last', [turn(1, [K(3)])], { wild: 'K' }, 'keeps-going'],
  ['a wild onto a filled place, though last', [turn(1, [3, K(3)])], { wild: 'K' }, 'could-not-go-there'],
  ['a wild off the places', [turn(1, [K(11), 'Q'])], { wild: 'K' }, 'could-not-go-there'],
  ['where a wild stays nothing else goes', [turn(1, [K(3), 3])], { wild: 'K' }, 'ok'],
  ['nothing is asked here', [turn(1, ['Q'])], { explain: 'required' }, 'ok'],
])('%s: %s', (_what, entries, houseRules, verdict) => expect(last(houseRules, entries)).toBe(verdict))

describe('rounds', () => {
  test('the last place wins at once; the seat after begins; the winner gets one place fewer', () => {
    const answer = game({
      houseRules: TWO,
      entries: [
        turn(1, [2, 7]),
        turn(2, ['J']),
        turn(1, [1]),
        turn(2, ['J']),
        turn(1, [2]),
        turn(2, ['J']),
        turn(1, [1]),
      ],
    })
    expect([inShort(answer), scores(answer)]).toEqual([
      ['ok', 'ok', 'ok', 'ok', 'ok', 'ok', 'ok'],
      [2, 0],
    ])
    // With one place a 2 ends the turn.
    expect(answer.awaits).toEqual({ seats: [2], plays: ['turn'] })
  })
  test('without fewer all keep theirs', () => {
    const entries = [turn(1, [2, 1]), turn(2, ['J']), turn(1, [2])]
    expect(last({ ...TWO, fewer: false }, entries)).toBe('keeps-going')
  })
  test('most rounds win; level is shared', () => {
    const one = { slots: 1, rounds: 2 }
    expect(game({ houseRules: one, entries: [turn(1, [1]), turn(2, [1])] }).result).toMatchObject({
      winners: [1, 2],
      shared: true,
      why: 'most-rounds',
    })
    expect(
      inShort(game({ houseRules: one, entries: [turn(1, [1]), { ruling: { houseRules: { rounds: 1 } } }] })),
    ).toEqual(['ok', 'ok'])
    expect(
      inShort(
        game({ houseRules: one, entries: [turn(1, [1]), turn(2, ['J']), { ruling: { houseRules: { rounds: 1 } } }] }),
      ).at(-1),
    ).toBe('already-past')
  })
  test('down to one: whoever wins with one place, from when it is agreed', () => {
    const rules = { slots: 2, rounds: 'to-one', fewer: false }
    const entries = [turn(1, [2, 1]), turn(2, ['J']), turn(1, [1])]
    expect(game({ houseRules: rules, entries }).result).toMatchObject({ winners: [1], why: 'down-to-one' })
    const ruling = { ruling: { houseRules: { rounds: 'to-one' } } }
    const later = game({ houseRules: { slots: 1, rounds: 5 }, entries: [turn(1, [1]), ruling] })
    expect(later.result).toBeNull()
    expect(
      game({ houseRules: { slots: 1, rounds: 5 }, entries: [turn(1, [1]), ruling, turn(2, [1])] }).result,
    ).toMatchObject({ winners: [2] })
  })
  test('a new deal counts from nothing, and no discard lies', () => {
    const rules = { slots: 1, rounds: 3 }
    const queens = [turn(1, ['Q']), turn(2, ['Q']), turn(1, ['Q']), turn(2, ['Q'])]
    expect(last(rules, [...queens, turn(1, [1]), turn(2, ['Q'])])).toBe('ok')
    expect(last(rules, [...queens, turn(1, [1]), took(2, [1])])).toBe('discard-useless')
  })
  test('time finishes the turns round the table, not the deal; no points are given', () => {
    const entries = [turn(1, ['Q']), { call: 'time' }, turn(2, ['Q'])]
    expect(game({ entries: entries.slice(0, 2) }).result).toBeNull()
    expect(game({ entries }).result).toMatchObject({ winners: [1, 2], ended: 'time' })
    expect(
      game({ houseRules: TWO, entries: [turn(1, ['Q']), { call: 'time' }, turn(2, [2, 1])] }).result,
    ).toMatchObject({ winners: [2], ended: 'time' })
    expect(inShort(game({ entries: [{ ruling: { award: { by: 1, points: 1 } } }] }))).toEqual(['no-points-here'])
  })
})

describe('an empty stock', () => {
  const FOUR = { players: ['Ines', 'Tomasz', 'Odalys', 'Bao'], houseRules: { packs: 1 } }
  /** Twelve cards of which none goes anywhere: the whole stock of four players with one pack. */
  const dead = ['J', 'J', 'J', 'J', 'Q', 'Q', 'Q', 'Q', 'K', 'K', 'K', 'K']
  const turns = (cards: unknown[]) => cards.map((card, i) => turn((i % 4) + 1, Array.isArray(card) ? card : [card]))
  test('nobody placed a card: the round is nobody’s, dealt again, the same begins', () => {
    const answer = game({ ...FOUR, entries: [...turns(dead), turn(1, ['J'])] })
    expect(inShort(answer).every((verdict) => verdict === 'ok')).toBe(true)
    expect(scores(answer)).toEqual([0, 0, 0, 0])
    expect(
      game({ ...FOUR, entries: turns(dead) })
        .verdicts.at(-1)!
        .notes?.at(-1),
    ).toMatchObject({ code: 'nobody', facts: { first: 1 } })
  })
  test('somebody placed one: all discards but the top one are shuffled back, and count no more', () => {
    const placed = [['5', 'J'].map((card) => (card === '5' ? 5 : card)), ...dead.slice(1)]
    const entries = turns(placed)
    const answer = game({ ...FOUR, entries: [...entries, turn(1, ['Q'])] })
    expect(answer.verdicts.at(-1)!.notes?.[0]).toMatchObject({ code: 'shuffled', facts: { cards: 11 } })
    // Of the kings only the top discard is counted now; the five lies in its place.
    expect(
      inShort(
        game({ ...FOUR, entries: [...entries, turn(1, ['K']), turn(2, ['K']), turn(3, ['K']), turn(4, ['K'])] }),
      ).slice(12),
    ).toEqual(['ok', 'ok', 'ok', 'too-many-copies'])
    expect(inShort(game({ ...FOUR, entries: [...entries, turn(1, [5, 5, 5])] })).at(-1)).toBe('could-not-go-there')
  })
})

test.each([
  [{ slots: 11 }, ['houseRules.slots bad-house-rule']],
  [{ packs: 3 }, ['houseRules.packs bad-house-rule']],
  [{ rounds: 'all' }, ['houseRules.rounds bad-house-rule']],
  [{ wild: 'Q' }, ['houseRules.wild bad-house-rule']],
  [{ answers: 'off' }, ['houseRules.answers answers-not-offered']],
])('setup %j: %j', (houseRules, found) => expect(problemsOf({ game: 'fill-in-order', houseRules })).toEqual(found))

test('four players have two packs by themselves', () => {
  expect(fillInOrder.defaults!({}, 4)).toEqual({ packs: 2 })
  expect(fillInOrder.defaults!({}, 3)).toEqual({})
})

describe('dealt', () => {
  const rules = { ...fillInOrder.houseRules.parse({ wild: 'K' }) } as unknown as FillRules
  const seating = { seats: 2, first: 1, source: 'dealt' as const, seed: 'reef' }
  const { state } = fillInOrder.open(rules, seating, null) as { state: FillState }
  test('what comes up follows from what lies hidden; a wild waits for its place', () => {
    const lie = {
      ...state,
      dealt: {
        ...state.dealt!,
        hidden: [['K', 7, 'Q', 2, 2, 2, 2, 2, 2, 2] as const, state.dealt!.hidden[1]!],
        order: [1, 5] as const,
      },
    }
    expect(fillInOrder.deal(rules, lie, { do: 'turn', by: 1, from: 'stock' } as never, null as never)).toMatchObject({
      brings: { cards: [1, 'K'] },
      unfinished: true,
    })
    const chosen = fillInOrder.deal(
      rules,
      lie,
      { do: 'turn', by: 1, from: 'stock', cards: [1, { wild: 'K', slot: 2 }] } as never,
      null as never,
    )
    expect(chosen).toEqual({
      brings: { cards: [1, { wild: 'K', slot: 2 }, 7, 2] },
      shown: { kind: 'card', values: [1, 'K', 7, 2] },
    })
  })
  test('the board knows nothing of it', () =>
    expect(JSON.stringify(fillInOrder.view(rules, state))).not.toMatch(/hidden|order/))
})

test('which cards would fit, the chance of it, and whom the discard helps', () => {
  const rules = { ...fillInOrder.houseRules.parse({ slots: 3 }) } as unknown as FillRules
  const { state } = fillInOrder.open(rules, { seats: 2, first: 1, source: 'table', seed: null }, null) as {
    state: FillState
  }
  const now: FillState = {
    ...state,
    layouts: [
      [1, null, 3],
      [null, null, null],
    ],
    discards: [9, 2],
    turn: 2,
  }
  expect(outlook(rules, now, 1)).toEqual({ fit: [2], chance: 3 / 48 })
  expect(outlook({ ...rules, wild: 'K' }, now, 1).fit).toEqual([2, 'K'])
  expect(helpedBy(now)).toEqual([2, 1])
  expect(helpedBy({ ...now, discards: [3] })).toEqual([2])
})

describe('without pictures', () => {
  const NUMBERS = { pictures: false, slots: 5 }
  test.each([
    ['a card above the places ends it', [turn(1, [7])], NUMBERS, 'ok'],
    ['a picture', [turn(1, ['Q'])], NUMBERS, 'no-such-card'],
    ['a wild', [turn(1, [{ wild: 'K', slot: 1 }])], NUMBERS, 'malformed'],
  ])('%s', (_what, entries, houseRules, verdict) => expect(last(houseRules, entries)).toBe(verdict))
  test.each([
    [{ pictures: false, wild: 'K' }, ['A', 'B'], ['houseRules.wild wild-not-in-pack']],
    [{ pictures: false, packs: 1 }, ['A', 'B', 'C', 'D'], ['houseRules.slots pack-too-small']],
    [{ pictures: false }, ['A', 'B', 'C', 'D'], []],
  ])('%j: %j', (houseRules, players, found) =>
    expect(problemsOf({ game: 'fill-in-order', players, houseRules })).toEqual(found),
  )
})
