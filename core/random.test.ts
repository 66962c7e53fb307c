import fc from 'fast-check'
import { randomFor } from '#core/random'

test('the same key brings the same chance, another key another', () => {
  const draw = (...key: (string | number)[]) => {
    const random = randomFor(...key)
    return Array.from({ length: 20 }, () => random.whole(1, 6))
  }
  expect(draw('buoy', 3)).toEqual(draw('buoy', 3))
  expect(draw('buoy', 3)).not.toEqual(draw('buoy', 4))
  expect(draw('buoy', 3)).not.toEqual(draw('gull', 3))
  // The parts of a key are kept apart.
  expect(draw('a', 'bc')).not.toEqual(draw('ab', 'c'))
})

test('what a seed brings is part of the match format and must never change', () => {
  const random = randomFor('lantern', 1)
  expect(Array.from({ length: 8 }, () => random.whole(1, 6))).toEqual([4, 6, 4, 2, 2, 6, 2, 3])
})

test('every face comes about as often', () => {
  const random = randomFor('fair')
  const counts = [0, 0, 0, 0, 0, 0]
  for (let i = 0; i < 12_000; i++) counts[random.whole(1, 6) - 1]!++
  // 2000 each, with a deviation of about 41: six of those are never reached by a fair die.
  for (const count of counts) expect(Math.abs(count - 2000)).toBeLessThan(250)
})

test('within the bounds, both included; shuffling keeps every card', () => {
  fc.assert(
    fc.property(fc.string(), fc.integer({ min: -50, max: 50 }), fc.nat(20), fc.array(fc.nat(9), { maxLength: 30 }), (key, low, more, cards) => {
      const random = randomFor(key)
      const value = random.whole(low, low + more)
      expect(value >= low && value <= low + more && Number.isInteger(value)).toBe(true)
      const before = [...cards]
      const shuffled = random.shuffled(cards)
      expect(cards).toEqual(before)
      expect([...shuffled].sort()).toEqual([...before].sort())
    }),
  )
})
