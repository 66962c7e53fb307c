import type { About } from '#core/contract/game'
import { MEMBER_ORDERS, type MemberOrder } from '#core/kernel/members'
import { MOST_MEMBERS } from '#core/contract/table'
import type { SideToBe } from '#core/room/sides'

/** A seat being set up; `key` only keeps rows apart on the page. */
export interface SetupSeat {
  readonly key: number
  readonly name: string
  /** The members, where the seat is a side. */
  readonly members: readonly string[] | null
  /** How they follow each other. */
  readonly memberOrder: MemberOrder
}

/** Names that a setup takes: more than any one table has. */
export const MOST_NAMED = 8

let keys = 0
export const seatOf = (
  name = '',
  members: readonly string[] | null = null,
  memberOrder: MemberOrder = MEMBER_ORDERS[0],
): SetupSeat => ({ key: keys++, name, members, memberOrder })

const lower = (name: string) => name.trim().toLowerCase()
/** The first of some names that comes again, capitals aside. */
const twiceIn = (names: readonly string[]) =>
  names.find((name, i) => names.findIndex((other) => lower(other) === lower(name)) !== i)

/** What is wrong with a side by itself; null where nothing is. */
function sideProblem({ name, members }: SetupSeat): string | null {
  if (!members) return null
  if (!members.length)
    return `${name.trim() || 'A side'} has no members yet: touch people below, or type their names there.`
  if (members.length > MOST_MEMBERS)
    return `${name.trim()} has ${members.length} members; ${MOST_MEMBERS} are the most.`
  const twice = twiceIn(members)
  return twice ? `Two members of ${name.trim()} are called ${twice}; add a letter to tell them apart.` : null
}

/** Who sits at a table that is being set up, in their order, and who begins. */
export function useSetupSeats(about: () => About, begin: readonly SetupSeat[]) {
  const seats = ref<SetupSeat[]>([...begin])
  const first = ref(1)

  const seatProblem = computed(() => {
    const { title, seats: span } = about()
    const { low, high } = span
    const names = seats.value.map(({ name }) => name.trim())
    if (names.length < low) return `${low} players are needed at least.`
    if (names.length > high)
      return `${high === 1 ? 'One player' : `${high} players`} at most can play ${title}: make two tables, or take somebody off.`
    if (names.some((name) => !name)) return 'Every player needs a name: type one, or touch a person below.'
    const twice = twiceIn(names)
    if (twice) return `Two players are called ${twice}; add a letter to tell them apart.`
    return seats.value.map(sideProblem).find(Boolean) ?? null
  })

  const change = (at: number, changes: Partial<SetupSeat>) =>
    (seats.value = seats.value.map((seat, i) => (i === at ? { ...seat, ...changes } : seat)))
  const rename = (at: number, name: string) => change(at, { name })

  function addSeat(name = '') {
    const empty = seats.value.findIndex((seat) => !seat.name.trim() && !seat.members)
    if (name && empty >= 0) rename(empty, name)
    // More children than the game takes may be named: they are offered two tables.
    else if (seats.value.length < MOST_NAMED) seats.value = [...seats.value, seatOf(name)]
  }

  function removeSeat(at: number) {
    if (seats.value.length <= about().seats.low) change(at, { name: '', members: null })
    else seats.value = seats.value.filter((_, i) => i !== at)
    first.value = Math.min(first.value, seats.value.length)
  }

  /** Takes the last seat away, where one can be spared. */
  function dropSeat() {
    if (seats.value.length > about().seats.low) removeSeat(seats.value.length - 1)
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

  /** Somebody alone becomes a side with that member, and a side its first member again. */
  function toggleSide(at: number) {
    const seat = seats.value[at]
    if (!seat) return
    const { name, members } = seat
    if (members) change(at, { name: members[0] ?? '', members: null })
    else change(at, { name: `Side ${at + 1}`, members: name.trim() ? [name.trim()] : [] })
  }
  const setMembers = (at: number, members: readonly string[]) => change(at, { members })
  const setOrder = (at: number, memberOrder: MemberOrder) => change(at, { memberOrder })
  /** Everybody anew, as sides. */
  function seatSides(sides: readonly SideToBe[]) {
    seats.value = sides.map(({ name, members }) => seatOf(name, members))
    first.value = 1
  }
  /** Everybody who was named, alone or as a member. */
  const everybody = computed(() =>
    seats.value.flatMap(({ name, members }) => members ?? [name.trim()]).filter((name) => name),
  )
  /** The children among them: whoever sits alone against sides is their referee. */
  const children = computed(() => {
    const members = seats.value.flatMap((seat) => seat.members ?? [])
    return members.length ? members : everybody.value
  })
  return {
    ...{ seats, first, seatProblem, addSeat, removeSeat, dropSeat, rename, move },
    ...{ toggleSide, setMembers, setOrder, seatSides, everybody, children },
  }
}
