import type { GameWording } from '#core/contract/game'
import type { FirstCodes } from '#core/games/say-it-first/codes'
import type { FirstRules, FirstState, Round } from '#core/games/say-it-first/rules'
import { count, list, numberWord } from '#core/basics/words'

/** Sentences of Say It First in English. */
export const wording: GameWording<FirstRules, Round, FirstState, FirstCodes> = {
  reasons: {
    'wrong-card-count': ({ count: given, expected }) => `A card for each player: ${expected}, not ${given}.`,
  },
  notes: {
    'said-wrong': ({ by, said, right }, { name }) => `${name(by)} said ${said}; it is ${right}.`,
    'not-explained': ({ by }, { name }) => `${name(by)} was right but did not say how.`,
    'said-again': ({ by }, { name }) => `${name(by)} called twice; the first counts.`,
    nobody: ({ pot, right, told }) =>
      `${told ? '' : `It is ${right}. `}Nobody takes the cards${pot ? `; ${count(pot, 'card lies', 'cards lie')} in the pot` : ''}.`,
    takes: ({ by, took, pot }, { name }) =>
      `${name(by)} takes ${numberWord(took)} cards${pot ? `, ${numberWord(pot)} of them from the pot` : ''}.`,
  },
  why: { 'most-cards': 'most cards' },
  play({ cards, answers }, { name }) {
    const said = answers.map(({ by, said }) => `${name(by)} says ${said}`)
    return `${list(cards)} turned; ${said.length ? list(said) : 'nobody answers'}`
  },
  readBack({ combine, pack, rounds, unclaimed, explain }, seats) {
    const what = { add: 'add the cards', times: 'multiply the cards', difference: 'say the difference' }[combine]
    return [
      `Cards ${pack.low} to ${pack.high}, ${pack.copies} of each; ${seats === 1 ? 'two are turned at the same time' : 'everyone turns one at the same time'}.`,
      `Whoever is first to ${what}${explain === 'required' ? ' and to say how' : ''} keeps ${seats <= 2 ? 'both' : 'all'}. Only a player’s first answer counts.`,
      unclaimed === 'pot'
        ? 'Where nobody is right, the cards lie in a pot for the next winner.'
        : 'Where nobody is right, the cards are put away.',
      rounds === 'pack'
        ? 'Until the pack is used up; most cards win.'
        : `${count(rounds, 'round', 'rounds')}; most cards win.`,
    ]
  },
  prompts: (_rules, notes) =>
    notes.length
      ? ['How did you see it so fast?', 'Who did it another way?', 'Which fact next door do you know for sure?']
      : ['Is everybody’s card open?', 'Which number will you begin with?', 'Is it more or less than ten?'],
}
