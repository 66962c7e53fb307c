import { fileOf, inShort, judged, play, problemsOf, scores } from '../../../tests/unit/judging'
import { readMatch } from '#core/format/matchFile'

const roll = (by: number, dice: number[], keep?: number[]) => play({ do: 'roll', by, dice, ...(keep ? { keep } : {}) })
const stop = (by: number, said?: number) => play({ do: 'stop', by, ...(said === undefined ? {} : { said }) })

describe('a turn of Brim', () => {
  const opening = [roll(1, [6, 6, 4, 2, 1])]
  // Each case: what comes after a first roll of 6 6 4 2 1, the house rules, and the verdict on the last play.
  const cases: [string, Record<string, unknown>, object[], string][] = [
    ['freezing two and rolling three', {}, [roll(1, [1, 1, 2], [6, 6])], 'ok'],
    ['rolling all again without a keep', {}, [roll(1, [1, 1, 2, 3, 4])], 'ok'],
    ['an empty keep is no keep', {}, [roll(1, [1, 1, 2, 3, 4], [])], 'ok'],
    ['freezing a value that is not there', {}, [roll(1, [1, 1, 2, 3], [5])], 'not-among-dice'],
    ['freezing one value oftener than it lies there', {}, [roll(1, [1, 1], [6, 6, 6])], 'not-among-dice'],
    ['freezing a die frozen before', {}, [roll(1, [1, 1, 2], [6, 6]), roll(1, [2], [6, 1])], 'not-among-dice'],
    ['frozen dice stay frozen', {}, [roll(1, [1, 1, 2], [6, 6]), roll(1, [3, 3, 3])], 'ok'],
    ['too many dice for what is loose', {}, [roll(1, [1, 1, 2, 4], [6, 6])], 'wrong-dice-count'],
    ['too few dice for what is loose', {}, [roll(1, [1, 1], [6, 6])], 'wrong-dice-count'],
    ['keeping all and rolling none', {}, [roll(1, [], [6, 6, 4, 2, 1])], 'nothing-left-to-roll'],
    ['keeping all and rolling one', {}, [roll(1, [3], [6, 6, 4, 2, 1])], 'nothing-left-to-roll'],
    ['a seven on a die', {}, [roll(1, [7, 1, 2], [6, 6])], 'no-such-face'],
    ['a zero on a die', {}, [roll(1, [0, 1, 2], [6, 6])], 'no-such-face'],
    ['a negative face', {}, [roll(1, [-1, 1, 2], [6, 6])], 'no-such-face'],
    ['a face that only the larger die has', { sides: 8 }, [roll(1, [7, 1, 2], [6, 6])], 'ok'],
    ['freezing fewer than must be', { mustFreeze: 2 }, [roll(1, [1, 1, 2, 3], [6])], 'must-freeze'],
    ['freezing as many as must be', { mustFreeze: 2 }, [roll(1, [1, 1, 2], [6, 6])], 'ok'],
    ['no keep where one must freeze', { mustFreeze: 1 }, [roll(1, [1, 1, 2, 3, 4])], 'must-freeze'],
    ['all of the loose dice must be frozen', { mustFreeze: 5 }, [roll(1, [], [6, 6, 4, 2, 1])], 'nothing-left-to-roll'],
    ['a roll beyond the last one', { rolls: 1 }, [roll(1, [1, 1, 2], [6, 6])], 'no-rolls-left'],
    ['no rolls left comes before the dice count', { rolls: 1 }, [roll(1, [1])], 'no-rolls-left'],
    ['a face that is not there comes before no rolls left', { rolls: 1 }, [roll(1, [9])], 'no-such-face'],
    ['not among the dice comes before must freeze', { mustFreeze: 2 }, [roll(1, [1], [5])], 'not-among-dice'],
    ['the other player rolls', {}, [roll(2, [1, 1, 2, 3, 4])], 'not-their-turn'],
    ['the other player stops', {}, [stop(2)], 'not-their-turn'],
    ['a seat that is not there', {}, [stop(3)], 'no-such-player'],
    ['seat zero', {}, [stop(0)], 'no-such-player'],
    ['stopping', {}, [stop(1)], 'ok'],
    ['stopping after the last roll', { rolls: 1 }, [stop(1)], 'ok'],
    ['a wrong sum said is noted', {}, [stop(1, 18)], 'ok'],
    ['a wrong sum said must be right', { answers: 'must-be-right' }, [stop(1, 18)], 'wrong-answer'],
    ['no sum said must be right', { answers: 'must-be-right' }, [stop(1)], 'answer-missing'],
    ['the right sum said', { answers: 'must-be-right' }, [stop(1, 19)], 'ok'],
    ['a wrong sum where answers are off', { answers: 'off' }, [stop(1, 3)], 'ok'],
    ['no explanation where one is required', { explain: 'required' }, [stop(1)], 'unexplained'],
    ['how alone does not count', { explain: 'required' }, [play({ do: 'stop', by: 1, how: 'passed' })], 'unexplained'],
    ['explained', { explain: 'required' }, [play({ do: 'stop', by: 1, explained: true })], 'ok'],
    [
      'passing on explaining',
      { explain: 'required' },
      [play({ do: 'stop', by: 1, explained: true, how: 'passed' })],
      'ok',
    ],
    ['a roll needs no explanation', { explain: 'required' }, [roll(1, [1, 1, 2], [6, 6])], 'ok'],
    [
      'the answer comes before the explanation',
      { answers: 'must-be-right', explain: 'required' },
      [stop(1, 2)],
      'wrong-answer',
    ],
  ]
  test.each(cases)('%s', (_what, houseRules, then, verdict) => {
    const answer = judged({ houseRules, entries: [...opening, ...then] })
    expect(inShort(answer).at(-1)).toBe(verdict)
  })

  test.each([
    ['stop before any roll', stop(1), 'nothing-rolled'],
    ['a keep in the first roll', roll(1, [1, 2, 3, 4, 5], [6]), 'not-among-dice'],
    ['too few dice in the first roll', roll(1, [1, 2, 3, 4]), 'wrong-dice-count'],
    ['said does not belong to a roll', play({ do: 'roll', by: 1, dice: [1, 2, 3, 4, 5], said: 15 }), 'malformed'],
    ['null is the wrong type', play({ do: 'roll', by: 1, dice: [1, 2, 3, 4, 5], keep: null }), 'malformed'],
    ['half a die', play({ do: 'roll', by: 1, dice: [1, 2, 3, 4, 4.5] }), 'malformed'],
    ['text for a die', play({ do: 'roll', by: 1, dice: ['1', 2, 3, 4, 5] }), 'malformed'],
    ['an unknown tag', play({ do: 'roll', by: 1, dice: [1, 2, 3, 4, 5], how: 'guessed' }), 'malformed'],
    ['no such kind of play', play({ do: 'pass', by: 1 }), 'malformed'],
    ['no play at all', play([]), 'malformed'],
  ])('%s', (_what, entry, verdict) => {
    expect(inShort(judged({ entries: [entry] }))).toEqual([verdict])
  })

  test('the working shows every die, frozen ones first, and its sum', () => {
    const answer = judged({ entries: [...opening, roll(1, [1, 1, 2], [6, 6]), stop(1, 16)] })
    expect(answer.verdicts.map(({ working }) => working)).toEqual([
      '6 + 6 + 4 + 2 + 1 = 19',
      '6 + 6 + 1 + 1 + 2 = 16',
      '6 + 6 + 1 + 1 + 2 = 16',
    ])
    expect(scores(answer)).toEqual([16, 0])
  })

  test('a refused play changes nothing and the same player tries again', () => {
    const answer = judged({
      houseRules: { answers: 'must-be-right' },
      entries: [...opening, stop(1, 20), stop(1, 19), roll(2, [1, 1, 1, 1, 1])],
    })
    expect(inShort(answer)).toEqual(['ok', 'wrong-answer', 'ok', 'ok'])
    expect(answer.verdicts[1]).toMatchObject({ facts: { said: 20, right: 19 }, working: '6 + 6 + 4 + 2 + 1 = 19' })
    expect(answer.awaits).toEqual({ seats: [2], plays: ['roll', 'stop'] })
  })

  test('a wrong sum is noted with what is right, and the real sum is banked', () => {
    const answer = judged({ entries: [...opening, stop(1, 18)] })
    expect(answer.verdicts[1]!.notes).toContainEqual({ code: 'wrong-answer', facts: { by: 1, said: 18, right: 19 } })
    expect(scores(answer)).toEqual([19, 0])
  })

  test.each([
    [[6, 6, 6, 1, 1], 20, 'the limit itself scores'],
    [[6, 6, 6, 2, 1], 0, 'one over scores nothing'],
    [[1, 1, 1, 1, 1], 5, 'little is little'],
  ])('%j banks %d: %s', (dice, points) => {
    expect(scores(judged({ entries: [roll(1, dice), stop(1)] }))).toEqual([points, 0])
  })

  test('what is said when it is over is the sum, not the score', () => {
    const houseRules = { answers: 'must-be-right' }
    expect(inShort(judged({ houseRules, entries: [roll(1, [6, 6, 6, 2, 1]), stop(1, 0)] }))).toEqual([
      'ok',
      'wrong-answer',
    ])
    expect(inShort(judged({ houseRules, entries: [roll(1, [6, 6, 6, 2, 1]), stop(1, 21)] }))).toEqual(['ok', 'ok'])
  })

  test('awaits says what may be done', () => {
    const waits = (entries: object[], houseRules = {}) => judged({ entries, houseRules }).awaits
    expect(waits([])).toEqual({ seats: [1], plays: ['roll'] })
    expect(waits(opening)).toEqual({ seats: [1], plays: ['roll', 'stop'] })
    expect(waits(opening, { rolls: 1 })).toEqual({ seats: [1], plays: ['stop'] })
    expect(waits(opening, { mustFreeze: 5 })).toEqual({ seats: [1], plays: ['stop'] })
    expect(waits([...opening, stop(1)])).toEqual({ seats: [2], plays: ['roll'] })
  })
})

