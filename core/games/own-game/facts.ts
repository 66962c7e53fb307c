import type { NumberFact } from '#core/contract/game'
import { ofSeat } from '#core/kit/seats'
import { applied, readSentence, type Sentence } from '#core/games/own-game/calculation'
import { bringsOf, type OwnRules } from '#core/games/own-game/houseRules'
import { resultOf, wayOf, type OwnPlay, type Throw } from '#core/games/own-game/rules'
import { scoresOf, type OwnState } from '#core/games/own-game/state'

const OPERATIONS = { '+': 'add', '-': 'subtract', '*': 'times' } as const

/** What a sentence comes to, with the fact of each of its signs but divisions. */
function ofSentence(sentence: Sentence): { value: number | null; facts: NumberFact[] } {
  if (sentence.kind === 'number') return { value: sentence.value, facts: [] }
  const [left, right] = [ofSentence(sentence.left), ofSentence(sentence.right)]
  const facts = [...left.facts, ...right.facts]
  if (left.value === null || right.value === null) return { value: null, facts }
  const value = applied(sentence.sign, left.value, right.value)
  if (value === null || sentence.sign === '/') return { value, facts }
  const fact = { operation: OPERATIONS[sentence.sign], terms: [left.value, right.value], answer: value }
  return { value, facts: [...facts, fact] }
}

/** The fact in the result of a throw: a sum, a product, a difference, or those of the sentence. */
function ofResult(rules: OwnRules, play: Throw, value: number): NumberFact[] {
  const { numbers, calculation } = play
  switch (wayOf(rules, play)?.makes) {
    case 'sum':
      return numbers.length > 1 ? [{ operation: 'add', terms: numbers, answer: value }] : []
    case 'product':
      return numbers.length > 1 ? [{ operation: 'times', terms: numbers, answer: value }] : []
    case 'difference':
      return [{ operation: 'subtract', terms: [Math.max(...numbers), Math.min(...numbers)], answer: value }]
    case 'calculation': {
      const read = readSentence(calculation ?? '')
      return read.ok ? ofSentence(read.sentence).facts : []
    }
    default:
      return []
  }
}

/** The fact by which the score is worked out: the score before and the result, added or taken. */
function ofScore(rules: OwnRules, state: OwnState, play: Throw, value: number): NumberFact[] {
  if (rules.asks !== 'score' || rules.scoring !== 'gains' || rules.throws === 'choice') return []
  const before = ofSeat(scoresOf(rules, state), play.by)
  const takes = wayOf(rules, play)?.does === 'take'
  return [
    { operation: takes ? 'subtract' : 'add', terms: [before, value], answer: takes ? before - value : before + value },
  ]
}

/** The number facts that a play practised; none in numbers that no throw brings. */
export function facts(rules: OwnRules, state: OwnState, play: OwnPlay): readonly NumberFact[] {
  if (play.do === 'stop') {
    const before = ofSeat(state.points, play.by)
    return rules.asks === 'score' ? [{ operation: 'add', terms: [before, state.pot], answer: before + state.pot }] : []
  }
  if (play.numbers.length !== bringsOf(rules)) return []
  const result = resultOf(rules, play)
  if (!result.stands) return []
  return [...ofResult(rules, play, result.value), ...ofScore(rules, state, play, result.value)]
}
