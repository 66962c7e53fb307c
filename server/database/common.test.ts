import { makeCommon } from './common'

test('what is asked for the third time is common from then on', () => {
  const isCommon = makeCommon()
  expect(['a', 'b', 'a', 'a', 'a', 'b'].map(isCommon)).toEqual([false, false, false, true, true, false])
})

test('it is bounded: by number, and what is long never is', () => {
  const isCommon = makeCommon()
  const thrice = (text: string) => [1, 2, 3].map(() => isCommon(text)).at(-1)
  expect(thrice('x'.repeat(4001))).toBe(false)
  const common = Array.from({ length: 400 }, (_, i) => thrice(`select ${i}`))
  expect(common.filter(Boolean)).toHaveLength(150)
  expect(isCommon('select 0')).toBe(true)
})
