import { GAMES } from '#core/games/index'
import { randomFor } from '#core/basics/random'
import type { BasePlay } from '#core/contract/plays'
import { judgePlay } from '#core/kernel/match'
import { nextPlay, openSelfPlay } from '#core/kernel/selfPlay'
import { SLIP_CODES, slipsTold } from '#core/trainer/slips'
import { addEntry, foldTape } from '#core/kernel/tape'
import { momentOf, wrongPlays } from '#core/trainer/wrongPlays'
import { isRight, makeRound, ROUND, sayWrong, wentOf, type Question } from '#core/trainer/round'

const NAMES = ['Ines', 'Tomasz', 'Odalys', 'Bao']
const roundOf = (game: (typeof GAMES)[number], key: string, missed: readonly string[] = []) =>
  makeRound({ game, houseRules: {}, players: NAMES.slice(0, Math.max(2, game.about.seats.low)), key, missed })

describe.each(GAMES.map((game) => [game.id, game] as const))('%s', (_id, game) => {
  const rounds = Array.from({ length: 6 }, (_, i) => roundOf(game, `2~round ${i}`))
  const all = rounds.flat()
  const wrong = all.filter(({ code }) => code !== null)

  test('a round has ten plays, some of them wrong, each judged as it is told', () => {
    for (const round of rounds) expect(round).toHaveLength(ROUND)
    expect(wrong.length).toBeGreaterThanOrEqual(6)
    expect(wrong.length).toBeLessThanOrEqual(all.length / 2)
    for (const { before, play, verdict, code, says } of all) {
      expect(judgePlay(before.table, before.state, play).verdict).toEqual(verdict)
      expect(verdict.reason?.code ?? verdict.notes.find(({ weight }) => weight === 'noted')?.code ?? null).toBe(code)
      expect(says).toMatch(/\S/)
      expect(says).not.toMatch(/undefined|NaN|\[object/)
    }
  })

  test('slips are of several kinds, and the reason stands among the reasons once, in words', () => {
    expect(new Set(wrong.map(({ code }) => code)).size).toBeGreaterThanOrEqual(2)
    for (const { before, verdict, code, reasons } of wrong) {
      expect(reasons.filter((each) => each.code === code)).toEqual([{ code, says: sayWrong(before, verdict) }])
      expect(new Set(reasons.map((each) => each.code)).size).toBe(reasons.length)
      for (const { says } of reasons) expect(says).toMatch(/^\S.*[.!?]$/)
    }
  })

  test('what was missed comes again', () => {
    const code = wrong[0]!.code!
    const again = Array.from({ length: 4 }, (_, i) => roundOf(game, `2~again ${i}`, [code])).flat()
    expect(again.some((each) => each.code === code)).toBe(true)
  })
})

test.each(GAMES.map((game) => [game.id, game] as const))(
  '%s: every usual slip that a play shows can be made, and the judge tells it',
  (id, game) => {
    const codes = SLIP_CODES[id as keyof typeof SLIP_CODES]
    expect(codes).toHaveLength(game.about.slips.length)
    const found = new Set<string>()
    const players = NAMES.slice(0, Math.max(2, game.about.seats.low))
    for (let match = 0; match < 6; match++) {
      const opened = openSelfPlay({ game, players, key: `2~slip ${match}` })
      let tape = foldTape(opened.table, opened.state, [])
      for (let n = 0; n < 40; n++) {
        const play = nextPlay(opened.table, tape.state, `2~slip ${match}`, n)
        if (play === null) break
        for (const { code } of wrongPlays(momentOf(tape, play as BasePlay), randomFor('slip', match, n)))
          found.add(code)
        tape = addEntry(tape, { play })
      }
    }
    for (const any of codes) if (any.length) expect([...found].filter((code) => any.includes(code))).not.toEqual([])
    expect(slipsTold(game, [...found])).toEqual(game.about.slips.filter((_, i) => codes[i]!.length > 0))
  },
)

test('the same key makes the same round', () => {
  const told = (round: readonly Question[]) => round.map(({ says, code }) => [says, code])
  expect(told(roundOf(GAMES[0]!, '2~same'))).toEqual(told(roundOf(GAMES[0]!, '2~same')))
})

test('an answer is right with its reason, and what was missed is told once', () => {
  const reasons = ['over', 'under'].map((code) => ({ code, says: `${code}.` }))
  const wrong = { code: 'over', reasons } as unknown as Question
  const fine = { code: null, reasons: [] } as unknown as Question
  expect(isRight(wrong, { stands: false, code: 'over' })).toBe(true)
  expect(isRight(wrong, { stands: false, code: 'under' })).toBe(false)
  expect(isRight(wrong, { stands: true, code: null })).toBe(false)
  expect(isRight(fine, { stands: false, code: 'over' })).toBe(false)
  const answers = [
    { stands: true, code: null },
    { stands: true, code: null },
    { stands: false, code: 'under' },
  ]
  expect(wentOf([fine, wrong, wrong], answers)).toEqual({ right: 1, missed: ['over'] })
})
