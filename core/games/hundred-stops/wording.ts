import type { GameWording } from '#core/contract/game'
import type { StopsCodes } from '#core/games/hundred-stops/codes'
import type { StopsRules, StopsState, Travel } from '#core/games/hundred-stops/rules'
import { andSays, count, list } from '#core/basics/words'

/** The order in words: `hops 100, walks 9 tens`. */
export function sayOrder(order: readonly string[], unit: StopsRules['unit'] = 10): string {
  const [one, many] = unit === 10 ? ['ten', 'tens'] : ['one', 'ones']
  return list(order.map((step) => (step === 'h' ? `hops ${10 * unit}` : `walks ${count(step.slice(1), one, many)}`)))
}

/** Sentences of Hundred Stops in English. */
export const wording: GameWording<StopsRules, Travel, StopsState, StopsCodes> = {
  reasons: {
    'tens-not-spent': ({ walked, tens, unit = 10 }) =>
      unit === 10
        ? `The dice make ${count(tens, 'ten', 'tens')}; the order walks ${walked}. Tens are tens, not ones: spend them all and no more.`
        : `The dice make ${count(tens, 'one', 'ones')}; the order walks ${walked}. Spend them all and no more.`,
    'hundreds-not-spent': ({ hopped, hundreds, unit = 10 }) =>
      `The spinner says ${count(hundreds, 'hop', 'hops')} of ${10 * unit}; the order has ${hopped}.`,
  },
  notes: {
    arrived: ({ by, to, taken, home }, { name }) => {
      const stops = taken
      const tokens = stops.length
        ? ` and takes ${count(stops.length, 'token', 'tokens')} (${list(stops)})`
        : ' and takes no token'
      return `${name(by)} ends on ${to}${tokens}.${home ? ' Home!' : ''}`
    },
    'another-lap': ({ lap, seats, start }, { name }) =>
      `${list(seats.map((by) => name(by)))} are level: lap ${lap}. Everybody goes back to ${start}, all tokens are laid again; what was gathered is kept.`,
  },
  why: { 'most-tokens': 'most gathered' },
  play({ by, dice, hundreds, order, said }, { name }, { unit }) {
    return `${name(by)} rolls ${dice.join(' ')}, spins ${hundreds}: ${sayOrder(order, unit)}${andSays(said)}`
  },
  readBack({ start, end, stop, dice, sides, hundreds, unit, tokens, worth, finish, tie }) {
    return [
      `From ${start} to ${end} by ${unit === 10 ? 'tens' : 'ones'}; a token on every multiple of ${stop}.`,
      `${count(dice, 'die', 'dice')} with ${sides} sides for the ${unit === 10 ? 'tens' : 'ones'}, a spinner with ${list(hundreds)} for the ${unit === 10 ? 'hundreds' : 'tens'}.`,
      `Order your hops as you like: ${unit === 10 ? 'a hundred is jumped at once, tens are' : 'a ten is jumped at once, ones are'} walked one by one. Every stop touched gives its token.`,
      tokens === 'own' ? 'Everybody gathers an own set of tokens.' : 'The first to touch a stop takes its token.',
      worth === 'one' ? 'Each token counts one.' : 'A token counts the number on its stop.',
      {
        'first-home': 'When someone is home, the round is played to its end; then the tokens decide.',
        'at-once': 'When someone is home, it is over at once; the tokens decide.',
        'all-home': 'Played until all are home; then the tokens decide.',
      }[finish],
      ...(tie === 'extra-round' ? ['Level then: another lap, and what was gathered is kept.'] : []),
    ]
  },
  prompts(_rules, notes) {
    const arrived = notes.find(({ code }) => code === 'arrived')
    return arrived
      ? ['Would another order have touched more stops?', 'How far is it to the next hundred?', 'How far is it home?']
      : ['How many tens do the dice make?', 'Where will you be after the hundreds?', 'Which order touches most stops?']
  },
}
