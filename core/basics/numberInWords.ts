const SMALL =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  )
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ')

/** A whole number from 0 to 999,999 in words, British English: `one hundred and twenty-three thousand four hundred and five`. */
export function numberInWords(number: number): string {
  if (number < 20) return SMALL[number] ?? ''
  if (number < 100) return `${TENS[Math.floor(number / 10) - 2]}${number % 10 ? `-${SMALL[number % 10]}` : ''}`
  const [unit, word] = number < 1000 ? [100, 'hundred'] : [1000, 'thousand']
  const rest = number % unit
  const more = rest ? `${rest < 100 ? ' and ' : ' '}${numberInWords(rest)}` : ''
  return `${numberInWords(Math.floor(number / unit))} ${word}${more}`
}
