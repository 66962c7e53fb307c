/**
 * Brim judged as somebody would write it who needs nothing else: plain objects, no reasons but a code, one set of rules
 * (5 dice of 6, 4 rolls, limit 20, nothing frozen). What the real judge costs is told as a multiple of this.
 */
interface Plain {
  turn: number
  rolls: number
  last: number[]
  scores: number[]
}
type Step = { do: 'roll'; by: number; dice: number[]; kept?: number[] } | { do: 'stop'; by: number; said?: number }

export const plainStart = (seats: number): Plain => ({
  turn: 1,
  rolls: 0,
  last: [],
  scores: Array.from({ length: seats }, () => 0),
})

/** The code of what is wrong, or the state after the play. */
export function plainJudge(state: Plain, play: Step): string | Plain {
  if (play.by !== state.turn) return 'not-their-turn'
  const sum = state.last.reduce((a, b) => a + b, 0)
  if (play.do === 'roll') {
    if (state.rolls === 4) return 'no-rolls-left'
    if (play.dice.some((face) => !Number.isInteger(face) || face < 1 || face > 6)) return 'no-such-face'
    if (play.dice.length > 5) return 'wrong-dice-count'
    return { ...state, rolls: state.rolls + 1, last: play.dice }
  }
  if (state.rolls === 0) return 'not-now'
  const points = sum > 20 ? 0 : sum
  return {
    turn: (state.turn % state.scores.length) + 1,
    rolls: 0,
    last: [],
    scores: state.scores.map((score, i) => (i === state.turn - 1 ? score + points : score)),
  }
}
