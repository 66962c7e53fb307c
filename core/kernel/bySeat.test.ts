import { withFixtures } from '../../tests/games/withFixtures'
import { inShort, judged, problemsOf } from '../../tests/unit/judging'

test.each([
  [{ 2: { explain: 'off' } }, []],
  [{ 1: { answers: 'off', explain: 'required' } }, []],
  [{ 3: { explain: 'off' } }, ['houseRules.bySeat.3 bad-house-rule']],
  [{ 0: { explain: 'off' } }, ['houseRules.bySeat.0 bad-house-rule']],
  [{ one: { explain: 'off' } }, ['houseRules.bySeat.one bad-house-rule']],
  [{ 1: {} }, ['houseRules.bySeat.1 bad-house-rule']],
  [{ 1: { tie: 'share' } }, ['houseRules.bySeat.1 bad-house-rule']],
  [{ 1: { explain: 'never' } }, ['houseRules.bySeat.1.explain bad-house-rule']],
  [[], ['houseRules.bySeat bad-house-rule']],
])('bySeat %j: %j', (bySeat, found) => expect(problemsOf({ houseRules: { bySeat } })).toEqual(found))

const roll = (by: number) => ({ play: { do: 'roll', by, dice: [6, 5, 4, 1, 1] } })
const stop = (by: number, more: object = {}) => ({ play: { do: 'stop', by, ...more } })

test('what counts for a seat of its own counts there alone', () => {
  const houseRules = { answers: 'must-be-right', bySeat: { 2: { answers: 'off', explain: 'required' } } }
  const entries = [roll(1), stop(1), stop(1, { said: 17 }), roll(2), stop(2), stop(2, { said: 1, explained: true })]
  expect(inShort(judged({ houseRules, entries }))).toEqual(['ok', 'answer-missing', 'ok', 'ok', 'unexplained', 'ok'])
})

test('a ruling gives the whole of it anew', () => {
  const ruling = (bySeat: object) => ({ ruling: { houseRules: { bySeat } } })
  const houseRules = { explain: 'required', bySeat: { 1: { explain: 'off' } } }
  const entries = [
    ruling({ 2: { explain: 'off' } }),
    roll(1),
    stop(1),
    ruling({ 1: { explain: 'off' } }),
    stop(1),
    ruling({ 5: { explain: 'off' } }),
  ]
  expect(inShort(judged({ houseRules, entries }))).toEqual(['ok', 'ok', 'unexplained', 'ok', 'ok', 'bad-house-rule'])
})

test('Say It First goes by the seat that answered', () => {
  const round = (by: number) => ({ play: { do: 'round', cards: [3, 4], answers: [{ by, said: 7 }] } })
  const answer = judged({
    game: 'say-it-first',
    houseRules: { bySeat: { 2: { explain: 'off' } } },
    entries: [round(1), round(2)],
  })
  expect(answer.standing.map(({ score }) => score)).toEqual([0, 4])
})

test('Table Ladder fills a rung right where nothing is asked of that seat', () => {
  const rung = (by: number) => ({ play: { do: 'rung', by, roll: 4 } })
  const houseRules = { answers: 'noted', order: 'race', win: 'most-right', bySeat: { 2: { answers: 'off' } } }
  const answer = judged({ game: 'table-ladder', houseRules, entries: [rung(1), rung(2)] })
  expect(answer.standing.map(({ score }) => score)).toEqual([0, 1])
})

test('Column Keeper passes over those who are not asked for a total', () => {
  const put = (by: number, card: number) => ({ play: { do: 'put', by, card, in: 'ones' } })
  const total = (by: number, said: number) => ({ play: { do: 'total', by, said } })
  const game = 'column-keeper'
  const rules = { columns: 2, perColumn: 1, discards: 0, rounds: 1 }
  const tens = (by: number, card: number) => ({ play: { do: 'put', by, card, in: 'tens' } })
  const filled = [put(1, 3), put(2, 4), tens(1, 5), tens(2, 6)]
  const seats = (bySeat: object, entries: object[]) =>
    judged({ game, houseRules: { ...rules, bySeat }, entries: [...filled, ...entries] })
  expect(inShort(seats({ 1: { answers: 'off' } }, [total(1, 53), total(2, 64)])).slice(4)).toEqual([
    'not-their-turn',
    'ok',
  ])
  // Nobody is asked: the round is decided with the last card.
  expect(seats({ 1: { answers: 'off' }, 2: { answers: 'off' } }, []).result).toMatchObject({ winners: [2] })
  // Somebody who is asked by ruling tells theirs too.
  const asked = { ruling: { houseRules: { bySeat: {} } } }
  expect(inShort(seats({ 1: { answers: 'off' } }, [asked, total(1, 53), total(2, 64)])).slice(4)).toEqual([
    'ok',
    'ok',
    'ok',
  ])
})

test.each(withFixtures())(
  '%s: the same for everyone by seat is the same as for all',
  (_id, _game, { match: { parts } }) => {
    const seats = parts.players?.length ?? 2
    const same = { explain: 'off' }
    const bySeat = Object.fromEntries(Array.from({ length: seats }, (_, i) => [i + 1, same]))
    const one = judged({ ...parts, houseRules: { ...parts.houseRules, explain: 'required', bySeat } })
    const other = judged({ ...parts, houseRules: { ...parts.houseRules, explain: 'off' } })
    expect(inShort(one)).toEqual(inShort(other))
  },
)
