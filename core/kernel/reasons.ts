import type { BadRule, CommonProblems, CommonReasons, OutOfPlace } from '#core/contract/codes'
import type { Sentences, Speaking } from '#core/contract/game'
import { count, isAre, list, numberWord } from '#core/basics/words'

const seat = ({ by }: { readonly by?: number | null }, { name }: Speaking) => (by ? name(by) : 'Somebody')

const saidAs = (said: number | readonly number[]) => (typeof said === 'number' ? said : list(said))

/** Sentences for the reasons that games share. */
export const REASONS: Sentences<CommonReasons> = {
  malformed(facts) {
    if (facts.what === 'entry')
      return 'This is nothing that the tape can hold: a play, a correction, a ruling or a call is needed.'
    const { keys } = facts
    if (keys?.length) return `A play of this kind has no field ${list(keys.map((key) => `“${key}”`))}.`
    if (facts.field === 'do') return 'This game has no such kind of play.'
    if (facts.field) return `The field “${facts.field}” is missing or not what is needed there.`
    return 'This is no play of this game.'
  },
  'match-over': () => 'The match is over. To go on, take back its last entry.',
  'no-such-player': (facts) => `There is no player ${facts.by}; the players are 1 to ${facts.seats}.`,
  'no-such-member': (facts, say) =>
    facts.members
      ? `${seat(facts, say)} has no member ${facts.who}; the members are 1 to ${facts.members}.`
      : `${seat(facts, say)} plays alone, so nobody of a side can be named.`,
  'not-now': (facts, say) => `That has no place at this moment. ${waitingFor(facts, say)}`,
  'not-their-turn': (facts, say) => `It is not ${seat(facts, say)}’s turn. ${waitingFor(facts, say)}`,
  'stock-empty': () => 'Nothing is left to draw.',
  'no-such-card': (facts) => `The pack holds no ${facts.card}.`,
  'no-such-face': (facts) =>
    facts.sides === undefined
      ? `There is no ${facts.face} on it.`
      : `There is no ${facts.face} on a die with ${facts.sides} sides.`,
  'too-many-copies': (facts) =>
    facts.copies === 1
      ? `The one ${facts.card} of the pack is out already: it was mistyped or mis-sorted.`
      : `All ${numberWord(facts.copies)} ${facts.card}s are out: one was mistyped or mis-sorted.`,
  'not-in-hand': (facts, say) => `${seat(facts, say)} can’t hold ${list(facts.cards)}.`,
  'wrong-total': (facts) => `That makes ${facts.sum}, and ${facts.target} is needed.`,
  'answer-missing': (facts, say) => `${seat(facts, say)} has not said the ${say.answer} yet.`,
  'wrong-dice-count': ({ count: given, expected }) =>
    `${count(expected, 'die is', 'dice are')} rolled; ${given} ${isAre(given)} given.`,
  'wrong-card-count': ({ count: given, expected }) =>
    `${count(expected, 'card is', 'cards are')} needed; ${given} ${isAre(given)} given.`,
  'wrong-answer': (facts, say) => `${seat(facts, say)} said ${saidAs(facts.said)}; it is ${saidAs(facts.right)}.`,
  unexplained: (facts, say) => `${seat(facts, say)} has not told how yet (or passed on telling).`,
  'not-as-dealt': () => 'The dealer’s seed brought something else here; the referee entered this.',
  'not-changeable': (facts) => `“${facts.rule}” can’t change in the middle of a match.`,
  'already-past': (facts) => `${count(facts.begun, 'has', 'have')} begun already, so it can’t be ${facts.value}.`,
  'no-points-here': () => 'This game has no points to give or take.',
  'no-such-entry': (facts) => `There is no earlier entry ${facts.entry}.`,
  'already-struck': (facts) => `Entry ${facts.entry} was taken back already.`,
  'not-a-play': (facts) => `Entry ${facts.entry} is no play; take it back instead.`,
}

/** Whose move it is, in a sentence; empty where nobody’s is. */
/** Whether a refusal tells nothing of what the player was to find: all that games share, but for a wrong answer. */
export const givesNothingAway = (code: string): boolean => code !== 'wrong-answer' && Object.hasOwn(REASONS, code)

export function waitingFor({ awaits: seats = [], plays = [] }: OutOfPlace, { name }: Speaking): string {
  if (!seats.length || !plays.length) return ''
  return `${list(seats.map((by) => name(by)))} ${seats.length === 1 ? 'is' : 'are'} next: ${plays.join(' or ')}.`
}

