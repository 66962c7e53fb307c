import { cellOf, foldFact, keyOf } from '#core/mastery/cells'
import { masteryOf, shakyOnes, type Try } from '#core/mastery/mastery'
import { slipKind, slipsOf } from '#core/mastery/slips'
import { sayEvidence, sayMastery, sayTry } from '#core/wording/mastery'

const NOW = Date.parse('2026-11-26T12:00:00Z')
const ago = (days: number) => new Date(NOW - days * 86_400_000).toISOString()
const tried = (right: boolean, days = 1, changes: Partial<Try> = {}): Try => ({
  operation: 'add',
  terms: [3, 7],
  answer: 10,
  said: right ? 10 : 11,
  right,
  how: null,
  evidence: 'said',
  at: ago(days),
  ...changes,
})
const statusOf = (tries: readonly Try[]) => masteryOf(tries, NOW).get('add 3 7')

describe('a fact’s place', () => {
  test.each([
    ['add', [7, 3], 10, 'add 3 7'],
    ['add', [0, 12], 12, 'add 0 12'],
    ['subtract', [14, 8], 6, 'add 6 8'],
    ['subtract', [10, 10], 0, 'add 0 10'],
    ['times', [12, 4], 48, 'times 4 12'],
    ['add', [13, 1], 14, null],
    ['add', [1, 2, 3], 6, null],
    ['subtract', [3, 5], -2, null],
    ['compare', [3, 5], 0, null],
  ] as const)('%s %j = %i: %s', (operation, terms, answer, key) => {
    const cell = foldFact({ operation, terms, answer })
    expect(cell && keyOf(cell)).toBe(key)
    if (cell) expect(cellOf(keyOf(cell))).toEqual(cell)
  })
})

describe('shaky', () => {
  test.each([
    ['few tries say nothing, wrong ones neither', [tried(false), tried(false)], 'unseen', undefined],
    ['right three times', [tried(true), tried(true), tried(true)], 'sure', undefined],
    ['wrong the last time', [tried(true, 3), tried(true, 2), tried(false, 1)], 'shaky', 'wrong-last'],
    ['wrong a third of the time lately', [tried(false, 3), tried(true, 2), tried(true, 1)], 'shaky', 'wrong-often'],
    ['wrong long ago, right since', [tried(false, 200), tried(true, 2), tried(true, 1)], 'sure', undefined],
    ['the order given does not matter', [tried(true, 1), tried(false, 200), tried(true, 2)], 'sure', undefined],
    ['passed on explaining', [1, 2, 3].map((days) => tried(true, days, { how: 'passed' })), 'shaky', 'unexplained'],
    ['not asked how', [1, 2, 3].map((days) => tried(true, days)), 'sure', undefined],
    [
      'explained since',
      [tried(true, 9, { how: 'passed' }), ...[1, 2, 3].map((days) => tried(true, days, { how: 'made-ten' }))],
      'sure',
      undefined,
    ],
  ] as const)('%s', (_what, tries, status, code) => {
    expect(statusOf(tries)).toMatchObject({ status })
    expect(statusOf(tries)?.why?.code).toBe(code)
  })
  test.each([
    ['silent all along', ['met', 'met', 'met', 'met'], 'met', 0, '4 met'],
    ['with an aid each time', ['helped', 'helped', 'helped'], 'met', 0, '3 with help'],
    ['said once among many that were only played', ['said', 'met', 'met', 'met'], 'unseen', 1, '1 said, 3 met'],
    ['said and explained', ['said', 'said', 'explained', 'helped'], 'sure', 3, '2 said, 1 with help, 1 explained'],
  ] as const)('sure only from what was said or explained: %s', (_what, kinds, status, tries, rests) => {
    const found = statusOf(
      kinds.map((evidence, i) => tried(true, i, { evidence, said: evidence === 'said' ? 10 : null })),
    )
    expect(found).toMatchObject({ status, tries, right: tries })
    expect(sayEvidence(found!)).toBe(rests)
  })
  test('a fact that was only met says so', () => {
    expect(sayMastery(statusOf([tried(true, 1, { said: null, evidence: 'met' })])!)).toBe(
      '3 + 7: met, nothing said yet.',
    )
  })
  test('the reason is told with its numbers', () => {
    const says = (tries: readonly Try[]) => sayMastery(statusOf(tries)!)
    expect(says([tried(true, 3), tried(true, 2), tried(false, 1)])).toBe(
      '3 + 7: shaky, wrong the last time (said 11); 2 of 3 right.',
    )
    expect(says([tried(false, 3), tried(true, 2), tried(true, 1)])).toBe(
      '3 + 7: shaky, 1 of 3 wrong, the later ones weighing more.',
    )
    expect(says([1, 2, 3].map((days) => tried(true, days, { how: 'passed' })))).toBe(
      '3 + 7: shaky, right, but passed on explaining 3 of the last 3 times.',
    )
    expect(says([tried(true)])).toBe('3 + 7: not seen enough yet, 1 try.')
  })
  test('taking away counts with its sum, the newest first', () => {
    const away = { operation: 'subtract', terms: [10, 3], answer: 7 } as const
    const all = masteryOf(
      [
        tried(true),
        tried(true),
        tried(false, 0, away),
        ...[1, 2, 3].map((days) => tried(false, days, { terms: [1, 1], answer: 2 })),
      ],
      NOW,
    )
    expect(shakyOnes(all).map(({ key }) => key)).toEqual(['add 3 7', 'add 1 1'])
  })
})

describe('slips', () => {
  test.each([
    [11, 'one-off'],
    [20, 'ten-off'],
    [21, 'other-operation'],
    [4, 'other-operation'],
    [15, 'other'],
    [10, null],
    [null, null],
  ] as const)('3 + 7, said %j: %s', (said, kind) => {
    expect(slipKind(tried(false, 1, { said }))).toBe(kind)
  })
  test('digits swapped', () => {
    expect(slipKind(tried(false, 1, { terms: [6, 8], answer: 14, said: 41 }))).toBe('swapped')
  })
  test('a number left out of several', () => {
    expect(slipKind(tried(false, 1, { terms: [5, 4, 3], answer: 12, said: 7 }))).toBe('a-part')
  })
  test('by how often, with the newest as it was', () => {
    const found = slipsOf([tried(false, 5), tried(false, 2), tried(false, 1, { said: 20 }), tried(true)])
    expect(found.map(({ kind, count }) => [kind, count])).toEqual([
      ['one-off', 2],
      ['ten-off', 1],
    ])
    expect(sayTry(found[0]!.newest)).toBe('3 + 7 = 10, said 11')
  })
})
