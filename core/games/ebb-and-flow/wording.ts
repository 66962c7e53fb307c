import type { GameWording } from '#core/contract/game'
import type { EbbCodes } from '#core/games/ebb-and-flow/codes'
import { tides, type EbbRules, type EbbState, type Flip } from '#core/games/ebb-and-flow/rules'
import { andSays, count, list } from '#core/basics/words'

/** Which way the pack drifts, in a sentence. */
export function sayDrift(rules: EbbRules): string {
  const { up, down, upTotal, downTotal } = tides(rules)
  const [adding, taking] = rules.swing === 'parity' ? ['evens', 'odds'] : ['warm cards', 'cool cards']
  const weights = `${up} ${adding} add ${upTotal} together, ${down} ${taking} take ${downTotal}`
  if (upTotal === downTotal) return `The pack is balanced: ${weights}.`
  return `The pack drifts ${upTotal > downTotal ? 'up' : 'down'}: ${weights}.`
}

/** Sentences of Ebb & Flow in English. */
export const wording: GameWording<EbbRules, Flip, EbbState, EbbCodes> = {
  reasons: {},
  notes: {
    wild: ({ by }, { name }) => `A wild: ${name(by)} turns again, and that card is added.`,
    'wild-again': ({ by }, { name }) => `Another wild: still one card is added. ${name(by)} turns again.`,
    flowed: ({ by, total, up, wild }, { name }) =>
      `${wild ? 'After the wild it is added' : up ? 'It is added' : 'It is taken away'}: ${name(by)} has ${total}.`,
    'stays-afloat': ({ floor }) => `Nobody falls below ${floor}: what would go below is let go.`,
  },
  why: { 'highest-total': 'highest total' },
  play: ({ by, card, colour, said }, { name }) =>
    `${name(by)} turns ${colour ? `${colour} ` : ''}${card === 'wild' ? 'a wild' : card}${andSays(said)}`,
  readBack: (rules) => {
    const { swing, start, ranks, copies, wilds, floor, turns } = rules
    return [
      `Everybody starts with ${start}.`,
      swing === 'parity'
        ? 'Even cards add, odd cards take away.'
        : 'Warm cards add, cool cards take away; half of each rank is warm.',
      `The pack has ${count(copies, 'card', 'cards')} of each of ${list(ranks)}${wilds ? `, and ${count(wilds, 'wild', 'wilds')}` : ''}. ${sayDrift(rules)}`,
      ...(wilds ? ['After a wild the same player turns again, and that card is added whatever it is.'] : []),
      floor === null ? 'Totals may fall below zero.' : `Nobody falls below ${floor}.`,
      turns === null
        ? 'The match ends with the pack, after even turns; the highest total wins.'
        : `${count(turns, 'turn', 'turns')} each; the highest total wins.`,
    ]
  },
  prompts: ({ swing }, notes) =>
    notes.some(({ code }) => code === 'flowed')
      ? [
          'Was it more or less than before, and by how much?',
          'Which card would you like next?',
          'Who is ahead, and by how much?',
        ]
      : [
          swing === 'parity' ? 'Is it even or odd?' : 'Is it warm or cool?',
          'Does it go up or down?',
          'What have you then?',
        ],
}
