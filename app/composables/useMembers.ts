import { memberAt, memberIn, otherMember, withMembers, type MemberOrder } from '#core/kernel/members'
import type { BasePlay } from '#core/contract/plays'
import type { Tape } from '#core/kernel/tape'
import type { Seat } from '#shared/api'
import type { ChangedSide } from '#shared/requests'
import type { MatchStore } from '~/stores/match'

/** Whose go it is where a seat is a side; the referee calls somebody else with a touch. */
export function useMembers(store: MatchStore, tape: () => Tape | null, helping: () => boolean) {
  /** Called on this device: counts at once, and until the server has told everybody. */
  const called = shallowRef<{ readonly seat: number; readonly who: number; readonly played: number } | null>(null)

  const sideAt = (seat: number): Seat | undefined => {
    const side = store.match?.seats[seat - 1]
    return side?.members?.length ? side : undefined
  }
  /** The member (from 1) whose go it is; null for a seat of one. */
  function at(seat: number): number | null {
    const [now, side, mine] = [tape(), sideAt(seat), called.value]
    if (!now || !side) return null
    if (mine?.seat === seat && mine.played === now.state.played) return mine.who
    return memberAt(now, seat, side, store.match?.id ?? '')
  }
  const nameAt = (seat: number) => {
    const member = at(seat)
    return member === null ? null : (sideAt(seat)?.members?.[member - 1] ?? null)
  }

  /** Keeps it with the match, so that the board names the same child; a helper's call counts on the helper's device. */
  async function keep(side: ChangedSide) {
    if (!helping() && store.match) await store.change({ sides: [side] })
  }
  function call(seat: number, who: number) {
    const now = tape()
    if (!now || !sideAt(seat)) return
    const { played } = now.state
    called.value = { seat, who, played }
    void keep({ seat, called: { who, played } })
  }
  /** Somebody else, the next by the same order. */
  function another(seat: number) {
    const [now, side, member] = [tape(), sideAt(seat), at(seat)]
    if (now && side && member !== null) call(seat, otherMember(now, seat, side, store.match?.id ?? '', member))
  }
  function order(seat: number, memberOrder: MemberOrder) {
    called.value = null
    void keep({ seat, memberOrder, called: null })
  }

  /** A play with the members who made it: of an amended one, those who made that. */
  const named = (play: BasePlay, before: BasePlay | null = null): BasePlay => {
    const game = tape()?.table.game
    return withMembers(play, (seat) => (before && game ? memberIn(game, before, seat) : null) ?? at(seat))
  }
  return { sideAt, at, nameAt, call, another, order, named }
}

export type Members = ReturnType<typeof useMembers>
