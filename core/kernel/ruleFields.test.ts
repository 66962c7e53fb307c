import * as z from 'zod'
import { gameById, GAMES } from '#core/games/index'
import { houseRulesSchema } from '#core/kernel/houseRules'
import { ruleFields, sayRuleValue } from '#core/kernel/ruleFields'

const field = (game: string, name: string) => ruleFields(gameById(game)!).find((each) => each.name === name)!

test.each([
  ['brim', 'dice', 'number', 5, '5'],
  ['brim', 'minutes', 'number', null, 'No clock'],
  ['brim', 'tie', 'choice', 'extra-round', 'Extra round'],
  ['perch-and-push', 'draw', 'choice', 2, 'Two, choose one'],
  ['perch-and-push', 'pack', 'pack', { low: 0, high: 10, copies: 4 }, '0 to 10, 4 of each'],
  ['hundred-stops', 'hundreds', 'numbers', [1, 1, 2, 3], '1, 1, 2, 3'],
  ['token-dip', 'bag', 'counts', { coral: 5, plum: 2 }, 'coral 5, plum 2'],
  ['token-dip', 'bag', 'counts', null, 'Not counted'],
  ['token-dip', 'key', 'pairs', [{ token: 'coral', worth: 3 }], 'coral 3'],
  ['column-keeper', 'to', 'number', null, 'not set'],
])('%s %s is a %s; %j reads “%s”', (game, name, kind, value, text) => {
  const found = field(game, name)
  expect([found.kind, sayRuleValue(found, value)]).toEqual([kind, text])
})

test('only what may change in the middle of a match is offered to a ruling', () => {
  const changeable = (game: string) =>
    ruleFields(gameById(game)!)
      .filter((each) => each.changeable)
      .map(({ name }) => name)
  expect(changeable('perch-and-push')).toEqual([
    'goal',
    'afterPush',
    'safeStack',
    'answers',
    'explain',
    'minutes',
    'bySeat',
  ])
  expect(changeable('roof-tiles')).toEqual(['passes', 'answers', 'explain', 'minutes', 'bySeat'])
  expect(changeable('hundred-stops')).toEqual(['finish', 'answers', 'explain', 'tie', 'minutes', 'bySeat'])
})

test('every usual value of every game, and every one of its presets, is said in words', () => {
  for (const game of GAMES)
    for (const found of ruleFields(game))
      for (const value of [
        found.default,
        ...game.presets.map(({ rules }) => (rules as Record<string, unknown>)[found.name]),
      ])
        expect([game.id, found.name, sayRuleValue(found, value)]).toEqual([
          ...[game.id, found.name],
          expect.not.stringMatching(/\[object|undefined|^$|null/),
        ])
})

test('a form keeps to the bounds and the words that the published schema gives', () => {
  type Way = {
    type?: string
    minimum?: number
    maximum?: number
    maxLength?: number
    enum?: unknown[]
    const?: unknown
  }
  let bounds = 0
  for (const game of GAMES) {
    const published = z.toJSONSchema(houseRulesSchema(game), { io: 'input' }).properties as Record<
      string,
      Way & { anyOf?: Way[] }
    >
    for (const { name, kind, least, most, longest, choices = [], none } of ruleFields(game)) {
      const ways = published[name]!.anyOf ?? [published[name]!]
      const whole = ways.find(({ type }) => type === 'integer')
      expect([game.id, name, least, most]).toEqual([game.id, name, whole?.minimum, whole?.maximum])
      expect([game.id, name, longest]).toEqual([game.id, name, ways[0]?.maxLength])
      expect([game.id, name, none !== undefined]).toEqual([game.id, name, ways.some(({ type }) => type === 'null')])
      const words = ways.flatMap((way) => (way.const === undefined ? (way.enum ?? []) : [way.const]))
      if (kind !== 'by-seat') expect([game.id, name, choices.map(({ value }) => value)]).toEqual([game.id, name, words])
      if (whole) bounds++
    }
  }
  expect(bounds).toBeGreaterThan(50)
})
