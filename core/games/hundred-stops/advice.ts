import { itemAt } from '#core/basics/lists'
import { isStop, isThere, type StopsRules, type StopsState } from '#core/games/hundred-stops/rules'
import { ofSeat } from '#core/kit/seats'

/** An order of hops and what it gathers. */
interface BestOrder {
  readonly order: readonly string[]
  /** Tokens gained, or their worth under `worth: stop-value`. */
  readonly gain: number
}

/**
 * The best order for a roll: of all orders of `tens` tens and `hundreds` hops one that gains the most. Exact: since a
 * journey only goes forward, what it gains on the way depends on how many tens and hops are spent, not in which order.
 */
export function bestOrder(
  rules: StopsRules,
  state: StopsState,
  seat: number,
  tens: number,
  hundreds: number,
): BestOrder {
  const from = ofSeat(state.places, seat)
  const worth = (at: number) =>
    isStop(rules, at) && isThere(rules, state, seat, at) ? (rules.worth === 'one' ? 1 : at) : 0
  const width = tens + 1
  const gains: number[] = []
  const hopped: boolean[] = []
  for (let h = 0; h <= hundreds; h++)
    for (let t = 0; t <= tens; t++) {
      const at = from + rules.unit * (10 * h + t)
      const here = at >= rules.end ? 0 : h + t === 0 ? 0 : worth(at)
      // Past the end nothing more is touched; the end itself counts once, on the step that reaches it.
      const reach = (before: number) => (at < rules.end ? here : before < rules.end ? worth(rules.end) : 0)
      const byHop = h > 0 ? itemAt(gains, (h - 1) * width + t) + reach(at - 10 * rules.unit) : -1
      const byWalk = t > 0 ? itemAt(gains, h * width + t - 1) + reach(at - rules.unit) : -1
      gains[h * width + t] = h + t === 0 ? 0 : Math.max(byHop, byWalk)
      hopped[h * width + t] = byHop > byWalk
    }
  const steps: string[] = []
  for (let h = hundreds, t = tens; h + t > 0;) {
    if (hopped[h * width + t]) {
      steps.push('h')
      h--
    } else {
      steps.push('t')
      t--
    }
  }
  return { order: gather(steps.reverse()), gain: itemAt(gains, hundreds * width + tens) }
}

/** Single tens gathered into walks: t t h t becomes t2 h t1. */
export function gather(steps: readonly string[]): string[] {
  const order: string[] = []
  for (const step of steps) {
    const last = order[order.length - 1]
    if (step !== 'h' && last !== undefined && last !== 'h') order[order.length - 1] = `t${Number(last.slice(1)) + 1}`
    else order.push(step === 'h' ? 'h' : 't1')
  }
  return order
}