describe('rounds and the end', () => {
  const turn = (by: number, points: number) => [
    roll(by, points === 5 ? [1, 1, 1, 1, 1] : [points - 4, 1, 1, 1, 1]),
    stop(by),
  ]

  test('every round begins with `first` and goes up the seats', () => {
    const answer = judged({
      players: ['Ines', 'Tomasz', 'Bao'],
      first: 2,
      houseRules: { rounds: 1 },
      entries: [...turn(2, 6), ...turn(3, 7), ...turn(1, 8)],
    })
    expect(inShort(answer)).toEqual(['ok', 'ok', 'ok', 'ok', 'ok', 'ok'])
    expect(answer.result).toEqual({ winners: [1], shared: false, why: 'most-points' })
    expect(answer.awaits).toBeNull()
  })

  test('level at the end is shared by all who are level', () => {
    const answer = judged({
      players: ['Ines', 'Tomasz', 'Bao'],
      houseRules: { rounds: 1 },
      entries: [...turn(1, 8), ...turn(2, 6), ...turn(3, 8)],
    })
    expect(answer.result).toEqual({ winners: [1, 3], shared: true, why: 'most-points' })
  })

  test('an extra round is for everyone and goes on until it breaks', () => {
    const houseRules = { rounds: 1, tie: 'extra-round' }
    const level = [...turn(1, 8), ...turn(2, 8)]
    expect(judged({ houseRules, entries: level }).result).toBeNull()
    expect(judged({ houseRules, entries: [...level, ...turn(1, 9)] }).awaits).toEqual({ seats: [2], plays: ['roll'] })
    expect(judged({ houseRules, entries: [...level, ...turn(1, 9), ...turn(2, 9)] }).result).toBeNull()
    const broken = [...level, ...turn(1, 9), ...turn(2, 9), ...turn(1, 5), ...turn(2, 6)]
    expect(judged({ houseRules, entries: broken }).result).toEqual({ winners: [2], shared: false, why: 'most-points' })
  })

  test('alone one plays the rounds and wins', () => {
    const answer = judged({ players: ['Ines'], houseRules: { rounds: 2 }, entries: [...turn(1, 6), ...turn(1, 7)] })
    expect(scores(answer)).toEqual([13])
    expect(answer.result).toEqual({ winners: [1], shared: false, why: 'most-points' })
  })

  test('after the end nothing more is played', () => {
    const answer = judged({
      players: ['Ines'],
      houseRules: { rounds: 1 },
      entries: [...turn(1, 6), roll(1, [1, 1, 1, 1, 1])],
    })
    expect(inShort(answer).at(-1)).toBe('match-over')
  })
})

