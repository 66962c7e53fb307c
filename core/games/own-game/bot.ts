import type { Random } from '#core/basics/random'
import type { Dealt, Wish } from '#core/contract/game'
import { restOf } from '#core/kit/pack'
import { ofSeat } from '#core/kit/seats'
import type { OwnRules } from '#core/games/own-game/houseRules'
import { goneBefore, judge, resultOf, type OwnPlay, type Throw } from '#core/games/own-game/rules'
import { sentencesOf } from '#core/games/own-game/sentences'
import { scoresOf, type OwnState } from '#core/games/own-game/state'
import { throwsOf } from '#core/games/own-game/throws'

/** The numbers that chance brings. */
function chance(rules: OwnRules, state: OwnState, random: Random): number[] {
  const { brings } = rules
  if (brings.kind === 'dice') return brings.sides.map((sides) => random.whole(1, sides))
  if (brings.kind === 'spinner') return Array.from({ length: brings.spins }, () => random.oneOf(brings.faces))
  return random.shuffled(restOf(brings.pack, goneBefore(rules, state.gone))).slice(0, brings.draw)
}

/** Whether a player has to decide something on what comes up. */
const decides = ({ ways }: OwnRules) =>
  ways.length > 1 || ways.some(({ makes }) => makes === 'number' || makes === 'calculation')

/** The dealer: dice, spins or cards; nothing for a stop. */
export function deal(rules: OwnRules, state: OwnState, wish: Wish, random: Random): Dealt | null {
  if (wish.do !== 'throw') return null
  const numbers = chance(rules, state, random)
  const { brings } = rules
  const shown =
    brings.kind === 'dice'
      ? { kind: 'die' as const, values: numbers, sides: brings.sides }
      : brings.kind === 'spinner'
        ? { kind: 'spinner' as const, values: numbers, fields: numbers.map(() => brings.faces) }
        : { kind: 'card' as const, values: numbers }
  return { brings: { numbers }, shown, ...(decides(rules) ? { unfinished: true as const } : {}) }
}

/** Every different number that the digits make; of many digits some of them. */
function arranged(numbers: readonly number[]): number[] {
  const found = new Set<number>()
  const put = (left: readonly number[], so: number) => {
    if (!left.length) found.add(so)
    // More than a person would look through.
    if (found.size < 720) left.forEach((digit, i) => put([...left.slice(0, i), ...left.slice(i + 1)], so * 10 + digit))
  }
  put(numbers, 0)
  return [...found]
}

/** Every use of a throw that there is, without what is said; of sentences one for each value. */
function* usesOf(rules: OwnRules, by: number, numbers: readonly number[]): Generator<Throw> {
  for (const [i, { makes }] of rules.ways.entries()) {
    const play = { do: 'throw' as const, by, numbers, ...(rules.ways.length > 1 ? { way: i + 1 } : {}) }
    if (makes === 'number') for (const number of arranged(numbers)) yield { ...play, number }
    else if (makes === 'calculation')
      for (const { text } of sentencesOf(rules, numbers)) yield { ...play, calculation: text }
    else yield play
  }
}

/** A play with the right answer said and explained, where one is asked for; null where it would not stand. */
function answered(rules: OwnRules, state: OwnState, play: OwnPlay): OwnPlay | null {
  const judged = judge(rules, state, play, { overrule: false })
  if (!judged.stands) return null
  const { answer, explanation } = judged.asks ?? {}
  return {
    ...play,
    ...(typeof answer === 'number' ? { said: answer } : {}),
    ...(explanation ? { explained: true } : {}),
  }
}

/** The plays that may be made: every throw that may come, used in every way; and stopping. */
export function* plays(rules: OwnRules, state: OwnState, seat: number): Generator<OwnPlay> {
  if (seat !== state.turn) return
  if (rules.throws === 'choice' && state.threw) {
    const stop = answered(rules, state, { do: 'stop', by: seat })
    if (stop) yield stop
  }
  for (const numbers of throwsOf(rules, state))
    for (const use of usesOf(rules, seat, numbers)) {
      const play = answered(rules, state, use)
      if (play) yield play
    }
}

/** How good a state is for a seat: what wins, then what waits for the round's end. */
function worthOf(rules: OwnRules, state: OwnState, seat: number): number {
  const score = ofSeat(scoresOf(rules, state), seat)
  const { wins, goal } = rules
  const ahead = wins === 'most' ? score : wins === 'fewest' ? -score : -Math.abs(score - (goal ?? 0))
  return ahead + (wins === 'fewest' ? -state.pot : state.pot)
}

/** What a waiting result is worth under what is best in a round. */
function waitsFor({ better, target }: OwnRules, result: number): number {
  return better === 'higher' ? result : better === 'lower' ? -result : -Math.abs(result - (target ?? 0))
}

/** Uses of one throw that the bot weighs at most. */
const WEIGHED = 250
/** Throws that it tries out before it throws again or stops. */
const TRIES = 12

/** The best use of a throw as far as this play goes. */
function bestUse(rules: OwnRules, state: OwnState, seat: number, numbers: readonly number[]) {
  let best: { use: Throw; worth: number } | null = null
  let seen = 0
  for (const use of usesOf(rules, seat, numbers)) {
    if (seen++ >= WEIGHED) break
    const judged = judge(rules, state, use, { overrule: false })
    if (!judged.stands) continue
    const result = resultOf(rules, use)
    const waits = rules.scoring === 'best-of-round' && result.stands ? waitsFor(rules, result.value) : 0
    const worth = worthOf(rules, judged.next, seat) + waits
    if (!best || worth > best.worth) best = { use, worth }
  }
  return best
}

/** Whether stopping is better than what another throw brings on the whole. */
function stops(rules: OwnRules, state: OwnState, seat: number, random: Random): boolean {
  if (rules.throws !== 'choice' || !state.threw) return false
  const now = worthOf(rules, state, seat)
  let sum = 0
  for (let n = 0; n < TRIES; n++) sum += bestUse(rules, state, seat, chance(rules, state, random))?.worth ?? now
  // A turn ends some time, however well it goes.
  return sum / TRIES <= now || state.pot > 1000 || random.whole(0, 19) === 0
}

/** A sensible player: stops a pot by what another throw is worth, and uses a throw as well as it can. */
export function bot(rules: OwnRules, state: OwnState, seat: number, random: Random): OwnPlay {
  // What the dealer brings comes first, so that it is the same chance.
  const numbers = chance(rules, state, random)
  if (stops(rules, state, seat, random)) {
    const stop = answered(rules, state, { do: 'stop', by: seat })
    if (stop) return stop
  }
  const found = bestUse(rules, state, seat, numbers)?.use ?? { do: 'throw' as const, by: seat, numbers }
  return answered(rules, state, found) ?? found
}
