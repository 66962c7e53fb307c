import fc from 'fast-check'
import type { Game } from '#core/contract/game'
import { askForRest } from '#core/games/ask-for-rest/index'
import { canHold, mustHold } from '#core/kit/hands'
import type { AskState } from '#core/games/ask-for-rest/rules'
import { openMatch } from '#core/kernel/match'
import { randomFor, type Random } from '#core/basics/random'
import { addEntry, foldTape, type Tape } from '#core/kernel/tape'
import { inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'ask-for-rest', players: ['Ines', 'Tomasz', 'Bao'], ...parts })
const lay = (by: number, a: number, b: number, more: object = {}) => play({ do: 'lay', by, cards: [a, b], ...more })
const ask = (by: number, of: number, card: number, got: boolean) => play({ do: 'ask', by, of, for: card, got })
const draw = (by: number, card?: number) => play({ do: 'draw', by, ...(card === undefined ? {} : { card }) })
const replace = (by: number, card: number) => play({ do: 'replace', by, card })
const over = (entry: object) => ({ ...entry, overrule: 'I saw it' })
const TEN = { pack: { low: 1, high: 10, copies: 4 } }
/** All fours and sixes laid: four pairs. */
const ALL_46 = [1, 2, 3, 1].map((by) => lay(by, 4, 6))

test.each([
  ['a pair', [lay(2, 3, 7)], {}, 'ok'],
  ['one over', [lay(2, 8, 3)], {}, 'wrong-total'],
  ['a card that isn’t', [lay(2, 0, 10)], {}, 'no-such-card'],
  ['a fifth four', [...ALL_46, lay(1, 4, 6)], {}, 'too-many-copies'],
  ['one card of a pair', [play({ do: 'lay', by: 1, cards: [5] })], {}, 'malformed'],
  ['more pairs than cards', [lay(1, 4, 6), lay(1, 3, 7), lay(1, 2, 8)], {}, 'not-in-hand'],
  ['not explained', [lay(1, 4, 6)], { explain: 'required' }, 'unexplained'],
  ['a question', [ask(1, 2, 3, true)], {}, 'ok'],
  ['out of turn', [ask(2, 1, 3, true)], {}, 'not-their-turn'],
  ['nobody in seat 4', [ask(1, 4, 3, true)], {}, 'no-such-player'],
  ['oneself', [ask(1, 1, 3, true)], {}, 'asked-self'],
  ['for a zero', [ask(1, 2, 0, false)], {}, 'no-such-card'],
  ['for a dead card', [ask(1, 2, 10, false)], TEN, 'dead-card'],
  ['twice in a turn', [ask(1, 2, 3, true), ask(1, 2, 4, true)], {}, 'not-their-turn'],
  ['again where that is earned', [ask(1, 2, 3, true), ask(1, 2, 4, true)], { again: 'on-success' }, 'ok'],
  ['a partner that all lie', [...ALL_46, ask(1, 2, 4, false)], {}, 'cannot-hold-partner'],
  ['a question while a draw is owed', [ask(1, 2, 3, false), ask(2, 1, 3, true)], {}, 'not-now'],
  ['drawing for another', [ask(1, 2, 3, false), draw(2)], {}, 'not-their-turn'],
  ['drawing unasked', [draw(1)], {}, 'not-now'],
  ['drawing after a yes', [ask(1, 2, 3, true), draw(1)], {}, 'not-now'],
  ['drawing', [ask(1, 2, 3, false), draw(1)], {}, 'ok'],
  ['drawing an eleven', [ask(1, 2, 3, false), draw(1, 11)], {}, 'no-such-card'],
  ['laying while a draw is owed', [ask(1, 2, 3, false), lay(3, 4, 6)], {}, 'ok'],
  ['the ten left in', [replace(1, 10)], {}, 'ok'],
  ['a fifth ten of the pack', [1, 2, 3, 1, 2].map((by) => replace(by, 10)), TEN, 'too-many-copies'],
  ['a card that has a partner', [replace(1, 9)], {}, 'card-has-partner'],
  ['a five has one, among four', [replace(1, 5)], {}, 'card-has-partner'],
  ['a five alone has none', [replace(1, 5)], { pack: { low: 1, high: 9, copies: 1 }, hand: 2 }, 'ok'],
])('%s: %s', (_what, entries, houseRules, verdict) => {
  expect(inShort(game({ houseRules, entries })).at(-1)).toBe(verdict)
})

