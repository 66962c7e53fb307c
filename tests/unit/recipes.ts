import * as fc from 'fast-check'

/** Random recipes of own games, most of them in order: whoever uses them leaves out those that are refused. */

const small = fc.integer({ min: -30, max: 120 })
const brings = fc.oneof(
  fc.record({
    kind: fc.constant('dice'),
    sides: fc.array(fc.integer({ min: 2, max: 12 }), { minLength: 1, maxLength: 3 }),
  }),
  fc.record({
    kind: fc.constant('spinner'),
    faces: fc.array(fc.integer({ min: -6, max: 12 }), { minLength: 2, maxLength: 6 }),
    spins: fc.integer({ min: 1, max: 2 }),
  }),
  fc.record({
    kind: fc.constant('cards'),
    pack: fc.record({
      low: fc.integer({ min: 0, max: 2 }),
      high: fc.integer({ min: 4, max: 10 }),
      copies: fc.integer({ min: 1, max: 4 }),
    }),
    draw: fc.integer({ min: 1, max: 3 }),
  }),
)
const way = fc.record({
  makes: fc.constantFrom('sum', 'product', 'largest', 'smallest', 'difference', 'number', 'calculation'),
  does: fc.constantFrom('add', 'take'),
})
const with_ = (is: string, n: fc.Arbitrary<number>) => n.map((value) => ({ is, n: value }))
const when = fc.oneof(
  fc.constantFrom({ is: 'same' }, { is: 'even' }, { is: 'odd' }, { is: 'on-other' }),
  with_('has', fc.integer({ min: 1, max: 6 })),
  with_('all', fc.integer({ min: 1, max: 6 })),
  with_('result', small),
  with_('multiple', fc.integer({ min: 2, max: 7 })),
  with_('over', small),
  with_('under', small),
  with_('on', fc.integer({ min: 0, max: 20 })),
  with_('on-multiple', fc.integer({ min: 2, max: 7 })),
)
const then = fc.oneof(
  fc.constantFrom(
    ...['again', 'end-turn', 'miss', 'nothing', 'double', 'opposite', 'bust', 'lose-all', 'send-back'].map((does) => ({
      do: does,
    })),
  ),
  fc.integer({ min: 1, max: 9 }).map((n) => ({ do: 'points', n: n - 5 || 5 })),
  fc.integer({ min: 0, max: 20 }).map((n) => ({ do: 'go-to', n })),
)
const track = fc.record(
  {
    from: fc.integer({ min: -5, max: 0 }),
    to: fc.integer({ min: 8, max: 30 }),
    start: fc.integer({ min: 0, max: 5 }),
    past: fc.constantFrom('stay', 'stop-there', 'turn-back', 'round', 'start-again'),
  },
  { requiredKeys: ['from', 'to', 'start'] },
)

/** House rules of an own game, some left out; rounds are few, so that matches end. */
export const recipes = fc.record(
  {
    brings,
    ways: fc.array(way, { minLength: 1, maxLength: 3 }),
    signs: fc.uniqueArray(fc.constantFrom('add', 'subtract', 'times', 'divide'), { minLength: 1 }),
    useAll: fc.boolean(),
    scoring: fc.constantFrom('gains', 'gains', 'gains', 'distance', 'best-of-round'),
    target: fc.oneof(fc.constant(null), small),
    better: fc.constantFrom('higher', 'lower', 'nearest'),
    worth: fc.constantFrom('one', 'result'),
    tied: fc.constantFrom('nobody', 'all'),
    throws: fc.oneof(fc.integer({ min: 1, max: 3 }), fc.constant('choice')),
    start: fc.integer({ min: 0, max: 30 }),
    floor: fc.constantFrom(null, 0, -10),
    track,
    specials: fc.array(fc.record({ when, then }), { maxLength: 4 }),
    rounds: fc.integer({ min: 1, max: 6 }),
    goal: fc.oneof(fc.constant(null), small),
    reach: fc.constantFrom('at-least', 'exactly'),
    finish: fc.constantFrom('at-once', 'even-turns'),
    wins: fc.constantFrom('most', 'fewest', 'nearest'),
    asks: fc.constantFrom('result', 'score', 'nothing'),
    tie: fc.constantFrom('share', 'share', 'extra-round'),
  },
  { requiredKeys: ['rounds', 'brings'] },
)
