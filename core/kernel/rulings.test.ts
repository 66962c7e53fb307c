import { changeableRules, offersAnswers } from '#core/kernel/houseRules'
import { withFixtures } from '../../tests/games/withFixtures'
import { readMatch } from '#core/format/matchFile'
import { fileOf, inShort, judged } from '../../tests/unit/judging'

const ruling = (houseRules: object) => ({ ruling: { houseRules }, why: 'vote, 4 to 2' })
const award = (by: number, points: number) => ({ ruling: { award: { by, points } } })
const COMMON = { explain: 'off', minutes: 20, tie: 'share', bySeat: { 1: { explain: 'off' } } }

describe.each(withFixtures())('%s', (_id, game, { open, may, points, extraRound }) => {
  const verdict = (entry: object) => inShort(judged({ ...open, entries: [entry] }))[0]
  const all = { ...may, ...COMMON }

  test('what may change is what the fixture lists, beside what all games have', () => {
    const read = readMatch(fileOf(open))
    const offered = read.ok && offersAnswers(game, read.tape.state.rules)
    const changeable = [...changeableRules(game)].filter((rule) => rule !== 'answers' || offered)
    expect(changeable.sort()).toEqual(Object.keys(all).sort())
    for (const [rule, value] of Object.entries(all))
      expect([rule, verdict(ruling({ [rule]: value }))]).toEqual([rule, 'ok'])
  })
  test('everything else stays as agreed', () => {
    for (const rule of [...Object.keys(game.houseRules.shape), 'nonsense', 'colour'])
      if (!(rule in all)) expect([rule, verdict(ruling({ [rule]: 1 }))]).toEqual([rule, 'not-changeable'])
  })
  test('a value out of bounds is refused as it would be in setup', () => {
    for (const rule of Object.keys(all))
      expect([rule, verdict(ruling({ [rule]: -1_000_000 }))]).toEqual([rule, 'bad-house-rule'])
  })
  test('several rules at once: all or none', () => {
    const answer = judged({
      ...open,
      entries: [ruling({ ...may, explain: 'required' }), ruling({ explain: 'off', nonsense: 1 })],
    })
    expect(inShort(answer)).toEqual(['ok', 'not-changeable'])
  })
  test('points by ruling where there are points', () => {
    expect(verdict(award(1, 2))).toBe(points ? 'ok' : 'no-points-here')
    expect(verdict(award(9, 2))).toBe('no-such-player')
    expect(verdict(award(1, 0))).toBe('malformed')
  })
  test('an extra round and answers only where they are offered', () => {
    expect(verdict(ruling({ tie: 'extra-round' }))).toBe(extraRound ? 'ok' : 'tie-not-offered')
    // Under the rules of `open`: there are games that ask only under some.
    const read = readMatch(fileOf(open))
    const offered = read.ok && offersAnswers(game, read.tape.state.rules)
    expect(verdict(ruling({ answers: 'noted' }))).toBe(offered ? 'ok' : 'not-changeable')
    expect(verdict(ruling({ bySeat: { 1: { answers: 'off' } } }))).toBe(offered ? 'ok' : 'answers-not-offered')
  })
})
