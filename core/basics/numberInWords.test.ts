import { numberInWords } from '#core/basics/numberInWords'

const SMALL =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  )
const TENS = 'zero ten twenty thirty forty fifty sixty seventy eighty ninety'.split(' ')

/** Reads words back, knowing nothing of how they were made. */
function read(words: string): number {
  let all = 0
  let part = 0
  for (const word of words.split(/[ -]/)) {
    if (word === 'thousand') {
      all = part * 1000
      part = 0
    } else if (word === 'hundred') part *= 100
    else if (word !== 'and') part += SMALL.includes(word) ? SMALL.indexOf(word) : TENS.indexOf(word) * 10
  }
  return all + part
}

test('every number from 0 to 999,999 reads back to itself', () => {
  const wrong: string[] = []
  for (let number = 0; number < 1_000_000; number++)
    if (read(numberInWords(number)) !== number) wrong.push(`${number}: ${numberInWords(number)}`)
  expect(wrong.slice(0, 5)).toEqual([])
})

test.each([
  [0, 'zero'],
  [13, 'thirteen'],
  [101, 'one hundred and one'],
  [1001, 'one thousand and one'],
  [123_456, 'one hundred and twenty-three thousand four hundred and fifty-six'],
  [352_416, 'three hundred and fifty-two thousand four hundred and sixteen'],
  [100_013, 'one hundred thousand and thirteen'],
])('%i is “%s”', (number, words) => expect(numberInWords(number)).toBe(words))
