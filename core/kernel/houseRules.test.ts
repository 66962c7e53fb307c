import fc from 'fast-check'
import { defaultRules, houseRulesSchema, readHouseRules } from '#core/kernel/houseRules'
import { GAMES } from '#core/games/index'
import { ruleFields } from '#core/kernel/ruleFields'

describe.each(GAMES.map((game) => [game.id, game] as const))('%s', (_id, game) => {
  const seats = game.about.seats.low
  const codes = (rules: unknown) => {
    const read = readHouseRules(game, rules, seats)
    return read.ok ? [] : read.problems.map(({ path, code }) => `${path} ${code}`)
  }
  const fields = ruleFields(game)

  test('the defaults are complete, fit, and may be repeated', () => {
    const read = readHouseRules(game, {}, seats)
    expect(read.ok).toBe(true)
    // Answers are no rule where nothing is asked for.
    const usual = defaultRules(game, seats)
    const named = fields.filter(({ name }) => name in usual)
    const defaults = Object.fromEntries(named.map((field) => [field.name, field.default]))
    expect(read.ok && read.rules).toMatchObject(defaults)
    expect(codes(defaults)).toEqual([])
    for (const field of named) expect([field.name, codes({ [field.name]: field.default })]).toEqual([field.name, []])
  })

  test('numbers just out of bounds, halves and texts are refused where they stand', () => {
    for (const { name, kind, least, most } of fields) {
      if (kind !== 'number') continue
      for (const wrong of [least! - 1, most! + 1, least! + 0.5, String(least), true])
        expect([name, wrong, codes({ [name]: wrong })]).toEqual([name, wrong, [`houseRules.${name} bad-house-rule`]])
    }
  })

  test('a choice takes its choices and nothing else', () => {
    for (const { name, kind, choices = [] } of fields) {
      if (kind !== 'choice') continue
      // Whether a choice goes with the other rules is the game’s own question.
      for (const { value } of choices)
        expect([name, value, houseRulesSchema(game).safeParse({ [name]: value }).success]).toEqual([name, value, true])
      for (const wrong of ['something else', 99, null])
        expect([name, wrong, codes({ [name]: wrong })]).toEqual([name, wrong, [`houseRules.${name} bad-house-rule`]])
    }
  })

  test('every preset fits, for every number of players it can', () => {
    for (const { id, rules } of game.presets) {
      const fits = Array.from({ length: game.about.seats.high }, (_, i) => i + 1).filter(
        (n) => n >= game.about.seats.low && readHouseRules(game, rules, n).ok,
      )
      expect([id, fits.includes(game.about.seats.low)]).toEqual([id, true])
    }
  })

  test('names that nobody knows are each named', () => {
    expect(codes({ colour: 'red', speed: 3 })).toEqual([
      'houseRules.colour unknown-house-rule',
      'houseRules.speed unknown-house-rule',
    ])
  })

  test('whatever JSON is given: read or refused with paths, never thrown', () => {
    const names = [...Object.keys(houseRulesSchema(game).shape), 'answers', 'nonsense']
    fc.assert(
      fc.property(fc.oneof(fc.jsonValue(), fc.dictionary(fc.constantFrom(...names), fc.jsonValue())), (json) => {
        const read = readHouseRules(game, json, seats)
        if (!read.ok) for (const { path } of read.problems) expect(path).toMatch(/^houseRules/)
      }),
      { numRuns: 200 },
    )
  })
})
