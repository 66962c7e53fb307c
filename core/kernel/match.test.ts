import { inShort, judged, play, problemsOf, scores } from '../../tests/unit/judging'

const roll = (by: number, dice = [5, 1, 1, 1, 1]) => play({ do: 'roll', by, dice })
const stop = (by: number, said?: number) => play({ do: 'stop', by, ...(said === undefined ? {} : { said }) })
const turn = (by: number, dice?: number[]) => [roll(by, dice), stop(by)]
const rules = (houseRules: object) => ({ ruling: { houseRules }, why: 'vote, 4 to 2' })
const award = (by: number, points: unknown) => ({ ruling: { award: { by, points } }, why: 'helped to tidy up' })
const call = (what: string) => ({ call: what, why: 'bell' })
const last = (entries: unknown[], houseRules = {}) => inShort(judged({ entries, houseRules })).at(-1)

describe('the order of reasons', () => {
  test.each([
    ['malformed before match-over', [call('finish'), play({ do: 'roll', by: 1 })], 'malformed'],
    ['match-over before no-such-player', [call('finish'), roll(9)], 'match-over'],
    ['no-such-player before not-their-turn', [roll(9)], 'no-such-player'],
    ['not-their-turn before faces', [roll(2, [9])], 'not-their-turn'],
    ['faces before the game’s own reasons', [roll(1, [9])], 'no-such-face'],
    ['the game’s own reasons before the answer', [stop(1, 3)], 'nothing-rolled'],
  ])('%s', (_what, entries, verdict) => {
    expect(last(entries, { answers: 'must-be-right', explain: 'required' })).toBe(verdict)
  })
})

describe('entries that are none', () => {
  test.each([
    [5],
    [null],
    [[]],
    ['play'],
    [{}],
    [{ foo: 1 }],
    [{ call: 'bell' }],
    [{ strike: 'one' }],
    [{ strike: 1.5 }],
    [{ amend: 1 }],
    [{ play: { do: 'stop', by: 1 }, overrule: 5 }],
    [{ play: { do: 'stop', by: 1 }, extra: 1 }],
    [{ ruling: {} }],
    [award(1, 0)],
    [award(1, 1.5)],
    [{ ruling: { houseRules: [] } }],
    [{ ruling: { houseRules: {}, award: { by: 1, points: 1 } } }],
  ])('%j is malformed, stays on the tape and changes nothing', (entry) => {
    const answer = judged({ entries: [entry, roll(1)] })
    expect(inShort(answer)).toEqual(['malformed', 'ok'])
  })
})