describe('setting up Brim', () => {
  test.each([
    [{ houseRules: { limit: 4 } }, 'houseRules.limit bad-house-rule'],
    [{ houseRules: { dice: 0 } }, 'houseRules.dice bad-house-rule'],
    [{ houseRules: { sides: '6' } }, 'houseRules.sides bad-house-rule'],
    [{ houseRules: { rolls: 1.5 } }, 'houseRules.rolls bad-house-rule'],
    [{ houseRules: { rounds: null } }, 'houseRules.rounds bad-house-rule'],
    [{ houseRules: { goal: 50 } }, 'houseRules.goal unknown-house-rule'],
    [{ houseRules: { answers: 'sometimes' } }, 'houseRules.answers bad-house-rule'],
    [{ houseRules: { minutes: 91 } }, 'houseRules.minutes bad-house-rule'],
    [{ players: [] }, 'players too-few-players'],
    [{ players: ['1', '2', '3', '4', '5', '6', '7'] }, 'players too-many-players'],
    [{ first: 3 }, 'first bad-first'],
    [{ first: 0 }, 'first bad-first'],
    [{ opening: {} }, 'opening bad-opening'],
    [{ game: 'brimm' }, 'game unknown-game'],
  ])('%j is refused', (parts, problem) => {
    expect(problemsOf(parts)).toEqual([problem])
  })

  test('the defaults are the rulebook’s', () => {
    const read = readMatch(fileOf({}))
    expect(read.ok && read.tape.state.rules).toEqual({
      dice: 5,
      sides: 6,
      limit: 20,
      rolls: 4,
      rounds: 5,
      mustFreeze: 0,
      answers: 'noted',
      explain: 'invited',
      tie: 'share',
      minutes: null,
      bySeat: {},
    })
  })

  test('defaults may be repeated', () => {
    expect(problemsOf({ houseRules: { dice: 5, tie: 'share', minutes: null, answers: 'noted' } })).toEqual([])
  })
})

