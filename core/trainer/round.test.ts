import type { CoverState } from '#core/games/covered-part/rules'
import { GAMES } from '#core/games/index'
import { randomFor } from '#core/basics/random'
import type { BasePlay } from '#core/contract/plays'
import { judgePlay } from '#core/kernel/match'
import { nextPlay, openSelfPlay } from '#core/kernel/selfPlay'
import { isOfSlip, madeSlips, openHandsOf, seenSlips, SLIPS, slipsTold } from '#core/trainer/slips'
import { addEntry, foldTape } from '#core/kernel/tape'
import { momentOf, tells, wrongPlays } from '#core/trainer/wrongPlays'
import { isRight, makeRound, ROUND, wentOf, type Question } from '#core/trainer/round'

const NAMES = ['Ines', 'Tomasz', 'Odalys', 'Bao']
/** House rules under which slips can be seen that the usual ones don't have. */
const RULES_OF_ACTS: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  'token-dip': { bag: { coral: 20, amber: 20, teal: 20 } },
}
/** House rules under which the judge tells what else is only seen. */
const RULES_OF_CODES: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  'six-heaps': { counted: 'spotted' },
}
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
    for (const { before, played, code, says, why } of all) {
      if (played) {
        const { play, verdict } = played
        expect(judgePlay(before.table, before.state, play).verdict).toEqual(verdict)
        const told = verdict.reason?.code ?? verdict.notes.find(({ weight }) => weight === 'noted')?.code ?? null
        const made = madeSlips(game).find((slip) => slip.code === code)
        if (made) expect([tells(verdict, made.told), made.why]).toEqual([true, why])
        else expect(told).toBe(code)
      } else expect(game.about.slips).toContain(why)
      expect(says).toMatch(/^\S.*[^.]\.$/)
      expect(says).not.toMatch(/undefined|NaN|\[object/)
    }
  })

  test('slips are of several kinds, and the reason stands among the reasons once, in words', () => {
    expect(new Set(wrong.map(({ code }) => code)).size).toBeGreaterThanOrEqual(2)
    for (const { code, why, reasons } of wrong) {
      expect(reasons.filter((each) => each.code === code)).toEqual([{ code, says: why }])
      expect(new Set(reasons.map((each) => each.code)).size).toBe(reasons.length)
      for (const { says } of reasons) expect(says).toMatch(/^[\p{Lu}\d“].*[.!?]$/u)
    }
  })

  test('what was missed comes again', () => {
    const code = wrong[0]!.code!
    const again = Array.from({ length: 4 }, (_, i) => roundOf(game, `2~again ${i}`, [code])).flat()
    expect(again.some((each) => each.code === code)).toBe(true)
  })
})

test.each(GAMES.map((game) => [game.id, game] as const))(
  '%s: every usual slip can be made: the judge tells it, or what somebody does is asked about',
  (id, game) => {
    const shown = SLIPS[id as keyof typeof SLIPS]
    expect(shown).toHaveLength(game.about.slips.length)
    const found = new Set<string>()
    const players = NAMES.slice(0, Math.max(2, game.about.seats.low))
    const rules = RULES_OF_ACTS[id] ?? {}
    for (let match = 0; match < 6; match++) {
      const source = openHandsOf(game) ? 'dealt' : 'table'
      const opened = openSelfPlay({ game, houseRules: RULES_OF_CODES[id], players, source, key: `2~slip ${match}` })
      let tape = foldTape(opened.table, opened.state, [])
      for (let n = 0; n < 40; n++) {
        const play = nextPlay(opened.table, tape.state, `2~slip ${match}`, n)
        if (play === null) break
        for (const { code } of wrongPlays(momentOf(tape, play as BasePlay), randomFor('slip', match, n)))
          found.add(code)
        tape = addEntry(tape, { play })
      }
    }
    for (const one of shown) {
      const codes = 'does' in one ? one.codes : 'makes' in one ? [] : one
      if (codes.length) expect([...found].filter((code) => codes.includes(code))).not.toEqual([])
    }
    for (const { code } of madeSlips(game)) expect(found).toContain(code)
    const opened = openSelfPlay({ game, houseRules: rules, players, key: '2~acts' })
    const hangsOn = new Set<PropertyKey>()
    const agreed = new Proxy(opened.state.rules as unknown as Record<string, unknown>, {
      get: (all, rule) => (hangsOn.add(rule), Reflect.get(all, rule)),
    })
    const seen = seenSlips(game, agreed)
    // No slip hangs on a house rule that the game doesn't have.
    expect(Object.keys(opened.state.rules)).toEqual(expect.arrayContaining([...hangsOn]))
    expect(slipsTold(game, [...found, ...seen.map(({ code }) => code)])).toEqual(game.about.slips)
    // What no play shows is asked about too, each in its turn.
    const asked = Array.from({ length: 12 }, (_, i) =>
      makeRound({ game, houseRules: rules, players, key: `2~act ${i}`, missed: seen.map(({ code }) => code) }),
    ).flat()
    for (const { code, why } of seen)
      expect(asked.find((each) => each.code === code)).toMatchObject({ played: null, why })
  },
)

