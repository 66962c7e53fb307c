import * as fc from 'fast-check'
import { applied, judgeCalculation, type Sign } from '#core/games/own-game/calculation'
import type { SignName } from '#core/games/own-game/houseRules'
import { sentencesFor } from '#core/games/own-game/search'

const ALL: SignName[] = ['add', 'subtract', 'times', 'divide']
const SIGNS = { add: '+', subtract: '-', times: '*', divide: '/' } as const

/** Every value that all of the numbers make, by trying every pair and sign again and again. */
function everyValue(numbers: readonly number[], signs: readonly Sign[], found = new Set<number>()): Set<number> {
  if (numbers.length === 1) return found.add(numbers[0]!)
  numbers.forEach((a, i) =>
    numbers.forEach((b, j) => {
      if (i === j) return
      const rest = numbers.filter((_, at) => at !== i && at !== j)
      for (const sign of signs) {
        const value = applied(sign, a, b)
        if (value !== null) everyValue([...rest, value], signs, found)
      }
    }),
  )
  return found
}

test('the nearest value of four numbers is that of trying everything, and every sentence makes it', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 12 }), { minLength: 1, maxLength: 4 }),
      fc.uniqueArray(fc.constantFrom('add' as const, 'subtract' as const, 'times' as const)),
      fc.boolean(),
      fc.integer({ min: -50, max: 300 }),
      (numbers, some, divide, target) => {
        const signs: SignName[] = divide ? [...some, 'divide'] : some
        fc.pre(some.length > 0)
        const found = sentencesFor({ signs, useAll: true }, numbers, target, 500)!
        const values = [
          ...everyValue(
            numbers,
            signs.map((name) => SIGNS[name]),
          ),
        ]
        const off = Math.min(...values.map((value) => Math.abs(value - target)))
        expect(Math.abs(found.value - target)).toBe(off)
        for (const sentence of found.sentences)
          expect(judgeCalculation({ signs, useAll: true }, sentence, numbers)).toMatchObject({
            stands: true,
            value: found.value,
          })
      },
    ),
    { numRuns: 120 },
  )
})

test.each([
  [[3, 4, 7, 10], 50, ['(4*3-7)*10', '(7+3)*4+10', '10*4+7+3']],
  // Once, whatever the order.
  [[2, 3, 4], 24, ['4*3*2']],
  [[2, 2], 4, ['2*2', '2+2']],
  [[6, 3, 2], 9, ['6*2-3', '6*3/2']],
  [[9], 4, ['9']],
] as const)('%j make %d', (numbers, target, sentences) => {
  const found = sentencesFor({ signs: ALL, useAll: true }, numbers, target, 50)!
  expect([...found.sentences].sort()).toEqual([...sentences].sort())
  expect(found.more).toBe(false)
})

test('without a plus a bracket adds, and not every number must be used where that was agreed', () => {
  const only = sentencesFor({ signs: ['subtract'], useAll: true }, [9, 4, 2], 7, 50)
  expect(only).toEqual({ value: 7, sentences: ['9-(4-2)'], more: false })
  expect(sentencesFor({ signs: ['add', 'divide'], useAll: true }, [8, 4, 2], 4, 50)?.sentences).toEqual([
    '8/4+2',
    '8/(4/2)',
  ])
  // However the divisions lie in each other, where none leaves a rest.
  const divisions = (numbers: number[], target: number) =>
    sentencesFor({ signs: ['divide'], useAll: true }, numbers, target, 50)?.sentences
  expect(divisions([2, 3, 6, 12, 4], 3)).toEqual(['12/(4/(3/(6/2)))', '6/(2/(4/(12/3)))', '12/(4/(6/3/2))'])
  const some = sentencesFor({ signs: ALL, useAll: false }, [9, 4, 2], 9, 50)!
  expect(some.sentences).toContain('9')
})

test('six numbers and four signs are looked through whole; more than asked for are not kept', () => {
  const rules = { signs: ALL, useAll: true }
  const parts: number[] = []
  const found = sentencesFor(rules, [2, 3, 5, 7, 8, 9], 24, 2000, (part) => parts.push(part))!
  // Told from nothing to all but the last step, ever farther.
  expect(parts).toEqual(Array.from({ length: 62 }, (_, i) => i / 62))
  expect([found.value, found.sentences.length, found.more]).toEqual([24, 1098, false])
  expect(new Set(found.sentences).size).toBe(1098)
  const few = sentencesFor(rules, [2, 3, 5, 7, 8, 9], 24, 10)!
  expect([few.sentences.length, few.more]).toEqual([10, true])
})
