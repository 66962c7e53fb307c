import { ofSeat } from '#core/kit/seats'
import { stepAndGather } from '#core/games/step-and-gather/index'
import { stepFrom, type Step } from '#core/games/step-and-gather/rules'

/** A step half entered: the roll, and the space on which the piece really stands where that was touched. */
export interface StepEntry {
  readonly roll: number | null
  readonly landed?: number
}

/** What table and pad of Step & Gather share. */
export function useStepEntry() {
  const { seat } = useDesk()
  const { rules, state } = useTable(stepAndGather)
  const entry = useEntry<StepEntry>(() => ({ roll: null }))

  const from = computed(() => ofSeat(state.value.places, seat.value))
  const step = computed(() => (entry.value.roll === null ? null : stepFrom(rules.value, from.value, entry.value.roll)))
  const total = computed(() => ofSeat(state.value.cubes, seat.value) + (step.value?.gathered ?? 0))
  const play = computed<Step | null>(() => {
    const { roll, landed } = entry.value
    return roll === null ? null : { do: 'step', by: seat.value, roll, ...(landed === undefined ? {} : { landed }) }
  })

  const roll = (face: number | null) => (entry.value = { roll: face })
  /** The piece stands there: on the space it should, nothing needs to be said of it. */
  function land(space: number) {
    const { roll: rolled } = entry.value
    if (rolled !== null)
      entry.value =
        space === step.value!.to || space === entry.value.landed ? { roll: rolled } : { roll: rolled, landed: space }
  }

  return { entry, rules, state, from, step, total, play, roll, land }
}