describe('the new running total, told beside the sum', () => {
  const roll = { play: { do: 'roll', by: 1, dice: [6, 5, 4, 1, 1] } }
  const stop = (more: object) => ({ play: { do: 'stop', by: 1, ...more } })
  const award = { ruling: { award: { by: 1, points: 3 } } }
  test.each([
    ['right, awards included', {}, { said: 17, total: 20 }, 'ok', 0],
    ['both wrong, noted', {}, { said: 16, total: 17 }, 'ok', 2],
    ['the sum first', { answers: 'must-be-right' }, { said: 16, total: 20 }, 'wrong-answer', 0],
    ['then the total', { answers: 'must-be-right' }, { said: 17, total: 17 }, 'wrong-answer', 0],
    ['never missed', { answers: 'must-be-right' }, { said: 17 }, 'ok', 0],
    ['not asked', { answers: 'off' }, { total: 1 }, 'ok', 0],
    ['no number', {}, { total: 'many' }, 'malformed', 0],
  ])('%s', (_what, houseRules, more, verdict, slips) => {
    const answer = judged({ houseRules, entries: [award, roll, stop(more)] })
    expect(inShort(answer).at(-1)).toBe(verdict)
    expect(answer.verdicts.at(-1)!.notes?.filter(({ code }) => code === 'wrong-answer') ?? []).toHaveLength(slips)
  })
})
