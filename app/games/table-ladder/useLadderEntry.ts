import { tableLadder } from '#core/games/table-ladder/index'
import { isFull, type RungPlay } from '#core/games/table-ladder/rules'

/** Rolls half entered, by seat: in a race several at once. */
export interface LadderEntry {
  readonly rolls: Readonly<Record<number, number>>
}

/** The pad's state of Table Ladder. */
export function useLadderEntry() {
  const desk = useDesk()
  const { rules, state } = useTable(tableLadder)
  const entry = useEntry<LadderEntry>(() => ({ rolls: {} }))
  const race = computed(() => rules.value.order === 'race' && desk.chosen.value === null)
  /** The seats that may fill a rung now. */
  const seats = computed(() => (race.value ? desk.next.value : [desk.seat.value]))

  function roll(seat: number, face: number | null) {
    const { [seat]: _gone, ...rest } = entry.value.rolls
    entry.value = { rolls: face === null ? rest : { ...rest, [seat]: face } }
  }
  function playOf(seat: number): RungPlay | null {
    const face = entry.value.rolls[seat]
    return face === undefined ? null : { do: 'rung', by: seat, roll: face }
  }
  /** What the others have rolled stays on the table when one of them records. */
  const rolls = computed(() => entry.value.rolls)
  let kept: LadderEntry['rolls'] = {}
  watch(rolls, (now) => Object.keys(now).length && (kept = now), { immediate: true })
  watch(
    () => desk.tape.value?.state.played,
    () => {
      const newest = desk.tape.value?.lines.at(-1)
      const { [newest?.play?.by ?? 0]: _recorded, ...rest } = kept
      kept = rest
      const open = Object.fromEntries(
        Object.entries(rest).filter(([seat]) => !isFull(rules.value, state.value.ladders[Number(seat) - 1]!)),
      )
      if (race.value && Object.keys(open).length) entry.value = { rolls: open }
    },
  )
  return { entry, rules, state, race, seats, roll, playOf }
}
