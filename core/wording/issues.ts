import * as z from 'zod'
import { count, list } from '#core/basics/words'

/** What is wrong with a value that somebody sent or typed, in our own words: what is needed there. */

const KINDS: Readonly<Record<string, string>> = {
  string: 'A text is needed',
  number: 'A number is needed',
  int: 'A whole number is needed',
  boolean: 'Yes or no is needed',
  array: 'A list is needed',
  object: 'An object is needed',
  record: 'An object is needed',
}
const MOST_NAMED = 12

/** What a bound counts: letters, things of a list, or the number itself. */
function bound(origin: string, value: number | bigint): string {
  if (origin === 'string') return count(value, 'letter', 'letters')
  if (origin === 'array') return `${value} in the list`
  return String(value)
}

/** One sentence of what is wrong; a shape's own sentence goes before it. */
function sayIssue(issue: z.core.$ZodRawIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return `${KINDS[issue.expected] ?? 'Something else is needed'}.`
    case 'too_big':
      return `${bound(issue.origin, issue.maximum)} at most.`
    case 'too_small':
      return issue.origin === 'string' && Number(issue.minimum) === 1
        ? 'It is empty.'
        : `${bound(issue.origin, issue.minimum)} at least.`
    case 'invalid_value':
      return issue.values.length > 1 && issue.values.length <= MOST_NAMED
        ? `One of these is needed: ${list(issue.values.map(String))}.`
        : 'Something else is needed.'
    case 'unrecognized_keys':
      return `Nobody knows ${list(issue.keys.slice(0, MOST_NAMED).map((key) => `“${key.slice(0, 40)}”`))} here.`
    case 'invalid_format':
      return 'It is written otherwise.'
    default:
      return 'Something else is needed.'
  }
}

/** From now on every shape says what is wrong by `sayIssue`, where it has no sentence of its own. */
export function saysPlainly(): void {
  z.config({ customError: sayIssue })
}