describe('what is known', () => {
  test('asking shows the partner: it can’t be denied later, nor be in another hand when all others are known', () => {
    const asked = [ask(1, 2, 3, false), draw(1)]
    expect(inShort(game({ entries: [...asked, ask(2, 1, 7, false)] })).at(-1)).toBe('denied-known-card')
    expect(inShort(game({ entries: [...asked, over(ask(2, 1, 7, false))] })).at(-1)).toBe('ok')
    // Laid since: it may be denied now.
    expect(inShort(game({ entries: [...asked, lay(1, 3, 7), ask(2, 1, 7, false)] })).at(-1)).toBe('ok')
  })
  test('a drawn card that was shown is known', () => {
    const entries = [ask(1, 2, 3, false), draw(1, 4), ask(2, 1, 4, false)]
    expect(inShort(game({ entries })).at(-1)).toBe('denied-known-card')
  })
  test('a no never makes a later play fail', () => {
    const entries = [ask(1, 2, 3, false), draw(1), ask(2, 3, 7, true)]
    expect(inShort(game({ entries })).at(-1)).toBe('ok')
  })
  test('shown copies are counted over the hands', () => {
    // One copy each: the 7 is Ines’s, so nobody else can hold it, draw it or ask for the 3.
    const houseRules = { pack: { low: 1, high: 9, copies: 1 }, hand: 2 }
    const players = ['Ines', 'Tomasz', 'Bao']
    const asked = [ask(1, 2, 3, false), draw(1)]
    expect(inShort(game({ players, houseRules, entries: [...asked, ask(2, 3, 3, false)] })).at(-1)).toBe(
      'cannot-hold-partner',
    )
    expect(inShort(game({ players, houseRules, entries: [...asked, ask(2, 3, 7, true)] })).at(-1)).toBe('not-in-hand')
    expect(inShort(game({ players, houseRules, entries: [...asked, lay(3, 3, 7)] })).at(-1)).toBe('not-in-hand')
    expect(inShort(game({ players, houseRules, entries: [...asked, ask(2, 3, 6, false), draw(2, 7)] })).at(-1)).toBe(
      'too-many-copies',
    )
    expect(
      inShort(
        game({
          players,
          houseRules,
          entries: [...asked, over(lay(3, 3, 7)), ask(2, 1, 6, false), ask(3, 1, 8, false)],
        }),
      ).slice(2),
    ).toEqual(['ok', 'ok', 'ok'])
  })
  test('a hand holds no more than its places', () => {
    const houseRules = { hand: 2 }
    // Ines showed a 7 and a 4: both her places are known.
    const entries = [
      ask(1, 2, 3, false),
      draw(1, 4),
      ask(2, 3, 9, false),
      draw(2),
      ask(3, 1, 9, false),
      draw(3),
      ask(1, 2, 8, false),
    ]
    expect(inShort(game({ houseRules, entries })).at(-1)).toBe('ok')
    const full = { hand: 1 }
    expect(
      inShort(game({ houseRules: full, entries: [ask(1, 2, 3, false), draw(1, 4), ask(2, 1, 9, true)] })).at(-1),
    ).toBe('not-in-hand')
  })
  test('counting the last cards', () => {
    const state = {
      hands: [
        { size: 2, known: [] },
        { size: 1, known: [] },
      ],
      stock: 0,
      laid: [1, 9, 2, 8, 3, 7],
    }
    const pack = { low: 1, high: 9, copies: 1 }
    // Unseen are 4, 5 and 6 (the 5 has no partner but is a card of this pack).
    expect(canHold(pack, state, 1, [4, 6])).toBe(true)
    expect(canHold(pack, state, 2, [4, 6])).toBe(false)
    expect(mustHold(pack, state, 1, 4)).toBe(false)
    expect(
      mustHold(
        pack,
        {
          ...state,
          hands: [
            { size: 3, known: [] },
            { size: 0, known: [] },
          ],
        },
        1,
        4,
      ),
    ).toBe(true)
  })
  test('denied earlier is noted, and forgotten with an unseen draw', () => {
    const notesOf = (entries: unknown[]) =>
      game({ entries })
        .verdicts.at(-1)!
        .notes?.map(({ code }) => code) ?? []
    expect(notesOf([ask(1, 2, 3, false), draw(1), lay(2, 3, 7)])).toContain('denied-earlier')
    expect(notesOf([ask(1, 2, 3, false), draw(1), ask(2, 3, 4, false), draw(2), lay(2, 3, 7)])).not.toContain(
      'denied-earlier',
    )
    expect(notesOf([ask(1, 2, 3, false), draw(1), ask(2, 3, 4, false), draw(2, 9), lay(2, 3, 7)])).toContain(
      'denied-earlier',
    )
    expect(notesOf([ask(1, 2, 3, false), draw(1), ask(2, 3, 4, false), draw(2, 3), lay(2, 3, 7)])).not.toContain(
      'denied-earlier',
    )
  })
})

