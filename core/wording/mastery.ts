import type { Aim } from '#core/mastery/aims'
import { cellOf, type CellKey } from '#core/mastery/cells'
import type { Mastery, Try } from '#core/mastery/mastery'
import { EVIDENCE, type Evidence } from '#core/kernel/facts'
import type { SlipKind } from '#core/mastery/slips'
import type { How } from '#core/contract/plays'
import { count, figure } from '#core/basics/words'

/** What a child works on: `the table of 7`. */
export function sayAim(aim: Aim): string {
  if (aim.kind === 'table') return `the table of ${aim.of}`
  return aim.kind === 'sums' ? `sums to ${aim.to}` : `pairs that make ${aim.of}`
}

/** A fact as it is written: `3 + 7`. */
export function sayCell(key: CellKey): string {
  const { square, a, b } = cellOf(key)
  return `${a} ${square === 'add' ? '+' : '×'} ${b}`
}

/** How somebody stands with a fact, and why, in one sentence. */
export function sayMastery({ key, status, tries, right, why }: Mastery): string {
  const fact = sayCell(key)
  const all = `${right} of ${tries} right`
  if (status === 'met') return `${fact}: met, nothing said yet.`
  if (status === 'unseen') return `${fact}: not seen enough yet, ${count(tries, 'try', 'tries')}.`
  if (!why) return `${fact}: sure, ${all}.`
  if (why.code === 'wrong-last')
    return `${fact}: shaky, wrong the last time${why.said === null ? '' : ` (said ${why.said})`}; ${all}.`
  if (why.code === 'wrong-often')
    return `${fact}: shaky, ${why.wrong} of ${why.of} wrong, the later ones weighing more.`
  return `${fact}: shaky, right, but passed on explaining ${why.passed} of the last ${why.of} times.`
}

/** What that rests on: `3 said, 1 with help, 4 met`. */
export function sayEvidence({ by }: Pick<Mastery, 'by'>): string {
  return EVIDENCE.flatMap((kind) => (by[kind] ? [`${by[kind]} ${EVIDENCE_WORDS[kind]}`] : [])).join(', ')
}

const EVIDENCE_WORDS: Readonly<Record<Evidence, string>> = {
  said: 'said',
  explained: 'explained',
  helped: 'with help',
  met: 'met',
}

/** How an answer was explained. */
export const HOW_NAMES: Readonly<Record<How, string>> = {
  'counted-back': 'counted back',
  doubled: 'doubled',
  'tens-and-ones': 'tens and ones',
  'used-an-aid': 'used an aid',
  'knew-it': 'knew it',
  'counted-on': 'counted on',
  'made-ten': 'made ten',
  'near-double': 'near double',
  'skip-counted': 'skip-counted',
  'drew-it': 'drew it',
  other: 'other way',
  passed: 'passed',
}

const SLIPS: Readonly<Record<SlipKind, string>> = {
  'one-off': 'One too many or too few',
  'ten-off': 'A ten too many or too few',
  swapped: 'Digits swapped',
  'other-operation': 'Worked out otherwise than asked: added, taken away or multiplied',
  'a-part': 'A number left out',
  other: 'Other',
}
export const saySlipKind = (kind: SlipKind): string => SLIPS[kind]

const SIGNS = { add: ' + ', subtract: ' − ', times: ' × ', compare: ', ' } as const

/** A wrong answer as it was: `6 + 8 = 14, said 15`. */
export function sayTry({ operation, terms, answer, said }: Try): string {
  const left = terms.map(figure).join(SIGNS[operation])
  return `${left} = ${figure(answer)}${said === null ? '' : `, said ${figure(said)}`}`
}
