import { count } from '#core/basics/words'
import type { Option, Weighings } from '#core/contract/weighing'
import { countCalls, hasCall } from '#core/games/call-row/advice'
import type { Call, RowPlay, RowRules, RowState } from '#core/games/call-row/rules'
import { restOf, withoutAll } from '#core/kit/pack'
import { partOf } from '#core/kit/weighing'

const calling = (cards: readonly number[], signs?: readonly ('+' | '-')[]): Call => ({
  do: 'call',
  by: 1,
  cards: [...cards],
  ...(signs ? { signs: [...signs] } : {}),
})

/** A call by how many calls it leaves to the others. */
function leaving(rules: RowRules, state: RowState, says: string, play: Call): Option<RowPlay> {
  const left = countCalls(rules, withoutAll(state.row, play.cards))
  return {
    says,
    play,
    worth: -left,
    tells: left ? `leaves ${count(left, 'call', 'calls')} to the others` : 'leaves none',
  }
}

/** A call by how many of the cards that may come make another call of what it leaves. */
function waiting(rules: RowRules, state: RowState, says: string, play: Call): Option<RowPlay> {
  const left = withoutAll(state.row, play.cards)
  const come = restOf(rules.pack, state.row)
  const { worth, tells } = partOf(come, (card) => hasCall(rules, [...left, card]))
  return { says, play, worth: -worth, tells: `after it ${tells} cards make a call` }
}

const row = (opened: RowState, ...cards: readonly number[]): RowState => ({ ...opened, row: cards })

export const weighings: Weighings<RowRules, RowState, RowPlay> = [
  {
    look: 'Of two calls take the one that leaves less to the others.',
    asks: 'Two and eight make ten, and so do 6 + 8 − 4. Which one does Ines call?',
    lies: (opened) => row(opened, 8, 2, 6, 4),
    options: (rules, state) => [
      leaving(rules, state, '6 + 8 − 4', calling([6, 8, 4], ['+', '+', '-'])),
      leaving(rules, state, '8 + 2', calling([8, 2])),
    ],
  },
  {
    look: 'A call of many cards takes away what others would call.',
    houseRules: { signs: 'add' },
    asks: 'Nothing is taken away here. Which ten does Ines call?',
    lies: (opened) => row(opened, 7, 3, 1, 2, 5, 4),
    options: (rules, state) => [
      leaving(rules, state, '1 + 2 + 3 + 4', calling([1, 2, 3, 4])),
      leaving(rules, state, '7 + 3', calling([7, 3])),
      leaving(rules, state, '5 + 4 + 1', calling([5, 4, 1])),
    ],
  },
  {
    look: 'What stays makes a call with the next card: leave cards that little goes with.',
    houseRules: { signs: 'add' },
    asks: 'Which ten leaves less to the next card?',
    lies: (opened) => row(opened, 9, 1, 1, 8),
    options: (rules, state) => [
      waiting(rules, state, '8 + 1 + 1', calling([8, 1, 1])),
      waiting(rules, state, '9 + 1', calling([9, 1])),
    ],
  },
]
