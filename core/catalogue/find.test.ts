import { timeOf } from '#core/catalogue/time'
import { findGames, isInBox, NO_WISH, type Wish } from '#core/catalogue/find'
import { MATERIALS } from '#core/contract/materials'
import { SKILLS, SKILL_IDS } from '#core/contract/skills'
import { ABOUTS } from '#core/games/abouts'
import { aboutRecipe } from '#core/games/own-game/aboutRecipe'
import { ownGame } from '#core/games/own-game/index'
import { rulesInOrder } from '#core/kernel/houseRules'

const found = (wish: Partial<Wish>) => findGames(ABOUTS, { ...NO_WISH, ...wish }).map(({ id }) => id)

test('without a wish all games are there, in their own order', () =>
  expect(found({})).toEqual(ABOUTS.map(({ id }) => id)))

describe.each(ABOUTS.map(({ id, about }) => [id, about] as const))('%s', (id, about) => {
  test('says what it practises, what it needs and whom it is for', () => {
    expect(about.skills.length).toBeGreaterThanOrEqual(2)
    expect(about.skills.every((skill) => skill in SKILLS)).toBe(true)
    expect(new Set(about.skills).size).toBe(about.skills.length)
    expect(about.needs.length).toBeGreaterThan(0)
    expect(about.needs.flat().every((material) => material in MATERIALS)).toBe(true)
    expect(about.ages.low).toBeLessThan(about.ages.high)
  })
  test('is found by its title, by each skill, with what it needs in the box', () => {
    expect(found({ text: about.title })[0]).toBe(id)
    for (const skill of about.skills) expect(found({ skills: [skill] })).toContain(id)
    expect(found({ box: about.needs.map(([first]) => first!) })).toContain(id)
  })
})

test.each(ownGame.presets.map(({ label, rules }) => [label, rules] as const))(
  'the recipe %s is found by its title, by each skill and in the box, before the rulebook’s',
  (label, rules) => {
    const name = `Gull ${rules.title ?? label} of 2026`
    const about = aboutRecipe(rulesInOrder(ownGame, rules, 2), name)
    const kept = { id: 'x', houseRules: rules, time: { low: 12, high: 12, atOnce: false, goesOn: false } }
    const games = [{ id: 'own-game' as const, about, kept }, ...ABOUTS]
    const fits = (wish: Partial<Wish>) => findGames(games, { ...NO_WISH, ...wish }).map((fit) => fit.kept?.id ?? fit.id)
    expect(fits({})[0]).toBe('x')
    expect(fits({ text: name })[0]).toBe('x')
    expect(fits({ text: 'gull' })).toEqual(['x'])
    expect(about.skills.length).toBeGreaterThan(0)
    for (const skill of about.skills) expect(fits({ skills: [skill] })).toContain('x')
    expect(fits({ box: about.needs.map(([first]) => first!) })).toContain('x')
    expect(fits({ minutes: 10 })).not.toContain('x')
    expect(fits({ minutes: 15 })).toContain('x')
    expect(about.line).toMatch(/^Our own: .*\.$/)
  },
)

test('every skill is practised by some game', () => {
  expect(SKILL_IDS.filter((skill) => !ABOUTS.some(({ about }) => about.skills.includes(skill)))).toEqual([])
})

test.each([
  ['friends of ten', 'ask-for-rest'],
  ['freinds of ten', 'roof-tiles'],
  ['make ten', 'turn-two'],
  ['times tables', 'table-ladder'],
  ['multiplication', 'top-total'],
  ['place value', 'place-strike'],
  ['odd and even', 'ebb-and-flow'],
  ['below zero', 'exact-landing'],
  ['negative', 'ebb-and-flow'],
  ['subtraction', 'call-row'],
  ['dominoes', 'covered-part'],
  ['paper clip', 'ten-turn-haul'],
  ['probability', 'brim'],
  ['mulitples', 'skip-count-yard'],
])('“%s” finds %s', (text, id) => expect(found({ text })).toContain(id))

test.each([['perch'], ['Skip-Count']])('a title typed (%s) comes first', (text) =>
  expect(found({ text })[0]).toMatch(/perch|skip/),
)
test('what nobody has finds nothing', () => expect(found({ text: 'submarine' })).toEqual([]))

test('players, minutes, age', () => {
  expect(found({ players: 1 }).every((id) => ABOUTS.find((each) => each.id === id)!.about.seats.low === 1)).toBe(true)
  expect(found({ players: 8 })).toEqual(['roof-tiles'])
  const five = found({ minutes: 5 })
  expect(five).toEqual(found({}).filter((id) => five.includes(id)))
  expect(found({}).every((id) => timeOf(ABOUTS.find((each) => each.id === id)!).low <= 5 === five.includes(id))).toBe(
    true,
  )
  expect(found({ age: 5 })).toContain('fill-in-order')
  expect(found({ age: 5 })).not.toContain('place-strike')
})

test('those that practise more of what is looked for come first', () => {
  const [first, ...others] = findGames(ABOUTS, { ...NO_WISH, skills: ['making-ten', 'missing-part', 'planning'] })
  expect([first!.id, first!.practises]).toEqual(['roof-tiles', ['making-ten', 'missing-part', 'planning']])
  expect(others.map(({ practises }) => practises.length)).toEqual(
    others.map(({ practises }) => practises.length).sort((a, b) => b - a),
  )
})

test('of things that will do for each other one is enough', () => {
  expect(isInBox([['dice', 'dominoes'], ['paper']], ['dominoes', 'paper'])).toBe(true)
  expect(isInBox([['dice', 'dominoes'], ['paper']], ['dominoes'])).toBe(false)
  expect(findGames(ABOUTS, { ...NO_WISH, box: ['dominoes'] }).map(({ id, uses }) => [id, uses])).toEqual([
    ['covered-part', ['dominoes']],
  ])
})
