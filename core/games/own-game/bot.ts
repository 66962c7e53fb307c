import type { Random } from '#core/basics/random'
import type { Dealt, Wish } from '#core/contract/game'
import { restOf } from '#core/kit/pack'
import { ofSeat } from '#core/kit/seats'
import type { OwnRules, Way } from '#core/games/own-game/houseRules'
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

/** Which results serve best, the smaller number the better; and how many of each way are left when they are chosen from. */
interface Choice {
  readonly serves: (result: number, way: Way) => number
  readonly most: number
}
/** Where specials or a track may make another result better than it looks. */
const MOST_CHOSEN = 30

/** Every use of a throw that there is, without what is said; of sentences one for each value. With a choice the best of them. */
export function* usesOf(rules: OwnRules, by: number, numbers: readonly number[], choice?: Choice): Generator<Throw> {
  for (const [i, way] of rules.ways.entries()) {
    const play = { do: 'throw' as const, by, numbers, ...(rules.ways.length > 1 ? { way: i + 1 } : {}) }
    const chosen = <T>(all: readonly T[], valueOf: (each: T) => number): readonly T[] =>
      choice && all.length > choice.most
        ? [...all].sort((a, b) => choice.serves(valueOf(a), way) - choice.serves(valueOf(b), way)).slice(0, choice.most)
        : all
    if (way.makes === 'number')
      for (const number of chosen(arranged(numbers), (each) => each)) yield { ...play, number }
    else if (way.makes === 'calculation')
      for (const made of chosen(sentencesOf(rules, numbers), ({ value }) => value))
        yield { ...play, calculation: made.text }
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

/** What else may be done with the throw of a play. */
export function* sameChance(rules: OwnRules, state: OwnState, given: OwnPlay): Generator<OwnPlay> {
  if (given.do === 'stop') return
  if (rules.throws === 'choice' && state.threw) yield { do: 'stop', by: given.by }
  if (!decides(rules)) return
  let left = MOST_CHOSEN
  for (const use of usesOf(rules, given.by, given.numbers)) {
    if (left-- <= 0) return
    yield answered(rules, state, use) ?? use
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

/** What a result should come near to, or how great or small it should be, as far as a seat can tell beforehand. */
function choiceFor(rules: OwnRules, state: OwnState, seat: number): Choice {
  const { scoring, target, wins, goal, reach, specials, track } = rules
  const now = ofSeat(scoresOf(rules, state), seat)
  const serves: Choice['serves'] = (result, { does }) => {
    if (scoring === 'best-of-round') return -waitsFor(rules, result)
    if (scoring === 'distance') return (wins === 'fewest' ? 1 : -1) * Math.abs(result - (target ?? 0))
    const change = does === 'take' ? -result : result
    if (goal !== null && (wins === 'nearest' || reach === 'exactly')) return Math.abs(goal - now - change)
    return wins === 'fewest' ? change : -change
  }
  return { serves, most: specials.length || track ? MOST_CHOSEN : 1 }
}

/** Throws that it tries out before it throws again or stops. */
const TRIES = 12

/** The best use of a throw as far as this play goes. */
function bestUse(rules: OwnRules, state: OwnState, seat: number, numbers: readonly number[]) {
  let best: { use: Throw; worth: number } | null = null
  for (const use of usesOf(rules, seat, numbers, choiceFor(rules, state, seat))) {
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
  const plain = { do: 'throw' as const, by: seat, numbers }
  const found = decides(rules) ? (bestUse(rules, state, seat, numbers)?.use ?? plain) : plain
  return answered(rules, state, found) ?? found
}