/** Sentences for what is wrong with a file or a setup. */
export const PROBLEMS: Sentences<CommonProblems> = {
  'not-json': (facts) => `This file can’t be read: ${facts.detail}`,
  'wild-not-in-pack': (facts) => `Without pictures there is no ${facts.wild} that could be wild.`,
  'bad-format': () => 'This is no match file: “format” must be "nimble-tally/match".',
  'bad-version': (facts) => `This match file has version ${facts.version}; version 1 can be read.`,
  'bad-players': (facts) => `Player ${facts.player} is no side: a name and 1 to 40 members, each named, are needed.`,
  'bad-field': (facts) => `“${facts.field}” is missing or of the wrong type; ${facts.expected} is needed.`,
  'unknown-field': (facts) => `A match file has no field “${facts.field}”.`,
  'entry-too-long': (facts) => `Entry ${facts.entry} is too long: an entry holds some ${facts.most} letters at most.`,
  'too-long': (facts) => `A match file holds at most ${facts.most} entries.`,
  'bad-archive': (facts) =>
    facts.field
      ? `“${facts.field}” is missing or not what is needed there.`
      : 'This is no archive: “format” must be "nimble-tally/archive".',
  'bad-house-rules-file': (facts) =>
    facts.field
      ? `“${facts.field}” is missing or not what is needed there.`
      : 'These are no house rules: “format” must be "nimble-tally/house-rules", with version, game, name and houseRules.',
  'unknown-game': (facts) => `There is no game “${facts.game}”. Known are: ${list(facts.known ?? [])}.`,
  'unknown-house-rule': (facts) => `This game has no house rule “${facts.rule}”.`,
  'bad-house-rule': (facts) => `“${facts.rule}” can’t be ${shown(facts.value)}${bounds(facts)}.`,
  'answers-not-offered': () => 'Spoken answers have no effect in this game, so “answers” can’t be named.',
  'tie-not-offered': () => 'This game has no extra round; a level finish is shared.',
  'bad-first': (facts) => `“first” must be a player from 1 to ${facts.seats}.`,
  'bad-opening': (facts) =>
    facts.card === undefined
      ? 'This is not what the game lays out before play.'
      : facts.copies === undefined
        ? `The pack holds no ${facts.card}.`
        : `There are more ${facts.card}s than the pack holds (${facts.copies}).`,
  'pack-too-small': () => 'The pack has too few cards to deal.',
  'wrong-number-count': ({ count, numbers }) => `${count} numbers are written here; ${numbers} are needed.`,
  'wrong-length': ({ number, length, digits }) =>
    `${number || 'An empty line'} has ${length} digits; every number needs ${digits}.`,
  'digit-off-die': ({ number, digit, sides }) =>
    `${number} has a ${digit}, which could never be rolled: digits go from 1 to ${sides}.`,
  'unfair-pack': (facts) =>
    facts.copies === undefined
      ? `The pack is unfair: ${facts.up} cards add and ${facts.down} take away. Choose other ranks, or allow an unfair pack.`
      : `Half of each rank adds and half takes away, so there must be an even number of each; ${facts.copies} is odd.`,
  'target-out-of-reach': () => 'No play can make this target.',
  'needs-two': () => 'That needs two numbers in a throw.',
  'not-digits': (facts) =>
    `Numbers and number sentences are made of digits; a throw brings ${facts.low} to ${facts.high}.`,
  'too-many-numbers': (facts) =>
    `${facts.most} numbers at most can be multiplied or put in a sentence; a throw brings ${facts.numbers}.`,
  'needs-target': () => 'That needs a target.',
  'bad-floor': (facts) => `Points begin at ${facts.start}, below their floor of ${facts.floor}.`,
  'bad-track': (facts) =>
    facts.field === 'gives'
      ? `What places give is one number for each from ${facts.from} to ${facts.to}.`
      : facts.field === 'to'
        ? `The track goes up from ${facts.from}, a thousand places at most; ${facts.to} doesn’t fit.`
        : `That place is not on the track from ${facts.from} to ${facts.to}.`,
  'needs-track': () => 'That needs a track.',
  'bad-special': (facts) => `“${facts.when}” and “${facts.then}” don’t go together in a special.`,
  'do-not-go-together': (facts) => `“${facts.rule}” and “${facts.other}” don’t go together as they are.`,
  'too-few-players': (facts) => `${count(facts.least, 'player is', 'players are')} needed at least.`,
  'too-many-players': (facts) => `${count(facts.most, 'player', 'players')} at most can play.`,
}

function shown(value: unknown): string {
  return value === undefined || value === null ? 'left empty' : JSON.stringify(value)
}

function bounds(facts: BadRule): string {
  if (facts.oneOf) return `; it is ${list(facts.oneOf).replace(/ and (?=[^,]*$)/, ' or ')}`
  if (facts.least !== undefined) return `; ${facts.least} is the least`
  if (facts.most !== undefined) return `; ${facts.most} is the most`
  return ''
}
