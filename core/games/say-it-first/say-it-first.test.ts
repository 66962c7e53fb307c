import { unsureFacts } from '#core/games/say-it-first/advice'
import { practisedFacts } from '#core/kernel/facts'
import { readMatch } from '#core/format/matchFile'
import { fileOf, inShort, judged, play, problemsOf, scores, type FileParts } from '../../../tests/unit/judging'

const game = (parts: FileParts) => judged({ game: 'say-it-first', ...parts })
const round = (cards: unknown, answers: unknown = [], more: object = {}) =>
  play({ do: 'round', cards, answers, ...more })
const says = (by: number, said: number, more: object = { explained: true }) => ({ by, said, ...more })
const THREE = { players: ['Ines', 'Tomasz', 'Odalys'] }

test.each([
  ['nobody answers', round([3, 7]), {}, 'ok', [0, 0]],
  ['the first right one', round([3, 7], [says(2, 10), says(1, 10)]), {}, 'ok', [0, 2]],
  ['wrong, then right', round([3, 7], [says(2, 11), says(1, 10)]), {}, 'ok', [2, 0]],
  ['the second answer of the same player', round([3, 7], [says(2, 11), says(2, 10)]), {}, 'ok', [0, 0]],
  ['right and not explained', round([3, 7], [says(2, 10, {}), says(1, 10)]), {}, 'ok', [2, 0]],
  ['passed on explaining', round([3, 7], [says(2, 10, { explained: true, how: 'passed' })]), {}, 'ok', [0, 2]],
  ['how alone does not count', round([3, 7], [says(2, 10, { how: 'knew-it' })]), {}, 'ok', [0, 0]],
  ['explaining invited', round([3, 7], [says(2, 10, {})]), { explain: 'invited' }, 'ok', [0, 2]],
  [
    'explaining of the play is not that of the answer',
    round([3, 7], [says(2, 10, {})], { explained: true }),
    {},
    'ok',
    [0, 0],
  ],
  ['times', round([3, 7], [says(1, 10), says(2, 21)]), { combine: 'times' }, 'ok', [0, 2]],
  ['difference, the larger less the smaller', round([3, 7], [says(1, 4)]), { combine: 'difference' }, 'ok', [2, 0]],
  ['too few cards', round([3], [says(1, 3)]), {}, 'wrong-card-count', [0, 0]],
  ['no cards', round([]), {}, 'wrong-card-count', [0, 0]],
  ['a card that is none, before their number', round([3, 7, 10]), {}, 'no-such-card', [0, 0]],
  ['a pair of which there is one', round([3, 3]), { pack: { low: 1, high: 9, copies: 1 } }, 'too-many-copies', [0, 0]],
  ['somebody who is not there', round([3, 7], [says(1, 10), says(3, 10)]), {}, 'no-such-player', [0, 0]],
  ['seat nought', round([3, 7], [says(0, 10)]), {}, 'no-such-player', [0, 0]],
  ['an answer without a number', round([3, 7], [{ by: 1 }]), {}, 'malformed', [0, 0]],
  ['a strange field in an answer', round([3, 7], [says(1, 10, { loud: true })]), {}, 'malformed', [0, 0]],
  ['cards that are none', round(['3', 7]), {}, 'malformed', [0, 0]],
  ['no answers', play({ do: 'round', cards: [3, 7] }), {}, 'malformed', [0, 0]],
  ['with a seat', round([3, 7], [], { by: 1 }), {}, 'malformed', [0, 0]],
])('%s', (_what, entry, houseRules, verdict, kept) => {
  const answer = game({ houseRules, entries: [entry] })
  expect([inShort(answer).at(-1), scores(answer)]).toEqual([verdict, kept])
})

describe('the pot', () => {
  const none = round([3, 7])
  test('goes to the next winner; one left at the end is nobody’s', () => {
    expect(scores(game({ entries: [none, none, round([1, 1], [says(2, 2)])] }))).toEqual([0, 6])
    expect(scores(game({ houseRules: { rounds: 2 }, entries: [round([1, 1], [says(2, 2)]), none] }))).toEqual([0, 2])
  })
  test('put away there is none; what lies in it when a ruling says so stays in it', () => {
    expect(scores(game({ houseRules: { unclaimed: 'away' }, entries: [none, round([1, 1], [says(2, 2)])] }))).toEqual([
      0, 2,
    ])
    const away = { ruling: { houseRules: { unclaimed: 'away' } } }
    expect(scores(game({ entries: [none, away, round([3, 7]), round([1, 1], [says(2, 2)])] }))).toEqual([0, 4])
  })
})

