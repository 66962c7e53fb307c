import { capital, count, list, withMinus } from '#core/basics/words'
import type { OwnRules, Special, Then, Way, When } from '#core/games/own-game/houseRules'

/** A recipe in sentences. */

export const MAKES = {
  sum: 'the sum',
  product: 'the product',
  largest: 'the largest',
  smallest: 'the smallest',
  difference: 'the difference',
  number: 'a number made of the digits',
  calculation: 'a number sentence',
} as const

/** Signs as they are written. */
export const SIGNS = { add: '+', subtract: '−', times: '×', divide: '÷' } as const

/** What a throw is: `two dice with 6 sides`. */
export function sayBrings({ brings }: Pick<OwnRules, 'brings'>): string {
  if (brings.kind === 'spinner')
    return `${brings.spins === 1 ? 'a spin' : `${brings.spins} spins`} of a spinner with ${withMinus(list(brings.faces))}`
  if (brings.kind === 'cards')
    return `${count(brings.draw, 'card', 'cards')} of ${brings.pack.low} to ${brings.pack.high}, ${brings.pack.copies} of each`
  const kinds = new Set(brings.sides)
  const dice = count(brings.sides.length, 'die', 'dice')
  return kinds.size === 1 ? `${dice} with ${brings.sides[0]} sides` : `${dice} with ${list(brings.sides)} sides`
}

/** When a special holds: `all numbers alike`. */
export const sayWhen = (when: When): string => withMinus(whenOf(when))

function whenOf(when: When): string {
  switch (when.is) {
    case 'same':
      return 'all numbers alike'
    case 'has':
      return `the number ${when.n} among them`
    case 'all':
      return `nothing but ${when.n}`
    case 'result':
      return `a result of ${when.n}`
    case 'multiple':
      return `a multiple of ${when.n}`
    case 'over':
      return `more than ${when.n}`
    case 'under':
      return `less than ${when.n}`
    case 'even':
      return 'an even result'
    case 'odd':
      return 'an odd result'
    case 'on':
      return `landing on ${when.n}`
    case 'on-multiple':
      return `landing on a multiple of ${when.n}`
    case 'on-other':
      return 'landing where another stands'
  }
}

/** What a special does: `throws again`. */
export function sayThen(then: Then): string {
  switch (then.do) {
    case 'points':
      return then.n > 0 ? `gives ${count(then.n, 'point', 'points')}` : `costs ${count(-then.n, 'point', 'points')}`
    case 'again':
      return 'throws again'
    case 'end-turn':
      return 'ends the turn'
    case 'miss':
      return 'misses the next turn'
    case 'nothing':
      return 'does nothing else'
    case 'double':
      return 'counts twice'
    case 'opposite':
      return 'turns adding and taking round'
    case 'bust':
      return 'loses what the turn made'
    case 'lose-all':
      return 'loses everything'
    case 'go-to':
      return `goes to ${then.n}`
    case 'send-back':
      return 'sends the others there back to the start'
  }
}

/** A special as a sentence without its full stop: `All numbers alike: throws again`. */
export const saySpecial = ({ when, then }: Special): string => withMinus(`${sayWhen(when)} ${sayThen(then)}`)

/** One way to use a throw: `the sum, added`. */
export const sayWay = ({ scoring }: Pick<OwnRules, 'scoring'>, { makes, does }: Way): string =>
  scoring === 'gains' ? `${MAKES[makes]}, ${does === 'add' ? 'added' : 'taken away'}` : MAKES[makes]

function sayWays(rules: OwnRules): string {
  const { ways, signs, useAll } = rules
  const said = ways.map((way) => sayWay(rules, way))
  const sentence = ways.some(({ makes }) => makes === 'calculation')
    ? ` Signs: ${signs.map((sign) => SIGNS[sign]).join(' ')}; ${useAll ? 'every number is used' : 'not every number must be used'}.`
    : ''
  return `What it makes: ${said.join('; or ')}.${sentence}`
}

const BEST = { higher: 'highest', lower: 'lowest', nearest: 'nearest' } as const

function sayScoring({ scoring, target, better, worth, tied }: OwnRules): string[] {
  if (scoring === 'distance') return [`Its distance from ${target} is added.`]
  if (scoring === 'gains') return []
  const best = better === 'nearest' ? `the nearest to ${target}` : `the ${BEST[better]}`
  return [
    `In each round ${best} scores ${worth === 'one' ? 'a point' : 'what it is'}; level: ${tied === 'all' ? 'all of them' : 'nobody'}.`,
  ]
}

const PAST = {
  stay: 'whoever would go past an end stays',
  'stop-there': 'whoever would go past an end stops there',
  'turn-back': 'what is left at an end is walked back',
  round: 'behind the last place comes the first',
  'start-again': 'whoever goes past an end starts again',
} as const

function sayTrack({ track }: OwnRules): string[] {
  if (!track) return []
  const gives = track.gives?.some((points) => points !== 0) ? ' Places give points.' : ''
  return [`A track from ${track.from} to ${track.to}, from ${track.start} on; ${PAST[track.past]}.${gives}`]
}

function sayEnd({ rounds, goal, reach, finish, wins }: OwnRules): string[] {
  const best = { most: 'the most wins', fewest: 'the fewest wins', nearest: `the nearest to ${goal} wins` }[wins]
  const ends = [
    ...(goal !== null && wins !== 'nearest'
      ? [
          `when somebody has ${reach === 'exactly' ? `exactly ${goal}` : `come to ${goal}`}${finish === 'even-turns' ? ', after even turns' : ''}`,
        ]
      : []),
    ...(rounds === null ? [] : [`after ${count(rounds, 'round', 'rounds')}`]),
  ]
  return [`The match is over ${ends.join(', or ')}; ${best}.`]
}

/** A recipe read back, sentence by sentence. */
export function sayRecipe(rules: OwnRules): string[] {
  const { title, rule, throws, start, floor, specials, counts } = rules
  const throwing =
    throws === 'choice'
      ? ', as often as they like: what it makes lies in a pot until they stop'
      : throws > 1
        ? `, ${throws} times a turn`
        : ''
  const sentences = [
    sayWays(rules),
    ...sayScoring(rules),
    ...sayTrack(rules),
    ...specials.map((special) => `${capital(saySpecial(special))}.`),
    ...(start === 0 && floor === 0
      ? []
      : [`Points begin at ${start}${floor === null ? ' and may fall below 0' : `, never below ${floor}`}.`]),
    ...sayEnd(rules),
    ...(counts === 'points' && rules.track ? ['Points count, not the place.'] : []),
  ]
  return [
    // What the table wrote itself stands as it is.
    `${title}: everybody throws ${sayBrings(rules)}${throwing}.`,
    ...sentences.map(withMinus),
    ...(rule ? [`To remember: ${rule}`] : []),
  ]
}
