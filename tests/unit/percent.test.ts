import { percent } from '../../app/utils/percent'

test.each([
  [0, '0 %'],
  [1, '100 %'],
  [0.5, '50 %'],
  [0.005, '0.5 %'],
  [0.0001, 'under 0.1 %'],
  [0.9999, 'over 99.9 %'],
  [0.996, '99.6 %'],
  [1 / 3, '33 %'],
])('%d is told as %s: never 0 or 100 where it isn’t', (chance, says) => expect(percent(chance)).toBe(says))