test('what is a slip under some house rules only is asked about under those', () => {
  const game = GAMES.find(({ id }) => id === 'turn-two')!
  const slips = (refill: boolean) => seenSlips(game, { refill }).map(({ why }) => why)
  expect(slips(true)).toHaveLength(4)
  expect(slips(false)).toEqual(slips(true).filter((why) => !why.startsWith('Forgetting to fill')))
})

test('what only open hands tell is asked with the hands, right or wrong', () => {
  const game = GAMES.find(({ id }) => id === 'ask-for-rest')!
  const asks = Array.from({ length: 8 }, (_, i) => roundOf(game, `2~hands ${i}`))
    .flat()
    .filter(({ played }) => played?.play.do === 'ask')
  const codes = asks.map(({ code }) => code)
  expect(codes).toEqual(expect.arrayContaining([null, 'cannot-hold-partner', 'denied-known-card']))
  for (const { says, played, code, before } of asks) {
    const { by, of, for: card, got } = played!.play as unknown as { by: number; of: number; for: number; got: boolean }
    const held = (seat: number) =>
      [...(new RegExp(`${NAMES[seat - 1]} holds ([^.]+)\\.`).exec(says)?.[1]?.matchAll(/\d+/g) ?? [])].map(Number)
    // Whoever reads the hands can tell by them alone.
    const target = (before.state.rules as unknown as { target: number }).target
    if (code === 'cannot-hold-partner') expect(held(by)).not.toContain(target - card)
    if (code === 'denied-known-card') expect([got, held(of).includes(card)]).toEqual([false, true])
    if (code === null) expect([held(by).includes(target - card), held(of).includes(card)]).toEqual([true, got])
  }
})

test.each(GAMES.map((game) => [game.id, game] as const))(
  '%s: right plays of every kind are asked about',
  (_id, game) => {
    const players = NAMES.slice(0, Math.max(2, game.about.seats.low))
    const asked = Array.from({ length: 30 }, (_, i) => roundOf(game, `2~kinds ${i}`)).flat()
    const opened = openSelfPlay({ game, houseRules: {}, players, key: '2~kinds' })
    const played = new Set<string>()
    let tape = foldTape(opened.table, opened.state, [])
    for (let n = 0; n < 30; n++) {
      const play = nextPlay(opened.table, tape.state, '2~kinds', n) as BasePlay | null
      if (play === null) break
      // What a referee has to decide, or what has no one answer, is not asked about.
      const { verdict } = judgePlay(tape.table, tape.state, play)
      if (!verdict.notes.some(({ weight }) => weight !== undefined)) played.add(play.do)
      tape = addEntry(tape, { play })
    }
    const kinds = new Set(asked.flatMap(({ code, played: one }) => (code === null && one ? [one.play.do] : [])))
    expect([...played].filter((kind) => !kinds.has(kind))).toEqual([])
  },
)

const lately = (id: string) => {
  const game = GAMES.find((each) => each.id === id)!
  return Array.from({ length: 8 }, (_, i) => roundOf(game, `2~slips ${i}`)).flat()
}

test('a guess is right, or one of the slips: the total said, or the part that shows added to it', () => {
  const guesses = lately('covered-part').filter(
    ({ played, code }) => played?.play.do === 'guess' && (code === null || isOfSlip(code)),
  )
  for (const { before, played, code } of guesses) {
    const { parts, covered, total } = (before.state.game as unknown as CoverState).hidden!
    const { said } = played!.play as unknown as { said: number }
    const right = { 'act-1': total, 'act-2': total + parts[covered === 1 ? 1 : 0] }[code ?? ''] ?? parts[covered - 1]
    expect([code, said]).toEqual([code, right])
  }
  expect(new Set(guesses.map(({ code }) => code))).toEqual(new Set([null, 'act-1', 'act-2']))
})

test('a call that was second is told with the first, of the same cards, which have gone', () => {
  const second = lately('call-row').filter(({ code }) => code === 'act-3')
  expect(second.length).toBeGreaterThan(0)
  for (const { says, before, played } of second) {
    const first = before.lines.at(-1)!.entry
    const { by, ...call } = played!.play as unknown as { by: number }
    expect(first).toMatchObject({ kind: 'play', play: call })
    expect((first as unknown as { play: { by: number } }).play.by).not.toBe(by)
    expect(says).toMatch(/ calls .*\. A moment later: .* calls /)
    expect(played!.verdict.reason?.code).toBe('not-in-row')
  }
})

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
  expect(wentOf([fine, wrong, wrong], answers.slice(0, 1))).toEqual({ right: 1, missed: [] })
})