describe('hands and stock', () => {
  test('an empty hand draws a new one; nobody there is passed over', () => {
    const houseRules = { hand: 2, pack: { low: 1, high: 9, copies: 1 } }
    const players = ['Ines', 'Tomasz']
    // Eight live cards, four in the stock. Both hands empty at a granted question: the asker draws first.
    const answer = game({
      players,
      houseRules: { ...houseRules, hand: 3 },
      entries: [lay(1, 4, 6), lay(2, 3, 7), ask(1, 2, 1, true)],
    })
    // Two cards were left: they are Ines’s now, so Tomasz is out.
    expect(inShort(answer)).toEqual(['ok', 'ok', 'ok'])
    expect(answer.awaits!.seats).toEqual([1])
    expect(
      inShort(
        game({
          players,
          houseRules: { ...houseRules, hand: 3 },
          entries: [lay(1, 4, 6), lay(2, 3, 7), ask(1, 2, 1, true), ask(1, 2, 8, true)],
        }),
      ).at(-1),
    ).toBe('nobody-there')
    const ended = game({
      players,
      houseRules: { ...houseRules, hand: 3 },
      entries: [lay(1, 4, 6), lay(2, 3, 7), ask(1, 2, 1, true), lay(1, 2, 8)],
    })
    expect([ended.result!.winners, scores(ended)]).toEqual([[1], [3, 1]])
  })
  test('nothing left to draw: the turn passes at the refusal, and drawing is too late', () => {
    const houseRules = { hand: 4, pack: { low: 1, high: 9, copies: 1 } }
    const players = ['Ines', 'Tomasz']
    const refusal = [ask(1, 2, 3, false)]
    const answer = game({ players, houseRules, entries: refusal })
    expect(answer.awaits!.seats).toEqual([2])
    expect(inShort(game({ players, houseRules, entries: [...refusal, draw(1)] })).at(-1)).toBe('stock-empty')
    expect(inShort(game({ players, houseRules, entries: [...refusal, draw(2)] })).at(-1)).toBe('not-now')
    expect(inShort(game({ players, houseRules, entries: [...refusal, ask(2, 1, 9, true), draw(1)] })).at(-1)).toBe(
      'not-now',
    )
  })
  test('with no stock a hand follows from the other: denying what must be there', () => {
    const houseRules = { hand: 4, pack: { low: 1, high: 9, copies: 1 } }
    // Ines lays three cards’ worth; what she does not hold Tomasz must.
    const entries = [lay(1, 4, 6), lay(2, 3, 7), ask(1, 2, 1, false)]
    expect(
      inShort(game({ players: ['Ines', 'Tomasz'], houseRules, entries: [...entries, ask(2, 1, 9, false)] })).at(-1),
    ).toBe('denied-known-card')
  })
  test('a new hand that empties the stock lets an owed draw fall away', () => {
    // Eight live cards, three hands of two, two in the stock.
    const houseRules = { hand: 2, pack: { low: 1, high: 9, copies: 1 } }
    const entries = [ask(1, 2, 3, false), lay(3, 4, 6)]
    const answer = game({ houseRules, entries })
    expect(answer.awaits).toEqual({ seats: [2], plays: ['ask', 'lay'] })
    expect(inShort(game({ houseRules, entries: [...entries, draw(1)] })).at(-1)).toBe('stock-empty')
  })
})

test('the end: all laid, or the stock empty and no pair possible; most pairs', () => {
  const houseRules = { hand: 1, pack: { low: 5, high: 5, copies: 3 } }
  const answer = game({ houseRules, players: ['Ines', 'Tomasz'], entries: [ask(1, 2, 5, true)] })
  // The third five is drawn as a new hand and has no partner left.
  expect(answer.result).toMatchObject({ winners: [1], shared: false })
})

test('time finishes the round; awards', () => {
  const entries = [ask(1, 2, 3, true), { call: 'time' }, ask(2, 3, 4, true), ask(3, 1, 9, false)]
  expect(game({ entries }).result).toBeNull()
  expect(game({ entries: [...entries, draw(3)] }).result).toMatchObject({
    winners: [1, 2],
    shared: true,
    ended: 'time',
  })
  expect(
    scores(
      game({ entries: [{ ruling: { award: { by: 2, points: 2 } } }, { ruling: { award: { by: 1, points: -2 } } }] }),
    ),
  ).toEqual([0, 2, 0])
})