describe('calls', () => {
  test('finish decides at once on the standing, and the result says so', () => {
    const answer = judged({ players: ['Ines', 'Tomasz', 'Bao'], entries: [...turn(1), roll(2), call('finish')] })
    expect(answer.result).toEqual({ winners: [1], shared: false, why: 'most-points', ended: 'finish' })
  })

  test('ended early, level is shared even where an extra round is the rule', () => {
    const answer = judged({ houseRules: { tie: 'extra-round' }, entries: [...turn(1), ...turn(2), call('finish')] })
    expect(answer.result).toMatchObject({ winners: [1, 2], shared: true })
  })

  test('time finishes the round in progress, re-rolls within it too', () => {
    const entries = [...turn(1), call('time'), roll(2), play({ do: 'roll', by: 2, dice: [6, 6], keep: [1, 1, 1] })]
    expect(judged({ entries }).result).toBeNull()
    expect(judged({ entries: [...entries, stop(2)] }).result).toEqual({
      winners: [2],
      shared: false,
      why: 'most-points',
      ended: 'time',
    })
  })

  test('time between rounds ends at once; a round not begun is not begun', () => {
    expect(judged({ entries: [call('time')] }).result).toMatchObject({ winners: [1, 2], shared: true, ended: 'time' })
    const entries = [...turn(1), ...turn(2), call('time')]
    expect(judged({ entries }).result).toMatchObject({ winners: [1, 2], ended: 'time' })
  })

  test('time in the last round: the match ends by itself', () => {
    const entries = [...turn(1), call('time'), ...turn(2, [6, 1, 1, 1, 1])]
    expect(judged({ houseRules: { rounds: 1 }, entries }).result).toEqual({
      winners: [2],
      shared: false,
      why: 'most-points',
    })
  })

  test('a level finish after time is shared, without an extra round', () => {
    const entries = [...turn(1), call('time'), ...turn(2)]
    const answer = judged({ houseRules: { rounds: 1, tie: 'extra-round' }, entries })
    expect(answer.result).toMatchObject({ winners: [1, 2], shared: true, ended: 'time' })
  })

  test('a second time stands and changes nothing; notes and charts only stand', () => {
    const answer = judged({ entries: [roll(1), call('time'), call('time'), call('note'), call('chart'), stop(1)] })
    expect(inShort(answer)).toEqual(['ok', 'ok', 'ok', 'ok', 'ok', 'ok'])
    expect(answer.result).toBeNull()
  })

  test('played on paper: what was reached decides by the house rules; only where nothing was played', () => {
    const paper = (...reached: number[]) => ({ call: 'on-paper', reached })
    const won = judged({ entries: [call('note'), paper(7, 12)] })
    expect(inShort(won)).toEqual(['ok', 'ok'])
    expect(won.result).toEqual({ winners: [2], shared: false, why: 'on-paper', ended: 'finish' })
    expect(scores(won)).toEqual([7, 12])
    expect(judged({ entries: [paper(5, 5)] }).result).toMatchObject({ winners: [1, 2], shared: true })
    expect(inShort(judged({ entries: [paper(5, 5), paper(1, 2), call('note')] }))).toEqual(['ok', 'match-over', 'ok'])
    expect(inShort(judged({ entries: [...turn(1), paper(1, 2)] })).at(-1)).toBe('not-now')
    for (const wrong of [paper(1), paper(1, 2, 3), paper(1.5, 2), { call: 'on-paper' }, { ...paper(1, 2), by: 1 }])
      expect(inShort(judged({ entries: [wrong] }))).toEqual(['malformed'])
    const back = judged({ entries: [paper(7, 12), { strike: 1 }, roll(1)] })
    expect([back.result, scores(back)]).toEqual([null, [0, 0]])
    const own = (houseRules: object, ...reached: number[]) =>
      judged({ game: 'own-game', houseRules: { ...houseRules }, entries: [paper(...reached)] }).result?.winners
    expect(own({ wins: 'fewest' }, 9, 4)).toEqual([2])
    expect(own({ wins: 'nearest', goal: 20, rounds: 3 }, 30, 12)).toEqual([2])
  })

  test('after the end only a note stands', () => {
    const over = [
      call('finish'),
      call('note'),
      call('time'),
      call('finish'),
      call('chart'),
      rules({ rounds: 9 }),
      award(1, 2),
    ]
    expect(inShort(judged({ entries: over }))).toEqual([
      'ok',
      'ok',
      'match-over',
      'match-over',
      'match-over',
      'match-over',
      'match-over',
    ])
  })
})

describe('rulings', () => {
  test.each([
    [{ rounds: 3 }, 'ok'],
    [{ mustFreeze: 2, answers: 'must-be-right', explain: 'off', tie: 'extra-round', minutes: 10 }, 'ok'],
    [{ limit: 21 }, 'not-changeable'],
    [{ dice: 4 }, 'not-changeable'],
    [{ goal: 40 }, 'not-changeable'],
    [{ nonsense: 1 }, 'not-changeable'],
    [{ rounds: 0 }, 'bad-house-rule'],
    [{ rounds: '3' }, 'bad-house-rule'],
    [{ minutes: 0 }, 'bad-house-rule'],
    [{ answers: 'maybe' }, 'bad-house-rule'],
  ])('%j: %s', (houseRules, verdict) => {
    expect(last([roll(1), rules(houseRules)])).toBe(verdict)
  })

  test('rounds are never below what has begun', () => {
    const two = [...turn(1), ...turn(2), ...turn(1), ...turn(2)]
    expect(last([...two, rules({ rounds: 1 })])).toBe('already-past')
    expect(last([...two, roll(1), rules({ rounds: 2 })])).toBe('already-past')
    expect(last([...two, roll(1), rules({ rounds: 3 })])).toBe('ok')
  })

  test('after a ruling the end is looked for', () => {
    const entries = [...turn(1), ...turn(2, [6, 1, 1, 1, 1]), rules({ rounds: 1 })]
    expect(judged({ entries }).result).toEqual({ winners: [2], shared: false, why: 'most-points' })
  })

  test('sharing by ruling ends a match that waited for its extra round', () => {
    const entries = [...turn(1), ...turn(2), rules({ tie: 'share' })]
    expect(judged({ houseRules: { rounds: 1, tie: 'extra-round' }, entries }).result).toMatchObject({ winners: [1, 2] })
  })

  test('a rule counts from the ruling on', () => {
    const answer = judged({ entries: [roll(1), rules({ answers: 'must-be-right' }), stop(1, 2), stop(1, 9)] })
    expect(inShort(answer)).toEqual(['ok', 'ok', 'wrong-answer', 'ok'])
  })

  test('an award counts in the standing, and a deduction stops at 0', () => {
    expect(scores(judged({ entries: [...turn(1), award(1, 3), award(2, -4)] }))).toEqual([12, 0])
    expect(scores(judged({ entries: [...turn(1), award(1, -20)] }))).toEqual([0, 0])
    expect(last([award(3, 1)])).toBe('no-such-player')
  })
})

