import type { Game } from '#core/contract/game'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { ownGame } from '#core/games/own-game/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { recipeLength } from '#core/lab/recipeLength'
import { tryRecipe } from '#core/lab/recipeTrial'
import { recipeWarnings, sayRecipeWarning } from '#core/lab/recipeWarnings'
import { winShares } from '#core/lab/report'
import { closest, searchRule } from '#core/lab/search'

const game = ownGame as unknown as Game

function rulesOf(recipe: Record<string, unknown>, seats = 2): OwnRules {
  const read = readHouseRules(game, recipe, seats)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return read.rules as unknown as OwnRules
}
function warned(recipe: Record<string, unknown>, seats = 2, matches = 300) {
  return recipeWarnings(rulesOf(recipe, seats), tryRecipe({ recipe, seats, matches }))
}

const die = { kind: 'dice', sides: [6] }
const again = { do: 'again' }

const onOther = { when: { is: 'on-other' }, then: { do: 'send-back' } }
const WARNED: readonly (readonly [says: string, seats: number, code: string, recipe: Record<string, unknown>])[] = [
  ['a goal behind what is added', 2, 'may-not-end', { brings: die, goal: -5 }],
  ['a goal that nobody comes to from one before it', 2, 'may-not-end', { goal: 30, reach: 'exactly' }],
  ['a goal that any throw reaches', 2, 'over-at-once', { goal: 2 }],
  ['a short race without even turns', 2, 'beginning', { brings: die, goal: 8 }],
  [
    'a seven on a die with six sides',
    2,
    'special-never',
    { brings: die, specials: [{ when: { is: 'has', n: 7 }, then: again }] },
  ],
  [
    'landing where another stands, alone',
    1,
    'special-never',
    { track: { from: 0, to: 9, start: 0, past: 'round' }, rounds: 5, specials: [onOther] },
  ],
  [
    'products of large dice',
    2,
    'grows',
    { brings: { kind: 'dice', sides: [12, 12] }, ways: [{ makes: 'product', does: 'add' }] },
  ],
  ['one round of heads or tails', 2, 'level', { brings: { kind: 'dice', sides: [2] }, rounds: 1 }],
]

test.each(WARNED)('%s is warned of', (_says, seats, code, recipe) => {
  const found = warned(recipe, seats, code === 'may-not-end' ? 12 : 300)
  expect(found.map((each) => each.code)).toContain(code)
  for (const each of found) expect(sayRecipeWarning(each)).toMatch(/^[A-Z0-9“].*\.$/)
})

test('what can never happen is told apart from what did not', () => {
  const special = (when: object) => ({ brings: { kind: 'dice', sides: [6, 6] }, specials: [{ when, then: again }] })
  expect(warned(special({ is: 'result', n: 13 }))).toMatchObject([{ code: 'special-never', facts: { sure: true } }])
  const rare = {
    brings: { kind: 'dice', sides: [100, 100, 100] },
    rounds: 1,
    specials: [{ when: { is: 'all', n: 7 }, then: again }],
  }
  const found = warned(rare, 2, 20).find(({ code }) => code === 'special-never')
  expect(found).toMatchObject({ facts: { at: 0, sure: false, matches: 20 } })
})

test('a place special is counted where the move ended, not where it was sent on to', () => {
  const recipe = {
    brings: { kind: 'spinner', faces: [2, 2], spins: 1 },
    track: { from: 0, to: 20, start: 0 },
    goal: 20,
    specials: [
      { when: { is: 'on', n: 4 }, then: { do: 'go-to', n: 7 } },
      { when: { is: 'on', n: 7 }, then: { do: 'miss' } },
      { when: { is: 'on', n: 9 }, then: { do: 'points', n: 1 } },
    ],
    finish: 'even-turns',
    rounds: 20,
  }
  const { held, matches } = tryRecipe({ recipe, seats: 1, matches: 10 })
  expect([held, matches]).toEqual([[10, 0, 10], 10])
})

test('the beginnings that the workshop offers are without fault, and wins add up to the matches', () => {
  for (const { id, rules } of ownGame.presets) {
    const trial = tryRecipe({ recipe: { ...rules }, seats: 2, matches: 40 })
    expect([id, trial.ended]).toEqual([id, 40])
    expect(winShares(trial).reduce((sum, { value }) => sum + value, 0)).toBeCloseTo(1)
    const grave = recipeWarnings(rulesOf({ ...rules }), trial).filter(({ code }) =>
      ['may-not-end', 'over-at-once', 'special-never'].includes(code),
    )
    expect([id, grave]).toEqual([id, []])
  }
})

test('a recipe is made ten minutes long by its rounds, its goal, or its start', () => {
  for (const { id, rules } of ownGame.presets.filter(({ id }) => ['hundred', 'down', 'best', 'harbour'].includes(id))) {
    const found = recipeLength(rulesOf({ ...rules }))!
    const { rule, ...between } = found
    const players = ['careful', 'careful'] as const
    const search = { game, houseRules: { ...rules }, players, pace: 12, rule, minutes: 10, seed: 'x', between }
    const tried = [...searchRule(search)]
    const best = closest(tried, 10)!
    expect(tried.every(({ value }) => value >= between.least && value <= between.most)).toBe(true)
    // A track is no longer than it is drawn.
    if (id !== 'harbour') expect([id, Math.abs(Math.log(best.minutes.usual / 10)) < 0.25]).toEqual([id, true])
  }
})
