import * as z from 'zod'
import { makeFollowing } from '~/stores/match/following'
import { holdMatch, type HeldMatch } from '~/stores/match/held'
import { makeLink } from '~/stores/match/link'
import { makeSending } from '~/stores/match/sending'
import { callApi, saysOf } from '~/utils/api'
import type { ShownHelp } from '#core/mastery/ladder'
import type { ChangedMatch } from '#shared/requests'

/**
 * One match on this device: what the server has acknowledged, what still waits to be sent, and the tape that both
 * fold into. It is let go of once nobody looks at it any more.
 */
export function useMatchStore(id: string) {
  const useStore = defineStore(`match-${id}`, () => {
    const link = makeLink(() => following.again())
    const held = holdMatch(id, () => sending.outbox)
    const sending = makeSending(id, held, link)
    const { outbox, send, conflict, refusal, record, settle } = sending
    const following = makeFollowing(id, { held, link, ready: outbox.load, send })

    /** Starts, pauses or resets the clock, lets the match rest until later or goes on with it; says why not where that fails. */
    async function setClock(act: 'start' | 'pause' | 'reset' | 'later' | 'back') {
      try {
        held.hearClock(await callApi(`/api/matches/${id}/clock`, 'POST', { do: act }))
      } catch (error) {
        refusal.value = saysOf(error)
      }
    }

    /** Changes what is kept with the match beside its tape; everybody at the table follows. Says why not where that fails. */
    async function change(changes: ChangedMatch) {
      try {
        await callApi(`/api/matches/${id}`, 'PATCH', changes)
      } catch (error) {
        refusal.value = saysOf(error)
      }
    }

    /** Shows a drawing to work on on the second screen, or none; nothing asks for it anew where that fails. */
    async function showHelp(help: ShownHelp | null) {
      if (!help && !shownHelp) return
      shownHelp = help !== null
      await callApi(`/api/matches/${id}/help`, 'PUT', { help }).catch(() => undefined)
    }
    let shownHelp = false

    const { match, recorded, tape, clock, room } = held
    const { missing, movedTo, join, leave, followed } = following
    const { waiting, kept } = outbox
    const { online } = link
    const half = halfEntered(id, held)
    return {
      match,
      recorded,
      waiting,
      kept,
      tape,
      conflict,
      refusal,
      missing,
      online,
      clock,
      room,
      movedTo,
      half,
      join,
      leave,
      followed,
      record,
      settle,
      setClock,
      change,
      showHelp,
      hearAsked: held.hearAsked,
    }
  })
  return useStore()
}

export type MatchStore = ReturnType<typeof useMatchStore>

const HALF = z.object({ at: z.number(), entry: z.unknown() }).nullable()

/**
 * What is half entered, and after how many plays: leaving the match or reloading loses nothing typed, nor does a
 * remark, the clock, or a slip (the dice lie there still).
 */
function halfEntered(id: string, { tape }: HeldMatch) {
  const typed = useKeptInTab(`half-${id}`, HALF, null)
  return computed<unknown>({
    get: () => (typed.value && typed.value.at === tape.value?.state.played ? typed.value.entry : null),
    set: (entry) => (typed.value = entry === null || !tape.value ? null : { at: tape.value.state.played, entry }),
  })
}

/** Leaves a match; its store is let go of when nobody else looks at it. What waits to be sent stays on the device. */
export function leaveMatch(store: MatchStore): void {
  store.leave()
  if (store.followed() || store.waiting.length) return
  const pinia = useNuxtApp().$pinia as { state: { value: Record<string, unknown> } }
  store.$dispose()
  // eslint-disable-next-line @typescript-eslint/no-dynamic-delete -- pinia keeps the state under the store's name
  delete pinia.state.value[store.$id]
}