test.each([
  [{ target: 30 }, ['houseRules.target target-out-of-reach']],
  [{ target: 10, pack: { low: 5, high: 5, copies: 1 } }, ['houseRules.target target-out-of-reach']],
  [{ hand: 13 }, ['houseRules.pack pack-too-small']],
  [{ hand: 12 }, []],
  [{ target: 9, hand: 12 }, ['houseRules.pack pack-too-small']],
  [{ again: 'always' }, ['houseRules.again bad-house-rule']],
])('setup %j: %j', (houseRules, found) => {
  expect(problemsOf({ game: 'ask-for-rest', players: ['Ines', 'Tomasz', 'Bao'], houseRules })).toEqual(found)
})

test('dealt: hands follow from the seed, and everything is known', () => {
  const found = new Set<string>()
  for (let card = 1; card <= 9; card++)
    for (const got of [true, false])
      found.add(inShort(game({ source: 'dealt', seed: 'buoy', entries: [ask(1, 2, card, got)] }))[0]!)
  expect([...found].sort()).toEqual(expect.arrayContaining(['cannot-hold-partner', 'denied-known-card', 'ok']))
})

test('whatever really happens with real hands is never refused at a table', () => {
  fc.assert(
    fc.property(
      fc.record({
        seed: fc.nat(1e6),
        seats: fc.integer({ min: 2, max: 4 }),
        copies: fc.constantFrom(1, 2, 4),
        hand: fc.integer({ min: 1, max: 3 }),
        again: fc.constantFrom('never', 'on-success'),
      }),
      ({ seed, seats, copies, hand, again }) => {
        const houseRules = { pack: { low: 1, high: 9, copies }, hand: Math.min(hand, copies === 1 ? 2 : 3), again }
        const players = Array.from({ length: seats }, (_, i) => `P${i + 1}`)
        const setup = { houseRules, players, first: 1, seed: String(seed), opening: null }
        const dealt = openMatch(askForRest as unknown as Game, { ...setup, source: 'dealt' })
        const table = openMatch(askForRest as unknown as Game, { ...setup, source: 'table', seed: null })
        if (!dealt.ok || !table.ok) throw new Error('refused')
        const random = randomFor(seed)
        let real = foldTape(dealt.table, dealt.state, [])
        for (let n = 0; n < 60 && !real.state.result; n++)
          real = addEntry(real, { play: trueplay(real.state.game as AskState, random) })
        const judgedAtTable = foldTape(
          table.table,
          table.state,
          real.lines.map(({ raw }) => raw),
        )
        const refusals = (tape: Tape) => tape.lines.map(({ raw, verdict }) => [raw, verdict.reason])
        expect(refusals(real).filter(([, reason]) => reason)).toEqual([])
        expect(refusals(judgedAtTable).filter(([, reason]) => reason)).toEqual([])
        expect(judgedAtTable.state.result).toEqual(real.state.result)
      },
    ),
    { numRuns: 150 },
  )
})

/** A truthful play, sensible or not: what might happen at a real table with these hands. */
function trueplay(state: AskState, random: Random): object {
  if (state.owed !== null && random.whole(0, 2))
    return { do: 'draw', by: state.owed, ...(random.whole(0, 1) ? { card: state.order![0] } : {}) }
  const pairs = state.hands.flatMap(({ known }, i) =>
    known.flatMap((a, at) =>
      known
        .slice(at + 1)
        .filter((b) => a + b === 10)
        .map((b) => ({ do: 'lay', by: i + 1, cards: [a, b] })),
    ),
  )
  const asked = state.hands.flatMap(({ size }, i) => (size > 0 && i + 1 !== state.turn ? [i + 1] : []))
  if (pairs.length && (state.owed !== null || !asked.length || !random.whole(0, 3))) return random.oneOf(pairs)
  if (state.owed !== null) return { do: 'draw', by: state.owed }
  const of = random.oneOf(asked)
  const card = 10 - random.oneOf(state.hands[state.turn - 1]!.known)
  // The asker's own copy does not count when a card is its own rest.
  return { do: 'ask', by: state.turn, of, for: card, got: state.hands[of - 1]!.known.includes(card) }
}

test('a card put out is looked at for its copies before its partner, as every card is', () => {
  const few = { houseRules: { hand: 2, pack: { low: 1, high: 9, copies: 1 } }, players: ['A', 'B', 'C', 'D'] }
  const laid = { do: 'lay', by: 1, cards: [3, 7] }
  const replace = (card: number) => play({ do: 'replace', by: 2, card })
  const answer = judged({ game: 'ask-for-rest', ...few, entries: [play(laid), replace(3), replace(4)] })
  expect(inShort(answer)).toEqual(['ok', 'too-many-copies', 'card-has-partner'])
})
