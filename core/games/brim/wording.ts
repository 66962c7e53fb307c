import type { GameWording } from '#core/contract/game'
import type { BrimCodes } from '#core/games/brim/codes'
import type { BrimPlay, BrimRules, BrimState } from '#core/games/brim/rules'
import { count, isAre, list } from '#core/basics/words'

/** Brim's sentences in English. */
export const wording: GameWording<BrimRules, BrimPlay, BrimState, BrimCodes> = {
  reasons: {
    'no-rolls-left': ({ rolls }) => `All ${rolls} rolls of this turn are used. Stop banks the dice as they lie.`,
    'not-among-dice': ({ value, first }) =>
      first
        ? `Nothing can be frozen before the first roll. Roll all dice first.`
        : `There is no loose ${value} to freeze.`,
    'must-freeze': ({ kept, least, loose }) =>
      loose <= least
        ? `Only ${count(loose, 'die', 'dice')} ${isAre(loose)} loose and ${least} must be frozen before each further roll: now one must stop.`
        : `${count(least, 'die', 'dice')} at least must be frozen before a further roll; ${kept} ${isAre(kept)}.`,
    'nothing-left-to-roll': () => `All dice would be frozen and none rolled. Stop, or leave a die loose.`,
    'wrong-dice-count': ({ count: given, expected, first }) =>
      `${first ? 'The first roll takes' : 'This roll takes'} ${count(expected, 'die', 'dice')}; ${given} ${isAre(given)} given.`,
    'nothing-rolled': (facts, { name }) => `${name(facts.by)} has not rolled yet.`,
  },
  notes: {
    room: ({ sum, limit, room }) =>
      room >= 0
        ? `${sum} of ${limit}: ${room === 0 ? 'exactly full' : `room for ${room} more`}.`
        : `${sum} is ${-room} over ${limit}.`,
    banked: ({ by, points, total }, { name }) => `${name(by)} banks ${points} and has ${total}.`,
    spilled: ({ by, sum, over, limit }, { name }) =>
      `${sum} is ${over} over ${limit}: nothing for ${name(by)} this time.`,
  },
  play(play, { name }) {
    if (play.do === 'stop') {
      const told = [play.said, play.total === undefined ? undefined : `${play.total} in all`].filter(
        (each) => each !== undefined,
      )
      return `${name(play.by)} stops${told.length ? ` and says ${list(told)}` : ''}`
    }
    const keep = play.keep?.length ? `freezes ${list(play.keep)} and ` : ''
    return `${name(play.by)} ${keep}rolls ${play.dice.join(' ')}`
  },
  readBack(rules) {
    const freeze =
      rules.mustFreeze > 0
        ? `Before each further roll at least ${count(rules.mustFreeze, 'die', 'dice')} must be newly frozen.`
        : `Freeze as many dice as you like before each further roll, or none.`
    return [
      `${count(rules.dice, 'die', 'dice')} with ${rules.sides} sides, up to ${count(rules.rolls, 'roll', 'rolls')} a turn.`,
      freeze,
      `Fill up to ${rules.limit}: ${rules.limit} or less scores itself, more scores nothing.`,
      `${count(rules.rounds, 'round', 'rounds')}, one turn each; most points win.`,
    ]
  },
  prompts(rules, notes) {
    const room = notes.find((note) => note.code === 'room')?.facts.room
    if (room === undefined) return ['How many points would you like to have after this turn?']
    if (room < 0) return ['How far over are you?', 'Which die could you roll again to come back?']
    return [
      'How much room is left?',
      'Which dice make ten?',
      room === 0 ? 'Could anything be better than full?' : 'What could you roll and still be within?',
      'What made you roll on, or stop?',
    ]
  },
}
