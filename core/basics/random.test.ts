import fc from 'fast-check'
import { mixedSeed, randomFor } from '#core/basics/random'

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
    fc.property(
      fc.string(),
      fc.integer({ min: -50, max: 50 }),
      fc.nat(20),
      fc.array(fc.nat(9), { maxLength: 30 }),
      (key, low, more, cards) => {
        const random = randomFor(key)
        const value = random.whole(low, low + more)
        expect(value >= low && value <= low + more && Number.isInteger(value)).toBe(true)
        const before = [...cards]
        const shuffled = random.shuffled(cards)
        expect(cards).toEqual(before)
        expect([...shuffled].sort()).toEqual([...before].sort())
      },
    ),
  )
})

/** Chi-squared of how often each pair of numbers from 1 to 6 came, for 35 degrees of freedom. */
function pairsOf(seed: (n: number) => string): number {
  const counts = Array.from({ length: 36 }, () => 0)
  const MATCHES = 7200
  for (let n = 0; n < MATCHES; n++) {
    const [one, other] = [0, 1].map((played) => randomFor(seed(n), 'deal', played).whole(1, 6))
    counts[(one! - 1) * 6 + other! - 1]!++
  }
  return counts.reduce((sum, count) => sum + (count - MATCHES / 36) ** 2 / (MATCHES / 36), 0)
}

test('under a mixed seed the first number of a play says nothing of the next play’s; old seeds deal as they ever did', () => {
  // One of a thousand fair generators is beyond 66.
  expect(pairsOf((n) => mixedSeed(`match ${n}`))).toBeLessThan(66)
  expect(pairsOf((n) => `match ${n}`)).toBeGreaterThan(66)
  // A match that was dealt before seeds were mixed is dealt again like that.
  expect([0, 1, 2].map((played) => randomFor('saturday', 'deal', played).whole(1, 1000))).toEqual([384, 765, 146])
})
