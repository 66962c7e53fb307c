import type { GameWording } from '#core/contract/game'
import type { RowCodes } from '#core/games/call-row/codes'
import type { RowPlay, RowRules, RowState } from '#core/games/call-row/rules'
import { aCard, capital, count, list } from '#core/basics/words'

/** A sign before the first card of a call, and before any other. */
const FIRST = { '+': '', '-': '−' } as const
const NEXT = { '+': '+ ', '-': '− ' } as const

/** Sentences of Call the Row in English. */
export const wording: GameWording<RowRules, RowPlay, RowState, RowCodes> = {
  reasons: {
    'stock-empty': () => 'Every card lies in the row: there is a call left in it.',
    'sitting-out': ({ by }, { name }) => `${name(by)} sits out until another card is dealt.`,
    'not-in-row': ({ card }) => `${capital(aCard(card))} does not lie in the row (any more).`,
    'too-many-cards': ({ count: given, maxCards }) => `${given} cards called; ${maxCards} at most may be.`,
    'signs-wrong': ({ why, sum, target, count: given, cards }) =>
      why === 'count'
        ? `A sign for each card: ${cards}, not ${given}.`
        : why === 'minus'
          ? 'Cards are only added here, none is taken away.'
          : `With these signs it is ${sum}, not ${target}.`,
    'wrong-total': ({ cards, target, sum, signs }) =>
      signs === 'add'
        ? `${list(cards)} ${cards.length === 1 ? 'makes' : 'make'} ${sum}, not ${target}.`
        : cards.length === 1
          ? `${list(cards)} by itself is not ${target}.`
          : `However they are added and taken away, ${list(cards)} do not make ${target}.`,
  },
  notes: {
    dealt: ({ card, row }) => `${capital(aCard(card))}; ${count(row, 'card lies', 'cards lie')} in the row.`,
    'shuffled-and-dealt': ({ card }) => `What went away is shuffled back in. ${capital(aCard(card))}.`,
    climbs: ({ by, step, steps }, { name }) => `${name(by)} climbs to step ${step} of ${steps}.`,
  },
  why: { 'top-reached': 'first at the top', 'most-steps': 'most steps' },
  play(play, { name }) {
    if (play.do === 'deal') return `${capital(aCard(play.card))} is dealt`
    const { cards, signs } = play
    const told =
      signs?.length === cards.length
        ? cards.map((card, i) => `${i === 0 ? FIRST[signs[i]!] : NEXT[signs[i]!]}${card}`).join(' ')
        : list(cards)
    return `${name(play.by)} calls ${told}`
  },
  readBack({ target, pack, signs, maxCards, steps, wrongCall }) {
    return [
      `Cards ${pack.low} to ${pack.high}, ${pack.copies} of each, dealt face up one after another into a row.`,
      `Whoever first sees cards that make ${target} calls them${signs === 'add' ? '; they are only added' : ', adding and taking away'}${maxCards === null ? '' : `, ${count(maxCards, 'card', 'cards')} at most`}.`,
      {
        nothing: 'A wrong call costs nothing.',
        'step-back': 'A wrong call costs a step.',
        'sit-out': 'After a wrong call one sits out until another card is dealt.',
      }[wrongCall],
      `A call is a step; first to ${count(steps, 'step', 'steps')}.`,
    ]
  },
  prompts: ({ target }, notes) =>
    notes.some(({ code }) => code === 'climbs')
      ? ['How did you see it?', 'Is there another one left in the row?']
      : [
          `Which two make ${target}?`,
          'Can you use that large card and take something away?',
          'Is there one with three cards?',
        ],
}