describe('the end', () => {
  const small = { pack: { low: 1, high: 4, copies: 1 } }
  test('when the pack can’t give everyone a card, or after the rounds, whichever comes first', () => {
    expect(game({ ...THREE, houseRules: small, entries: [round([1, 2, 3], [says(3, 6)])] }).result).toMatchObject({
      winners: [3],
      why: 'most-cards',
    })
    expect(game({ houseRules: { ...small, rounds: 9 }, entries: [round([1, 2]), round([3, 4])] }).result).toMatchObject(
      { winners: [1, 2], shared: true },
    )
    expect(game({ houseRules: { ...small, rounds: 1 }, entries: [round([1, 2])] }).result).not.toBeNull()
  })
  test('time ends it at once', () =>
    expect(game({ entries: [round([3, 7], [says(2, 10)]), { call: 'time' }] }).result).toMatchObject({
      winners: [2],
      ended: 'time',
    }))
  test('rulings and awards', () => {
    const rounds = (n: unknown) => ({ ruling: { houseRules: { rounds: n } } })
    const entries = [round([1, 2]), round([3, 4], [says(1, 7)])]
    expect(inShort(game({ entries: [...entries, rounds(1)] })).at(-1)).toBe('already-past')
    expect(game({ entries: [...entries, rounds(2)] }).result).toMatchObject({ winners: [1] })
    expect(inShort(game({ entries: [...entries, rounds('pack')] })).at(-1)).toBe('ok')
    expect(
      scores(
        game({
          entries: [
            ...entries,
            { ruling: { award: { by: 1, points: -5 } } },
            { ruling: { award: { by: 2, points: 3 } } },
          ],
        }),
      ),
    ).toEqual([0, 3])
  })
})

test.each([
  [{ combine: 'difference' }, 3, ['houseRules.combine bad-house-rule']],
  [{ combine: 'difference' }, 2, []],
  [{ pack: { low: 1, high: 2, copies: 1 } }, 3, ['houseRules.pack pack-too-small']],
  [{ answers: 'noted' }, 2, ['houseRules.answers answers-not-offered']],
  [{ tie: 'extra-round' }, 2, ['houseRules.tie tie-not-offered']],
  [{ rounds: 'all' }, 2, ['houseRules.rounds bad-house-rule']],
])('setup %j with %i: %j', (houseRules, seats, found) =>
  expect(
    problemsOf({ game: 'say-it-first', houseRules, players: ['Ines', 'Tomasz', 'Odalys'].slice(0, seats) }),
  ).toEqual(found),
)

test('what each practised, and which facts are not sure', () => {
  const entries = [
    round([3, 7], [says(1, 11, {}), says(2, 10, { explained: true, how: 'counted-on' })]),
    round([7, 3], [says(1, 10, { explained: true, how: 'knew-it' })]),
    round([5, 5], [says(2, 10, { explained: true, how: 'drew-it' })]),
  ]
  const match = readMatch(fileOf({ game: 'say-it-first', entries }))
  if (!match.ok) throw new Error('bad file')
  expect(practisedFacts(match.tape.table, match.tape.lines[0]!)).toMatchObject([
    { by: 1, said: 11, answer: 10, right: false, how: null },
    { by: 2, said: 10, answer: 10, right: true, how: 'counted-on' },
  ])
  expect(unsureFacts(match.tape)).toEqual([
    { operation: 'add', terms: [7, 3], answer: 10, wrong: 1, slow: 1, seats: [1, 2] },
    { operation: 'add', terms: [5, 5], answer: 10, wrong: 0, slow: 1, seats: [2] },
  ])
})

test('alone one turns two cards a round, until two can’t be turned', () => {
  const alone = { players: ['Ines'], houseRules: { pack: { low: 3, high: 7, copies: 1 } } }
  const answer = game({
    ...alone,
    entries: [round([3]), round([3, 7], [says(1, 10)]), round([4, 5], [says(1, 8)]), round([6, 4])],
  })
  expect(inShort(answer)).toEqual(['wrong-card-count', 'ok', 'ok', 'match-over'])
  expect(answer.result).toMatchObject({ winners: [1] })
  expect(scores(answer)).toEqual([2])
  expect(problemsOf({ game: 'say-it-first', players: ['Ines'], houseRules: { combine: 'difference' } })).toEqual([])
  expect(
    problemsOf({ game: 'say-it-first', players: ['Ines'], houseRules: { pack: { low: 1, high: 1, copies: 1 } } }),
  ).toEqual(['houseRules.pack pack-too-small'])
})
