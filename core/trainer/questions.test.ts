import type { GameId } from '#core/games/ids'
import { GAMES } from '#core/games/index'
import { SITUATIONS } from '#core/games/situations'
import { readHouseRules } from '#core/kernel/houseRules'
import { judgePlay } from '#core/kernel/match'
import { nextPlay, openSelfPlay } from '#core/kernel/selfPlay'
import { CASE, questionsOf } from '#core/trainer/questions'

function asked(game: (typeof GAMES)[number], houseRules: Record<string, unknown> = {}) {
  const seats = Math.max(2, game.about.seats.low)
  const read = readHouseRules(game, houseRules, seats)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return questionsOf(game, SITUATIONS[game.id as GameId], read.rules, seats)
}
const answerTo = (questions: ReturnType<typeof asked>, id: string) => questions.find((each) => each.id === id)!.answer

describe.each(GAMES.map((game) => [game.id, game] as const))('%s', (_id, game) => {
  test('fifteen questions at least, each answered in sentences', () => {
    for (const { rules } of [{ rules: {} }, ...game.presets]) {
      const questions = asked(game, { ...rules })
      expect(questions.length).toBeGreaterThanOrEqual(15)
      expect(new Set(questions.map(({ id }) => id)).size).toBe(questions.length)
      for (const { asks, answer } of questions) {
        expect(asks).toMatch(/\?$/)
        expect([asks, answer]).toEqual([asks, expect.stringMatching(/^\S.*[.!?”)]$/s)])
        expect(answer).not.toMatch(/undefined|NaN|\[object|null/)
      }
    }
  })

  test('whether a wrong answer counts is as the judge says', () => {
    if (!game.answerCalled || game.answerCalled(readHouseRulesOf(game)) === null) return
    const judgedUnder = (answers: 'noted' | 'must-be-right') => {
      const read = readHouseRules(game, { answers }, 2)
      if (!read.ok) return null
      const opened = openSelfPlay({ game, houseRules: { answers }, players: ['Ines', 'Bao'], key: '2~asked' })
      let { state } = opened
      for (let n = 0; n < 60; n++) {
        const play = nextPlay(opened.table, state, '2~asked', n) as { said?: unknown } | null
        if (play === null) return null
        if (typeof play.said === 'number') {
          const { verdict } = judgePlay(opened.table, state, { ...play, said: play.said + 1 })
          return { stands: verdict.stands, says: answerTo(asked(game, { answers }), 'wrong-answer') }
        }
        state = judgePlay(opened.table, state, play).state
      }
      return null
    }
    const [noted, strict] = [judgedUnder('noted'), judgedUnder('must-be-right')]
    if (noted) expect([noted.stands, noted.says]).toEqual([true, expect.stringContaining('the play stands')])
    if (strict) expect([strict.stands, strict.says]).toEqual([false, expect.stringContaining('must be said')])
  })
})

function readHouseRulesOf(game: (typeof GAMES)[number]) {
  const read = readHouseRules(game, {}, Math.max(2, game.about.seats.low))
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return read.rules
}

test('when a play does not stand is told by the sentences that the judge’s reasons rest on, as agreed', () => {
  const brim = GAMES.find(({ id }) => id === 'brim')!
  expect(answerTo(asked(brim, { rolls: 2, mustFreeze: 2 }), 'corners')).toContain(
    '5 dice with 6 sides, up to 2 rolls a turn. Before each further roll at least 2 dice must be newly frozen.',
  )
  const yard = GAMES.find(({ id }) => id === 'skip-count-yard')!
  expect(answerTo(asked(yard), 'corners')).toContain('a corner begins only with a set’s lowest card')
})

/** What the judge must say to each game's own corner cases under the usual rules: y stands, n does not. */
const CORNERS: Readonly<Record<GameId, string>> = {
  'ask-for-rest': 'yynn',
  'roof-tiles': 'ynnn',
  'turn-two': 'nyn',
  'call-row': 'yy',
  'six-heaps': 'nyn',
  'perch-and-push': 'yyn',
  'hundred-stops': 'nyy',
  'exact-landing': 'yyn',
  'step-and-gather': 'nyn',
  'top-total': 'nnn',
  'ten-turn-haul': 'nyn',
  brim: 'nynn',
  'say-it-first': 'yyy',
  'covered-part': 'nyn',
  'table-ladder': 'nnn',
  'token-dip': 'nny',
  'ebb-and-flow': 'yyyn',
  'column-keeper': 'nnn',
  'place-strike': 'nnn',
  'skip-count-yard': 'nnyn',
  'last-digit-chains': 'nnn',
  'fill-in-order': 'nny',
  'own-game': 'nnn',
}
test.each(GAMES.map((game) => [game.id as GameId, game] as const))('%s: its corner cases', (id, game) => {
  const cases = asked(game).filter((each) => each.id.startsWith(CASE))
  expect(cases.map(({ answer }) => (answer.startsWith('It stands.') ? 'y' : 'n')).join('')).toBe(CORNERS[id])
  for (const { answer } of cases) expect(answer).toMatch(/^It (stands|doesn’t stand)\. ./)
  // Under any preset each is answered, too.
  for (const { rules } of game.presets)
    for (const each of asked(game, { ...rules }).filter(({ id: name }) => name.startsWith(CASE)))
      expect([each.asks, each.answer]).toEqual([each.asks, expect.stringMatching(/^It (stands|doesn’t stand)\./)])
})

test('corner cases follow the house rules of today', () => {
  const told = (id: GameId, rules: Record<string, unknown>, asks: RegExp) =>
    asked(
      GAMES.find((game) => game.id === id)!,
      rules,
    ).find((each) => asks.test(each.asks))!.answer
  expect(told('call-row', { signs: 'add' }, /take away/)).toMatch(/^It doesn’t stand/)
  expect(told('call-row', { wrongCall: 'sit-out' }, /sit out/)).toMatch(/^It doesn’t stand/)
  expect(told('six-heaps', {}, /own number/)).toMatch(/^It doesn’t stand/)
  expect(told('place-strike', { mustStrike: false }, /leave it/)).toMatch(/^It stands/)
  expect(told('skip-count-yard', { moves: 'whole' }, /part of a run/)).toMatch(/^It doesn’t stand/)
  expect(told('say-it-first', { explain: 'off' }, /without saying why/)).toContain('takes two cards')
  expect(told('exact-landing', { over: 'extend' }, /off the line/)).not.toContain('spins again')
})

test('answers follow the house rules of today', () => {
  const brim = GAMES.find(({ id }) => id === 'brim')!
  expect(answerTo(asked(brim, { limit: 30 }), 'agreed')).toContain('30')
  expect(answerTo(asked(brim, { minutes: 12 }), 'time-out')).toContain('12 minutes')
  expect(answerTo(asked(brim, { tie: 'extra-round' }), 'tie')).toContain('another round')
  expect(answerTo(asked(brim, { explain: 'required' }), 'explain')).not.toBe(answerTo(asked(brim), 'explain'))
})
