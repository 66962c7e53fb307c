import type { About } from '#core/contract/game'

/** A seat being set up; `key` only keeps rows apart on the page. */
interface SetupSeat {
  readonly key: number
  readonly name: string
}

/** Names that a setup takes: more than any one table has. */
export const MOST_NAMED = 8

let keys = 0
export const seatOf = (name = ''): SetupSeat => ({ key: keys++, name })

/** Who sits at a table that is being set up, in their order, and who begins. */
export function useSetupSeats(about: () => About, named: readonly string[]) {
  const seats = ref<SetupSeat[]>(named.map(seatOf))
  const first = ref(1)

  const seatProblem = computed(() => {
    const { title, seats: span } = about()
    const { low, high } = span
    const names = seats.value.map(({ name }) => name.trim().toLowerCase())
    if (names.length < low) return `${low} players are needed at least.`
    if (names.length > high)
      return `${high === 1 ? 'One player' : `${high} players`} at most can play ${title}: make two tables, or take somebody off.`
    if (names.some((name) => !name)) return 'Every player needs a name: type one, or touch a person below.'
    const twice = names.findIndex((name, i) => names.indexOf(name) !== i)
    return twice < 0
      ? null
      : `Two players are called ${seats.value.find(({ name }) => name.trim().toLowerCase() === names[twice])?.name}; add a letter to tell them apart.`
  })

  function addSeat(name = '') {
    const empty = seats.value.findIndex((seat) => !seat.name.trim())
    if (name && empty >= 0) rename(empty, name)
    // More children than the game takes may be named: they are offered two tables.
    else if (seats.value.length < MOST_NAMED) seats.value = [...seats.value, seatOf(name)]
  }

  function removeSeat(at: number) {
    if (seats.value.length <= about().seats.low) rename(at, '')
    else seats.value = seats.value.filter((_, i) => i !== at)
    first.value = Math.min(first.value, seats.value.length)
  }

  /** Takes the last seat away, where one can be spared. */
  function dropSeat() {
    if (seats.value.length > about().seats.low) removeSeat(seats.value.length - 1)
  }

  function rename(at: number, name: string) {
    seats.value = seats.value.map((seat, i) => (i === at ? { ...seat, name } : seat))
  }

  /** Moves a seat one place; who starts goes along. */
  function move(at: number, by: -1 | 1) {
    const to = at + by
    const [moved, other] = [seats.value[at], seats.value[to]]
    if (!moved || !other) return
    const starter = seats.value[first.value - 1]
    seats.value = seats.value.map((seat, i) => (i === at ? other : i === to ? moved : seat))
    first.value = seats.value.findIndex((seat) => seat.key === starter?.key) + 1
  }
  return { seats, first, seatProblem, addSeat, removeSeat, dropSeat, rename, move }
}
