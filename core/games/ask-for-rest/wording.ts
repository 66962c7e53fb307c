import type { GameWording } from '#core/contract/game'
import type { AskCodes } from '#core/games/ask-for-rest/codes'
import type { AskPlay, AskRules, AskState } from '#core/games/ask-for-rest/rules'
import { REASONS, waitingFor } from '#core/kernel/reasons'
import { aCard, capital, count, list } from '#core/basics/words'

/** Sentences of Ask for the Rest in English. */
export const wording: GameWording<AskRules, AskPlay, AskState, AskCodes> = {
  reasons: {
    'not-their-turn': (facts, say) =>
      facts.second
        ? `One question a turn was agreed, and ${say.name(facts.by!)} has asked. ${waitingFor(facts, say)}`
        : REASONS['not-their-turn'](facts, say),
    'asked-self': ({ by }, { name }) => `${name(by)} can’t ask ${name(by)}: ask somebody else.`,
    'nobody-there': ({ of }, { name }) => `${name(of)} has no cards left to give.`,
    'dead-card': ({ card, target, rest }) =>
      `${capital(aCard(card))} has no partner: ${rest} would be needed to make ${target}, and there is none to pair with.`,
    'cannot-hold-partner': ({ by, card, rest }, { name }) =>
      `To ask for ${aCard(card)} one must hold ${aCard(rest)}, and ${name(by)} can’t: every ${rest} is accounted for.`,
    'denied-known-card': ({ of, card }, { name }) =>
      `${name(of)} does hold ${aCard(card)}: it follows from what has been shown.`,
    'card-has-partner': ({ card, rest }) => `The ${card} has a partner, the ${rest}; it stays.`,
  },
  notes: {
    laid: ({ by, pairs }, { name }) => `${name(by)} has ${count(pairs, 'pair', 'pairs')}.`,
    granted: ({ by, of, card, rest, pairs }, { name }) =>
      `${name(of)} gives the ${card}: ${rest} and ${card} are laid, and ${name(by)} has ${count(pairs, 'pair', 'pairs')}.`,
    refused: ({ by, of, card, draws }, { name }) =>
      `${name(of)} has no ${card}. ${draws ? `${name(by)} draws.` : 'The stock is empty, so the turn passes.'}`,
    drew: ({ by, card, stock }, { name }) =>
      `${name(by)} draws${card === null ? '' : ` ${aCard(card)}`}; ${count(stock, 'card is', 'cards are')} left in the stock.`,
    replaced: ({ by, card }, { name }) => `${name(by)} puts the ${card} out and draws another: it has no partner.`,
    'denied-earlier': ({ by, card }, { name }) =>
      `${name(by)} said earlier that there was no ${card}, and has drawn nothing unseen since: one of the two was wrong.`,
  },
  why: { 'most-pairs': 'most pairs' },
  play(play, { name }) {
    switch (play.do) {
      case 'lay':
        return `${name(play.by)} lays ${list(play.cards)}`
      case 'ask':
        return `${name(play.by)} asks ${name(play.of)} for ${aCard(play.for)}: ${play.got ? 'yes' : 'no'}`
      case 'draw':
        return `${name(play.by)} draws${play.card === undefined ? '' : ` ${aCard(play.card)}`}`
      default:
        return `${name(play.by)} puts ${aCard(play.card)} out and draws another`
    }
  },
  readBack({ target, pack, hand, again }) {
    return [
      `Two cards that make ${target} are a pair. Cards ${pack.low} to ${pack.high}, ${pack.copies} of each; those without a partner stay out.`,
      `${count(hand, 'card', 'cards')} each, the rest is the stock. Pairs may be laid whenever they are spotted.`,
      'On your turn ask somebody for the rest of a card that you hold. Got it: the pair is laid. No: draw one.',
      again === 'never' ? 'One question a turn.' : 'A granted question earns another.',
      'An empty hand draws a new one. Most pairs win.',
    ]
  },
  prompts({ target }, notes) {
    if (notes.some(({ code }) => code === 'refused'))
      return ['What do you know now about that hand?', `Which card would make ${target} with it?`]
    return [
      `What goes with your card to make ${target}?`,
      'Whom did somebody ask for that before?',
      'Have you a pair in your hand already?',
    ]
  },
}