describe('corrections', () => {
  test('striking the newest takes it back', () => {
    const answer = judged({ entries: [roll(1), stop(1), { strike: 2 }] })
    expect(inShort(answer)).toEqual(['ok', 'struck', 'ok'])
    expect(answer.awaits).toEqual({ seats: [1], plays: ['roll', 'stop'] })
  })

  test('an amend shows the verdict of what replaced the play, and everything after is judged again', () => {
    const entries = [
      roll(1, [6, 6, 6, 6, 6]),
      stop(1, 9),
      { amend: 1, play: { do: 'roll', by: 1, dice: [5, 1, 1, 1, 1] } },
    ]
    const before = judged({ houseRules: { answers: 'must-be-right' }, entries: entries.slice(0, 2) })
    const after = judged({ houseRules: { answers: 'must-be-right' }, entries })
    expect(inShort(before)).toEqual(['ok', 'wrong-answer'])
    expect(inShort(after)).toEqual(['ok', 'ok', 'ok'])
    expect(after.verdicts[0]).toMatchObject({ working: '5 + 1 + 1 + 1 + 1 = 9', amended: 3 })
    expect(scores(after)).toEqual([9, 0])
  })

  test.each([
    ['an entry that comes later', [roll(1), { strike: 3 }, stop(1)], 1, 'no-such-entry'],
    ['itself', [roll(1), { strike: 2 }], 1, 'no-such-entry'],
    ['entry zero', [roll(1), { strike: 0 }], 1, 'no-such-entry'],
    ['what is struck', [roll(1), { strike: 1 }, { strike: 1 }], 2, 'already-struck'],
    ['amending what is struck', [roll(1), { strike: 1 }, { amend: 1, play: {} }], 2, 'already-struck'],
    ['amending a call', [call('note'), { amend: 1, play: {} }], 1, 'not-a-play'],
    ['amending an amend', [roll(1), { amend: 1, play: {} }, { amend: 2, play: {} }], 2, 'not-a-play'],
    ['amending a strike', [roll(1), { strike: 1 }, { amend: 2, play: {} }], 2, 'not-a-play'],
  ])('refused: %s', (_what, entries, at, verdict) => {
    expect(inShort(judged({ entries }))[at]).toBe(verdict)
  })

  test('striking a strike brings the entry back', () => {
    expect(inShort(judged({ entries: [roll(1), stop(1), { strike: 2 }, { strike: 3 }] }))).toEqual([
      'ok',
      'ok',
      'struck',
      'ok',
    ])
  })

  test('striking an amend brings back what stood there before it', () => {
    const to = (by: number, sum: number) => ({ amend: 1, play: { do: 'roll', by, dice: [sum - 4, 1, 1, 1, 1] } })
    const entries = [roll(1), to(1, 6), to(1, 7)]
    const workings = (more: object[]) => judged({ entries: [...entries, ...more] }).verdicts[0]!.working
    expect(workings([])).toMatch(/= 7$/)
    expect(workings([{ strike: 3 }])).toMatch(/= 6$/)
    expect(workings([{ strike: 2 }])).toMatch(/= 7$/)
    expect(workings([{ strike: 2 }, { strike: 3 }])).toMatch(/= 9$/)
    expect(workings([{ strike: 2 }, { strike: 3 }, { strike: 5 }])).toMatch(/= 7$/)
  })

  test('a refused correction stays without effect whatever is struck later', () => {
    const entries = [roll(1), { strike: 1 }, { strike: 1 }, { strike: 2 }]
    expect(inShort(judged({ entries }))).toEqual(['ok', 'struck', 'already-struck', 'ok'])
  })

  test('a malformed play can be amended; a malformed amend is judged where it stands', () => {
    expect(
      inShort(
        judged({ entries: [play(5 as never), { amend: 1, play: { do: 'roll', by: 1, dice: [1, 1, 1, 1, 1] } }] }),
      ),
    ).toEqual(['ok', 'ok'])
    expect(inShort(judged({ entries: [roll(1), { amend: 1, play: 5 }] }))).toEqual(['malformed', 'ok'])
  })

  test('rulings and calls can be struck, and a match taken back from its end', () => {
    expect(judged({ entries: [...turn(1), call('finish'), { strike: 3 }] }).result).toBeNull()
    expect(scores(judged({ entries: [award(1, 5), { strike: 1 }] }))).toEqual([0, 0])
  })
})

describe('problems with a file', () => {
  test('are all named at once, each with its path', () => {
    expect(problemsOf({ players: [], houseRules: { dice: 99, foo: 1 } })).toEqual([
      'players too-few-players',
      'houseRules.dice bad-house-rule',
      'houseRules.foo unknown-house-rule',
    ])
  })
})
