import { gameById } from '#core/games/index'
import { practisedFacts } from '#core/kernel/facts'
import { selfPlay } from '#core/kernel/selfPlay'
import { aimsShape, cellsOf, type Aim } from '#core/mastery/aims'
import { foldFact, keyOf } from '#core/mastery/cells'
import { rulesToward, TOWARD_GAMES } from '#core/practice/toward'

test.each([
  [{ kind: 'table', of: 7 }, 12, 'times 7 7'],
  [{ kind: 'sums', to: 10 }, 25, 'add 5 5'],
  [{ kind: 'target', of: 10 }, 5, 'add 4 6'],
  [{ kind: 'target', of: 20 }, 3, 'add 8 12'],
] as const)('%j is about %i facts', (aim, many, one) => {
  const cells = cellsOf(aim)
  expect([cells.length, new Set(cells).size, cells.includes(one)]).toEqual([many, many, true])
})

test.each([
  [[{ kind: 'table', of: 13 }]],
  [[{ kind: 'sums', to: 4 }]],
  [[{ kind: 'target', of: 1 }]],
  [
    [
      { kind: 'table', of: 7 },
      { kind: 'table', of: 7 },
    ],
  ],
  [[1, 2, 3, 4, 5].map((of) => ({ kind: 'table', of }))],
  [[{ kind: 'rain', of: 3 }]],
])('no aims: %j', (aims) => {
  expect(aimsShape.safeParse(aims).success).toBe(false)
})

const AIMS: readonly Aim[] = [
  { kind: 'table', of: 4 },
  { kind: 'table', of: 9 },
  { kind: 'target', of: 8 },
  { kind: 'target', of: 12 },
]
test.each(TOWARD_GAMES.flatMap((id) => AIMS.map((aim) => [id, aim] as const)))(
  '%s turned toward %j practises it',
  (id, aim) => {
    const rules = rulesToward(id, [[aim], []])
    if (!rules) return
    const { table, lines } = selfPlay({ game: gameById(id)!, houseRules: rules, players: ['Ines', 'Bao'], key: 'aim' })
    const wanted = new Set(cellsOf(aim))
    const met = lines
      .flatMap((line) => practisedFacts(table, line))
      .filter((fact) => {
        const cell = foldFact(fact)
        return cell && wanted.has(keyOf(cell))
      })
    expect(met.length).toBeGreaterThanOrEqual(2)
  },
)

test('each ladder goes by its child’s own table; nothing is turned where nobody has an aim for it', () => {
  expect(rulesToward('table-ladder', [[], [{ kind: 'table', of: 8 }]])).toEqual({ factors: [3, 8] })
  for (const id of TOWARD_GAMES) {
    expect(AIMS.some((aim) => rulesToward(id, [[aim]]))).toBe(true)
    expect(rulesToward(id, [[], [{ kind: 'sums', to: 20 }]])).toBeNull()
  }
  expect(rulesToward('brim', [AIMS])).toBeNull()
})
