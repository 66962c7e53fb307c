import { CHANGEABLE, houseRulesSchema } from '#core/houseRules'
import { GAMES, gameById } from '#core/games/index'
import { inShort, judged, type FileParts } from '../tests/unit/judging'

const ruling = (houseRules: object) => ({ ruling: { houseRules }, why: 'vote, 4 to 2' })
const award = (by: number, points: number) => ({ ruling: { award: { by, points } } })
/** A match that can be opened, of each game. */
const PARTS: Readonly<Record<string, FileParts>> = {
  'roof-tiles': { houseRules: { rows: 1 }, opening: { layouts: [[[4]], [[5]]] } },
}
const verdict = (game: string, entry: object) => inShort(judged({ game, ...PARTS[game], entries: [entry] }))[0]

/** For each game the rules that may be changed in the middle of a match, each with a value that fits. */
const MAY: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  'ask-for-rest': { again: 'on-success' },
  'roof-tiles': { passes: 3 },
  'perch-and-push': { goal: 4, afterPush: 'leave', safeStack: 2 },
  'hundred-stops': { finish: 'at-once', answers: 'off' },
  brim: { rounds: 7, mustFreeze: 1, answers: 'off' },
  'column-keeper': { rounds: 7, answers: 'off' },
}
const COMMON = { explain: 'off', minutes: 20, tie: 'share' }

describe.each(GAMES.map(({ id }) => id))('%s', (id) => {
  const game = gameById(id)!
  test('what may change is what the rulebook lists and the game has', () => {
    const has = Object.keys(houseRulesSchema(game).shape)
    expect(has.filter((rule) => CHANGEABLE.has(rule)).sort()).toEqual(Object.keys({ ...MAY[id], ...COMMON }).sort())
    for (const [rule, value] of Object.entries({ ...MAY[id], ...COMMON })) expect([rule, verdict(id, ruling({ [rule]: value }))]).toEqual([rule, 'ok'])
  })
  test('everything else stays as agreed', () => {
    for (const rule of [...Object.keys(game.houseRules.shape), 'nonsense', 'wrongCall', 'over'])
      if (!(rule in MAY[id]!)) expect([rule, verdict(id, ruling({ [rule]: 1 }))]).toEqual([rule, 'not-changeable'])
  })
  test('a value out of bounds is refused as it would be in setup', () => {
    for (const rule of Object.keys({ ...MAY[id], ...COMMON })) expect([rule, verdict(id, ruling({ [rule]: -1 }))]).toEqual([rule, 'bad-house-rule'])
  })
  test('several rules at once: all or none', () => {
    const [rule, value] = Object.entries(MAY[id]!)[0]!
    const both = judged({ game: id, ...PARTS[id], entries: [ruling({ [rule]: value, explain: 'required' }), ruling({ explain: 'off', nonsense: 1 })] })
    expect(inShort(both)).toEqual(['ok', 'not-changeable'])
  })
  test('points by ruling where there are points', () => {
    const none = id === 'roof-tiles' || id === 'hundred-stops'
    if (id !== 'hundred-stops') expect(verdict(id, award(1, 2))).toBe(none ? 'no-points-here' : 'ok')
    expect(verdict(id, award(9, 2))).toBe('no-such-player')
    expect(verdict(id, award(1, 0))).toBe('malformed')
  })
  test('an extra round and answers only where they are offered', () => {
    expect(verdict(id, ruling({ tie: 'extra-round' }))).toBe(['brim', 'column-keeper'].includes(id) ? 'ok' : 'tie-not-offered')
    expect(verdict(id, ruling({ answers: 'noted' }))).toBe(game.answers ? 'ok' : 'answers-not-offered')
  })
})
