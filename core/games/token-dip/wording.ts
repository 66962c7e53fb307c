import type { GameWording } from '#core/contract/game'
import type { DipCodes } from '#core/games/token-dip/codes'
import type { DipPlay, DipRules, DipState } from '#core/games/token-dip/rules'
import { andSays, capital, count, list } from '#core/basics/words'

/** Sentences of Token Dip in English. */
export const wording: GameWording<DipRules, DipPlay, DipState, DipCodes> = {
  reasons: {
    'no-such-token': ({ token, tokens }) => `The key has no ${token}; it has ${list(tokens)}.`,
    'bag-has-no-more': ({ token, count: all }) =>
      all === 0
        ? `There was no ${token} in the bag.`
        : `All ${all} ${token} are out of the bag already: look again which token it is.`,
    'recount-differs': ({ by, differs }, { name }) => {
      const told = differs.map(
        ({ token, counted, tape }) =>
          `${token}: ${counted} counted, ${tape} on the tape (${counted > tape ? `${counted - tape} more` : `${tape - counted} fewer`})`,
      )
      return `${name(by)}’s tokens differ. ${told.join('; ')}. Count again, or put the dip right on the tape.`
    },
  },
  notes: {
    dipped: ({ by, token, worth, total }, { name }) => `${capital(token)} is ${worth}: ${name(by)} has ${total} now.`,
    'on-the-floor': ({ floor }) => `Nobody falls below ${floor}: what would go below is let go.`,
    'recount-due': ({ seats }, { name }) =>
      `Before it is won, the tokens are counted: ${list(seats.map((seat) => name(seat)))}.`,
    'recount-agrees': ({ by, tokens, total }, { name }) =>
      `${count(tokens, 'token', 'tokens')}, as on the tape: ${name(by)} has ${total}.`,
  },
  why: { 'highest-sum': 'highest sum', 'goal-reached': 'reached the goal' },
  play(play, { name }) {
    if (play.do === 'dip') return `${name(play.by)} dips ${play.token}${andSays(play.said)}`
    const counts = Object.entries(play.counts).filter(([, n]) => n > 0)
    return `${name(play.by)} counts ${counts.length ? list(counts.map(([token, n]) => `${n} ${token}`)) : 'no tokens'}`
  },
  readBack({ key, bag, mode, goal, turns, floor, finish, recount }) {
    return [
      `${capital(list(key.map(({ token, worth }) => `${token} is ${worth}`)))}.`,
      bag
        ? `In the bag are ${list(Object.entries(bag).map(([token, n]) => `${n} ${token}`))}; what is dipped stays out.`
        : 'The token goes before the player who dipped it.',
      mode === 'turns'
        ? `${count(turns, 'dip', 'dips')} each; the highest sum wins.`
        : `First to ${goal}${finish === 'even-turns' ? '; the round is played to its end, and of those at the goal the higher wins' : ', at once'}.`,
      ...(mode === 'first-to' && recount === 'before-win'
        ? ['Before it is won, the tokens are counted against the tape.']
        : []),
      ...(key.some(({ worth }) => worth < 0)
        ? [floor === null ? 'Totals may fall below zero.' : `Nobody falls below ${floor}.`]
        : []),
    ]
  },
  prompts: (_rules, notes) =>
    notes.some(({ code }) => code === 'recount-due')
      ? ['How would you lay the tokens so that they are easy to count?', 'What are all of one colour worth together?']
      : notes.length
        ? ['How much is it to the goal?', 'Which token would do it?', 'Who is ahead, and by how much?']
        : [
            'What is that colour worth?',
            'What have you now, and what comes on top?',
            'Which token would you like to find, and how many are left?',
          ],
}
