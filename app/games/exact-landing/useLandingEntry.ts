import { ofSeat } from '#core/kit/seats'
import { exactLanding } from '#core/games/exact-landing/index'
import { spinFrom, type Spin } from '#core/games/exact-landing/rules'

/** A spin half entered. */
export interface LandingEntry {
  readonly sign: '+' | '-' | null
  readonly step: number | null
}

/** What table and pad of Exact Landing share. */
export function useLandingEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(exactLanding)
  const entry = useEntry<LandingEntry>(() => ({ sign: null, step: null }))

  const from = computed(() => ofSeat(state.value.places, seat.value))
  const play = computed<Spin | null>(() => {
    const { sign, step } = entry.value
    return sign === null || step === null ? null : { do: 'spin', by: seat.value, sign, step }
  })
  const leads = computed(() => play.value && spinFrom(rules.value, from.value, play.value.sign, play.value.step))

  const spin = (sign: '+' | '-' | null, step: number | null) => (entry.value = { sign, step })

  return { entry, rules, state, from, play, leads, spin }
}
