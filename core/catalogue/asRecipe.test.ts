import { AS_RECIPES } from '#core/catalogue/asRecipe'
import type { Game } from '#core/contract/game'
import { readMatch } from '#core/format/matchFile'
import { gameById } from '#core/games/index'
import { readHouseRules } from '#core/kernel/houseRules'
import { standing } from '#core/kernel/match'
import { selfPlay } from '#core/kernel/selfPlay'
import { addEntry } from '#core/kernel/tape'
import { fileOf } from '../../tests/unit/judging'

type Said = keyof typeof AS_RECIPES
const players = (seats: number) => ['Ines', 'Tomasz', 'Odalys', 'Bao'].slice(0, seats)
const recipeOf = (id: Said, houseRules: Record<string, unknown>) => {
  const read = readHouseRules(gameById(id)!, houseRules, 2)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return AS_RECIPES[id](read.rules)
}

/** What a play of the game is called as a throw. */
const AS_THROW: Readonly<Partial<Record<Said, (play: never) => readonly number[]>>> = {
  'ten-turn-haul': (play: { value: number }) => [play.value],
  'top-total': (play: { dice: number[] }) => play.dice,
  'exact-landing': (play: { sign: string; step: number }) => [play.sign === '+' ? play.step : -play.step],
  'token-dip': (play: { token: keyof typeof WORTH }) => [WORTH[play.token]],
}
const WORTH = { coral: 3, amber: 6, teal: 1, plum: 10, slate: 15, white: 0 }

test.each<readonly [Said, Record<string, unknown>]>([
  ['ten-turn-haul', {}],
  ['ten-turn-haul', { faces: [4], turns: 3, better: 'lower' }],
  ['top-total', {}],
  ['top-total', { dice: 3, sides: 12, combine: 'times', better: 'lower', rounds: 4 }],
  ['top-total', { combine: 'difference', tiedRound: 'both' }],
  ['exact-landing', { over: 'lose-turn', under: 'lose-turn' }],
  [
    'exact-landing',
    { low: -4, high: 6, start: 0, goal: -3, over: 'lose-turn', under: 'lose-turn', finish: 'even-turns' },
  ],
  ['token-dip', { recount: 'off' }],
  ['token-dip', { recount: 'off', finish: 'at-once', goal: 20 }],
  ['token-dip', { recount: 'off', mode: 'turns', turns: 4 }],
])('%s %j as a recipe comes to the same standing and winners', (id, houseRules) => {
  const { recipe } = recipeOf(id, houseRules)
  for (let seed = 1; seed <= 20; seed++) {
    const seats = 2 + (seed % 3)
    const names = players(seats)
    const first = 1 + (seed % seats)
    const key = `2~${seed}`
    const twin = selfPlay({ game: gameById(id)!, houseRules, players: names, first, key })
    const begun = readMatch(fileOf({ game: 'own-game', houseRules: recipe, players: names, first } as never))
    if (!begun.ok) throw new Error(JSON.stringify(begun.problems))
    let own = begun.tape
    for (const { play } of twin.lines)
      own = addEntry(own, { play: { do: 'throw', by: play!.by, numbers: AS_THROW[id]!(play as never) } })
    expect(standing(own.table, own.state)).toEqual(standing(twin.table, twin.state))
    expect(own.state.result?.winners).toEqual(twin.state.result?.winners)
  }
})

test('a path of cubes is walked and gathered alike until somebody is home', () => {
  const { recipe, otherwise } = recipeOf('step-and-gather', {})
  expect(otherwise).toMatch(/after so many rounds/)
  const walked = { game: gameById('step-and-gather')!, players: ['Ines', 'Bao'], key: '2~7' }
  const own = readMatch(fileOf({ game: 'own-game', houseRules: recipe, players: players(2) } as never))
  if (!own.ok) throw new Error(JSON.stringify(own.problems))
  let { tape } = own
  for (const [n, { play }] of selfPlay(walked).lines.slice(0, 8).entries()) {
    const { by, roll } = play as unknown as { by: number; roll: number }
    tape = addEntry(tape, { play: { do: 'throw', by, numbers: [roll] } })
    const so = selfPlay({ ...walked, most: n + 1 })
    expect(standing(tape.table, tape.state)).toEqual(standing(so.table, so.state))
  }
})

test('every recipe of a game as it is usually played is in order', () => {
  for (const id of Object.keys(AS_RECIPES) as Said[]) {
    const { recipe, otherwise } = recipeOf(id, {})
    expect([id, readHouseRules(gameById('own-game') as Game, recipe, 2)]).toMatchObject([id, { ok: true }])
    expect(otherwise ?? 'Nothing.').toMatch(/^[A-Z].*\.$/)
  }
})
